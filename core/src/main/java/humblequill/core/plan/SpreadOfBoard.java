package humblequill.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Reads a finished board as a spread: each day in the order of work, and what has no day. */
final class SpreadOfBoard {
  private SpreadOfBoard() {}

  static Spread read(Board board, DayOrder order) {
    var inOrder =
        IntStream.range(0, board.works())
            .boxed()
            .sorted(Comparator.comparingInt(i -> order.rank(board.work(i).kind())))
            .toList();
    var plans = new ArrayList<DayPlan>();
    long room = 0;
    for (int day = 0; day < board.days(); day++) {
      plans.add(plan(board, day, inOrder));
      room += board.day(day).effectiveSeconds();
    }
    var shortfalls = new ArrayList<Shortfall>();
    long seconds = 0;
    for (int work = 0; work < board.works(); work++) {
      seconds += board.work(work).seconds();
      if (board.unplaced(work) > 0) {
        shortfalls.add(shortfall(board, work));
      }
    }
    return new Spread(plans, shortfalls, seconds, room);
  }

  private static DayPlan plan(Board board, int day, List<Integer> inOrder) {
    var shares = new ArrayList<Share>();
    for (int i : inOrder) {
      if (board.units(i, day) > 0) {
        var work = board.work(i);
        shares.add(Share.of(work.id(), board.units(i, day), work.secondsEach()));
      }
    }
    return new DayPlan(board.day(day).date(), board.day(day).effectiveSeconds(), shares);
  }

  private static Shortfall shortfall(Board board, int i) {
    var work = board.work(i);
    long seconds = (long) board.unplaced(i) * work.secondsEach();
    return new Shortfall(
        work.id(), board.unplaced(i), (int) Math.min(Integer.MAX_VALUE, seconds), reason(board, i));
  }

  private static Shortfall.Reason reason(Board board, int work) {
    if (board.firstDay(work) >= board.days()) {
      return Shortfall.Reason.WAITS_FOR_ANOTHER;
    }
    boolean anyLongEnough =
        IntStream.range(0, board.days())
            .anyMatch(d -> board.day(d).effectiveSeconds() >= board.work(work).secondsEach());
    return anyLongEnough ? Shortfall.Reason.NO_ROOM : Shortfall.Reason.UNIT_TOO_LONG;
  }
}
