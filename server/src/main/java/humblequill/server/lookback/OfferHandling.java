package humblequill.server.lookback;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.ground.message.Message;
import humblequill.server.course.plan.ChangeToMake;
import humblequill.server.course.plan.PreviewView;
import humblequill.server.ground.settings.Learner;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/**
 * All that is done with one offered change. Each kind of offer gives each part, so that none can be
 * half made.
 *
 * @param effect what it would do to the plan of the course in front; empty where it changes none
 * @param taken what is done when it is taken, beside a change of the plan
 * @param planned the change of the plan, where it is one
 * @param stands whether it still holds, where that is not told by the decision it made in a plan
 * @param since what was drawn, said or read of its subject in the week that begins with a day; 0
 *     where that tells nothing
 */
record OfferHandling(
    BiFunction<PlacedCourse, Learner, Optional<PreviewView>> effect,
    Runnable taken,
    Optional<Planned> planned,
    Predicate<Learner> stands,
    ToIntFunction<LocalDate> since) {

  /**
   * A change of the plan.
   *
   * @param change as it is asked for; empty where the plan has moved on
   * @param reason why the plan changed, as its history tells it
   */
  record Planned(Function<PlacedCourse, Optional<ChangeToMake>> change, Message reason) {}
}
