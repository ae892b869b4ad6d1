package humblequill.core.course.plan;

import java.util.ArrayList;

/** Lets left-over units in by moving single units of other work out of their way. */
final class Repair {
  private final PlanDraft draft;
  private final int work;

  private Repair(PlanDraft draft, int work) {
    this.draft = draft;
    this.work = work;
  }

  /** Repairs one work as far as it goes. */
  static void of(PlanDraft draft, int work) {
    var repair = new Repair(draft, work);
    while (draft.unplaced(work) > 0 && repair.letIn()) {
      draft.setUnplaced(work, draft.unplaced(work) - 1);
    }
  }

  /**
   * One unit of a work that goes from one day to another.
   *
   * @param seconds what it takes
   */
  private record Move(int work, int from, int to, int seconds) {
    void make(PlanDraft draft) {
      draft.put(work, from, -1);
      draft.put(work, to, 1);
    }

    void takeBack(PlanDraft draft) {
      draft.put(work, to, -1);
      draft.put(work, from, 1);
    }
  }

  private boolean letIn() {
    for (int day = draft.firstDay(work); day < draft.endDay(work); day++) {
      if (clear(day)) {
        draft.put(work, day, 1);
        return true;
      }
    }
    return false;
  }

  /** Moves units off a day until one unit of the work fits; none when that cannot be. */
  private boolean clear(int day) {
    var made = new ArrayList<Move>();
    while (!draft.hasRoom(day, draft.work(work).secondsEach())) {
      var move = shortestFrom(day);
      if (move == null) {
        made.forEach(m -> m.takeBack(draft));
        return false;
      }
      move.make(draft);
      made.add(move);
    }
    return true;
  }

  /** The shortest unit that can leave the day for another; null when none can. */
  private Move shortestFrom(int day) {
    Move best = null;
    for (int other = 0; other < draft.works(); other++) {
      if (mayLeave(other, day)
          && (best == null || draft.work(other).secondsEach() < best.seconds())) {
        var move = away(other, day);
        best = move == null ? best : move;
      }
    }
    return best;
  }

  /** Constraint: the work itself and pinned work stay where they are. */
  private boolean mayLeave(int other, int day) {
    return other != work && draft.units(other, day) > 0 && draft.work(other).on().isEmpty();
  }

  private Move away(int other, int day) {
    int seconds = draft.work(other).secondsEach();
    for (int to = draft.firstDay(other); to < draft.endDay(other); to++) {
      if (to != day && draft.hasRoom(to, seconds)) {
        return new Move(other, day, to, seconds);
      }
    }
    return null;
  }
}
