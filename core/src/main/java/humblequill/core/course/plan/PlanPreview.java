package humblequill.core.course.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.course.placement.PlanChangeException;
import humblequill.core.day.entry.Done;
import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What a plan looks like after changes, before they are made.
 *
 * @param placement the plan with the changes
 * @param end its last day
 * @param week the week in question, planned; empty when the changes removed it
 * @param droppedDrawings drawings that are no longer asked for
 * @param droppedMinutes minutes of work counted in minutes that are no longer asked for
 * @param refused why it cannot be done; empty when it can
 */
public record PlanPreview(
    Placement placement,
    LocalDate end,
    Optional<OpenWeek.Outlook> week,
    int droppedDrawings,
    int droppedMinutes,
    Optional<Message> refused) {

  /**
   * Looks ahead.
   *
   * @param changes in the order they would be made; none shows the plan as it is
   * @param weekKey the week whose days are shown
   * @param done what was done of the exercises
   */
  public static PlanPreview of(
      Placement before, List<PlanChange> changes, String weekKey, Done done, PlanTime time) {
    var after = before;
    try {
      for (var change : changes) {
        after = after.after(change);
      }
      if (!after.samePast(before, time.today())) {
        throw new PlanChangeException(Message.of("course.wouldMovePast"));
      }
    } catch (PlanChangeException e) {
      return view(before, before, weekKey, done, time, Optional.of(e.why()));
    }
    return view(before, after, weekKey, done, time, Optional.empty());
  }

  private static PlanPreview view(
      Placement before,
      Placement after,
      String weekKey,
      Done done,
      PlanTime time,
      Optional<Message> refused) {
    var was = quantities(before);
    var is = quantities(after);
    int drawings = 0;
    int minutes = 0;
    for (var id : was.keySet()) {
      int gone = Math.max(0, was.get(id) - is.getOrDefault(id, 0));
      var exercise = before.exercise(id).orElseThrow();
      if (exercise.target().unit() == Exercise.Unit.DRAWINGS) {
        drawings += gone;
      } else {
        minutes += gone;
      }
    }
    return new PlanPreview(
        after,
        after.end(),
        after.week(weekKey).map(w -> WeekPlans.open(w, done, time).outlookAlone()),
        drawings,
        minutes,
        refused);
  }

  private static Map<String, Integer> quantities(Placement plan) {
    var quantities = new HashMap<String, Integer>();
    for (PlacedWeek week : plan.weeks()) {
      week.week().exercises().forEach(e -> quantities.put(e.id(), e.target().quantity()));
    }
    return quantities;
  }

  /** The change that each policy would make now for what the week missed; none for spreading. */
  public static Optional<PlanChange> forMissed(MissedWork policy, String weekKey, OpenWeek open) {
    return forMissed(policy, weekKey, open, open.missedDays());
  }

  /** The same for some of the days that it missed. */
  static Optional<PlanChange> forMissed(
      MissedWork policy, String weekKey, OpenWeek open, Set<LocalDate> missed) {
    if (missed.isEmpty()) {
      return Optional.empty();
    }
    return switch (policy) {
      case SPREAD -> Optional.empty();
      case SLIDE -> Optional.of(new PlanChange.Slide(weekKey, missed));
      case LET_GO -> Optional.of(new PlanChange.LetGo(weekKey, missed, open.missedUnits(missed)));
    };
  }
}
