package humblequill.server.plan;

import humblequill.core.course.PlanChange;
import humblequill.core.plan.WeekPlans;
import humblequill.server.course.CourseService;
import humblequill.server.course.Decision;
import humblequill.server.course.PlacedCourse;
import humblequill.server.entry.EntriesChanged;
import humblequill.server.settings.Learner;
import humblequill.server.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Takes back what a missed day changed by itself once it turns out that it was not missed, because
 * an entry was dated back to it. Days that stay missed are settled as before.
 */
@Component
class DrawnAfterAll {
  private final CourseService courses;
  private final PlanService plans;
  private final SettingsService settings;

  DrawnAfterAll(CourseService courses, PlanService plans, SettingsService settings) {
    this.courses = courses;
    this.plans = plans;
    this.settings = settings;
  }

  @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
  void entriesChanged(EntriesChanged event) {
    var learner = settings.learner();
    if (event.days().stream().noneMatch(day -> day.isBefore(learner.today()))) {
      return;
    }
    for (var placed : courses.followed()) {
      for (var decision : placed.decisions()) {
        if (ofMissedDays(decision) && drawn(placed, decision, event)) {
          settleAgain(placed.id(), decision, learner);
        }
      }
    }
  }

  private static boolean ofMissedDays(Decision decision) {
    return decision.automatic()
        && !decision.undone()
        && decision.changes().stream().noneMatch(change -> dates(change).isEmpty());
  }

  private static Set<LocalDate> dates(PlanChange change) {
    if (change instanceof PlanChange.Slide slide) {
      return slide.dates();
    }
    return change instanceof PlanChange.LetGo letGo ? letGo.dates() : Set.of();
  }

  private boolean drawn(PlacedCourse placed, Decision decision, EntriesChanged event) {
    var days = new HashSet<LocalDate>();
    decision.changes().forEach(change -> days.addAll(dates(change)));
    days.retainAll(event.days());
    return !days.isEmpty()
        && plans.done(placed).values().stream()
            .anyMatch(units -> days.stream().anyMatch(day -> units.getOrDefault(day, 0) > 0));
  }

  private void settleAgain(UUID placement, Decision decision, Learner learner) {
    var today = learner.today();
    if (courses.whyNotUndone(courses.need(placement), decision, today).isPresent()) {
      return;
    }
    courses.undo(decision.id(), today);
    var placed = courses.need(placement);
    var time = plans.planning(learner).timeOf(placed);
    var done = plans.done(placed);
    var changes = new ArrayList<PlanChange>();
    for (var change : decision.changes()) {
      var key = change.touches().iterator().next();
      var open = WeekPlans.open(placed.placement().week(key).orElseThrow(), done, time);
      var missed = new HashSet<>(open.missedDays());
      missed.retainAll(dates(change));
      if (!missed.isEmpty()) {
        changes.add(
            change instanceof PlanChange.Slide
                ? new PlanChange.Slide(key, missed)
                : new PlanChange.LetGo(key, missed, open.missedUnits(missed)));
      }
    }
    if (!changes.isEmpty()) {
      courses.change(placed, UUID.randomUUID(), changes, true, "", today);
    }
  }
}
