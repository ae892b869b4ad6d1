package humblequill.core.course.plan;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.day.entry.Done;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * What days that are over change in a plan by themselves: missed work by the course's policy, and
 * weeks that last until they are done.
 */
public final class Settling {
  private Settling() {}

  /**
   * The changes that follow from days that are over, those of one kind to one week as one.
   *
   * @param from first day that was not settled yet
   * @param time its today is the first day that is not over
   */
  public static List<PlanChange> due(
      Placement placement, Done done, PlanTime time, LocalDate from) {
    var changes = new ArrayList<PlanChange>();
    var plan = placement;
    for (var day = from; day.isBefore(time.today()); day = day.plusDays(1)) {
      var week = plan.weekOn(day);
      if (week.isEmpty()) {
        continue;
      }
      for (var change : after(day, week.get(), plan.policy(), done, time.at(day.plusDays(1)))) {
        changes.add(change);
        plan = plan.after(change);
      }
    }
    return joined(changes);
  }

  /**
   * What is left of settled changes now that more is known to be done: each for those of its days
   * that are missed still.
   *
   * @param settled changes of missed days
   * @param without the plan without them
   */
  public static List<PlanChange> anew(
      List<PlanChange> settled, Placement without, Done done, PlanTime time) {
    var changes = new ArrayList<PlanChange>();
    for (var change : settled) {
      var policy = change.settles().orElse(MissedWork.SPREAD);
      for (var key : change.touches()) {
        var open = WeekPlans.open(without.week(key).orElseThrow(), done, time);
        var missed = new TreeSet<>(open.missedDays());
        missed.retainAll(change.missedDays());
        PlanPreview.forMissed(policy, key, open, missed).ifPresent(changes::add);
      }
    }
    return changes;
  }

  /** Changes of the same kind to the same week as one, so that the history stays readable. */
  private static List<PlanChange> joined(List<PlanChange> changes) {
    var joined = new ArrayList<PlanChange>();
    for (var change : changes) {
      int like = 0;
      while (like < joined.size() && !joined.get(like).isLike(change)) {
        like++;
      }
      if (like < joined.size()) {
        joined.set(like, joined.get(like).joinedWith(change));
      } else {
        joined.add(change);
      }
    }
    return joined;
  }

  private static List<PlanChange> after(
      LocalDate day, PlacedWeek week, MissedWork policy, Done done, PlanTime next) {
    var open = WeekPlans.open(week, done, next);
    int longest = PlacedWeek.MAX_DAYS;
    var changes = new ArrayList<PlanChange>();
    int days = week.days();
    if (policy != MissedWork.SPREAD && open.missedDays().contains(day)) {
      boolean slides = policy == MissedWork.SLIDE;
      if (!slides || days < longest) {
        PlanPreview.forMissed(policy, week.key(), open, Set.of(day)).ifPresent(changes::add);
        days += slides ? 1 : 0;
      }
    }
    int begun = (int) (day.toEpochDay() - week.from().toEpochDay()) + 1;
    if (week.untilDone() && !week.week().exercises().isEmpty()) {
      if (open.wasDone() && begun < days) {
        changes.add(new PlanChange.Stretch(week.key(), begun));
      } else if (!open.wasDone() && begun == days && days < longest) {
        changes.add(new PlanChange.Stretch(week.key(), Math.min(longest, days + needed(open))));
      }
    }
    return changes;
  }

  /** Days after the week that what is left needs; at least one. */
  private static int needed(OpenWeek open) {
    var last = open.days().get(open.days().size() - 1).date();
    return RemedyFinder.extraDays(open.left(), List.of(), open.nextDays(), open.order())
        .map(extra -> (int) (extra.until().toEpochDay() - last.toEpochDay()))
        .orElse(1);
  }
}
