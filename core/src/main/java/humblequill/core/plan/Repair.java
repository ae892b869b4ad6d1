package humblequill.core.plan;

import java.util.ArrayList;

/** Lets left-over units in by moving single units of other work out of their way. */
final class Repair {
  private final Board board;
  private final int work;

  private Repair(Board board, int work) {
    this.board = board;
    this.work = work;
  }

  /** Repairs one work as far as it goes. */
  static void of(Board board, int work) {
    var repair = new Repair(board, work);
    while (board.unplaced(work) > 0 && repair.letIn()) {
      board.setUnplaced(work, board.unplaced(work) - 1);
    }
  }

  /**
   * One unit of a work that goes from one day to another.
   *
   * @param seconds what it takes
   */
  private record Move(int work, int from, int to, int seconds) {
    void make(Board board) {
      board.put(work, from, -1);
      board.put(work, to, 1);
    }

    void takeBack(Board board) {
      board.put(work, to, -1);
      board.put(work, from, 1);
    }
  }

  private boolean letIn() {
    for (int day = board.firstDay(work); day < board.endDay(work); day++) {
      if (clear(day)) {
        board.put(work, day, 1);
        return true;
      }
    }
    return false;
  }

  /** Moves units off a day until one unit of the work fits; none when that cannot be. */
  private boolean clear(int day) {
    var made = new ArrayList<Move>();
    while (!board.hasRoom(day, board.work(work).secondsEach())) {
      var move = shortestFrom(day);
      if (move == null) {
        made.forEach(m -> m.takeBack(board));
        return false;
      }
      move.make(board);
      made.add(move);
    }
    return true;
  }

  /** The shortest unit that can leave the day for another; null when none can. */
  private Move shortestFrom(int day) {
    Move best = null;
    for (int other = 0; other < board.works(); other++) {
      if (mayLeave(other, day)
          && (best == null || board.work(other).secondsEach() < best.seconds())) {
        var move = away(other, day);
        best = move == null ? best : move;
      }
    }
    return best;
  }

  /** Constraint: the work itself and pinned work stay where they are. */
  private boolean mayLeave(int other, int day) {
    return other != work && board.units(other, day) > 0 && board.work(other).on().isEmpty();
  }

  private Move away(int other, int day) {
    int seconds = board.work(other).secondsEach();
    for (int to = board.firstDay(other); to < board.endDay(other); to++) {
      if (to != day && board.hasRoom(to, seconds)) {
        return new Move(other, day, to, seconds);
      }
    }
    return null;
  }
}
