package humblequill.core.promise;

import humblequill.core.course.placement.MissedWork;
import java.time.DayOfWeek;
import java.util.Set;

/** Promises for tests: drawings of anything, two minutes each. */
final class Quotas {
  static final DrawingDays EVERY_DAY = new DrawingDays(day -> true, Set.of());

  private Quotas() {}

  static Quota of(Promise promise, MissedWork policy, DayOfWeek... rest) {
    return of(promise, policy, Counting.all(Counting.Unit.DRAWINGS), rest);
  }

  static Quota of(Promise promise, MissedWork policy, Counting counting, DayOfWeek... rest) {
    boolean prompts = promise instanceof Promise.PromptList;
    return new Quota(
        "Mooring posts",
        promise,
        prompts ? Counting.all(Counting.Unit.PROMPTS) : counting,
        Set.of(rest),
        policy,
        Set.of(),
        120,
        PromiseTime.OF_THE_DAY);
  }
}
