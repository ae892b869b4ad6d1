package humblequill.core.course.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Reads a finished draft as a spread: each day in the order of work, and what has no day. */
final class SpreadOfDraft {
  private SpreadOfDraft() {}

  static Spread read(PlanDraft draft, DayOrder order) {
    var inOrder =
        IntStream.range(0, draft.works())
            .boxed()
            .sorted(Comparator.comparingInt(i -> order.rank(draft.work(i))))
            .toList();
    var plans = new ArrayList<DayPlan>();
    long room = 0;
    for (int day = 0; day < draft.days(); day++) {
      plans.add(plan(draft, day, inOrder));
      room += draft.day(day).effectiveSeconds();
    }
    var shortfalls = new ArrayList<Shortfall>();
    long seconds = 0;
    for (int work = 0; work < draft.works(); work++) {
      seconds += draft.work(work).seconds();
      if (draft.unplaced(work) > 0) {
        shortfalls.add(shortfall(draft, work));
      }
    }
    return new Spread(plans, shortfalls, seconds, room);
  }

  private static DayPlan plan(PlanDraft draft, int day, List<Integer> inOrder) {
    var shares = new ArrayList<Share>();
    for (int i : inOrder) {
      if (draft.units(i, day) > 0) {
        var work = draft.work(i);
        shares.add(Share.of(work.id(), draft.units(i, day), work.secondsEach()));
      }
    }
    return new DayPlan(draft.day(day).date(), draft.day(day).effectiveSeconds(), shares);
  }

  private static Shortfall shortfall(PlanDraft draft, int i) {
    var work = draft.work(i);
    long seconds = (long) draft.unplaced(i) * work.secondsEach();
    return new Shortfall(
        work.id(), draft.unplaced(i), (int) Math.min(Integer.MAX_VALUE, seconds), reason(draft, i));
  }

  private static Shortfall.Reason reason(PlanDraft draft, int work) {
    if (draft.firstDay(work) >= draft.days()) {
      return Shortfall.Reason.WAITS_FOR_ANOTHER;
    }
    boolean anyLongEnough =
        IntStream.range(0, draft.days())
            .anyMatch(d -> draft.day(d).effectiveSeconds() >= draft.work(work).secondsEach());
    return anyLongEnough ? Shortfall.Reason.NO_ROOM : Shortfall.Reason.UNIT_TOO_LONG;
  }
}
