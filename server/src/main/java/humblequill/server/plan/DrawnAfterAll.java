package humblequill.server.plan;

import humblequill.core.course.PlanChange;
import humblequill.core.plan.Settling;
import humblequill.server.course.CourseService;
import humblequill.server.course.Decision;
import humblequill.server.course.PlacedCourse;
import humblequill.server.entry.EntriesChanged;
import humblequill.server.settings.Learner;
import humblequill.server.settings.SettingsService;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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
        if (ofMissedDays(decision)
            && !Collections.disjoint(missedDays(decision.changes()), event.days())) {
          settleAgain(courses.need(placed.id()), decision, learner);
        }
      }
    }
  }

  private static boolean ofMissedDays(Decision decision) {
    return decision.automatic()
        && !decision.undone()
        && decision.changes().stream().noneMatch(change -> Settling.missedDays(change).isEmpty());
  }

  private static Set<LocalDate> missedDays(List<PlanChange> changes) {
    return changes.stream()
        .flatMap(change -> Settling.missedDays(change).stream())
        .collect(Collectors.toSet());
  }

  private void settleAgain(PlacedCourse placed, Decision decision, Learner learner) {
    var today = learner.today();
    if (courses.whyNotUndone(placed, decision, today).isPresent()) {
      return;
    }
    var without = placed.on(courses.without(placed, decision));
    var time = plans.planning(learner).timeOf(without);
    var changes = Settling.anew(decision.changes(), without.placement(), plans.done(placed), time);
    if (missedDays(changes).equals(missedDays(decision.changes()))) {
      return;
    }
    courses.undo(decision.id(), today);
    if (!changes.isEmpty()) {
      courses.change(placed, UUID.randomUUID(), changes, true, "", today);
    }
  }
}
