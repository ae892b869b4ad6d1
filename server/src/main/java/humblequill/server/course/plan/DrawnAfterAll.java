package humblequill.server.course.plan;

import humblequill.core.course.placement.Decision;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.plan.Settling;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntriesChanged;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.util.Collections;
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
  private final PlacementService placements;
  private final PlanService plans;
  private final SettingsService settings;

  DrawnAfterAll(PlacementService placements, PlanService plans, SettingsService settings) {
    this.placements = placements;
    this.plans = plans;
    this.settings = settings;
  }

  @TransactionalEventListener(phase = TransactionPhase.BEFORE_COMMIT)
  void entriesChanged(EntriesChanged event) {
    var learner = settings.learner();
    if (event.days().stream().noneMatch(day -> day.isBefore(learner.today()))) {
      return;
    }
    for (var placed : placements.followed()) {
      for (var decision : placed.decisions()) {
        if (decision.settlesMissedDays()
            && !Collections.disjoint(decision.missedDays(), event.days())) {
          settleAgain(placements.need(placed.id()), decision, learner);
        }
      }
    }
  }

  private void settleAgain(PlacedCourse placed, Decision decision, Learner learner) {
    var today = learner.today();
    if (placed.whyKept(decision, today).isPresent()) {
      return;
    }
    var without = placed.on(placed.without(decision));
    var time = plans.planning(learner).timeOf(without);
    var changes = Settling.anew(decision.changes(), without.placement(), plans.done(placed), time);
    var stillMissed =
        changes.stream().flatMap(c -> c.missedDays().stream()).collect(Collectors.toSet());
    if (stillMissed.equals(decision.missedDays())) {
      return;
    }
    placements.undo(decision.id(), today);
    if (!changes.isEmpty()) {
      placements.change(placed, UUID.randomUUID(), changes, true, "", today);
    }
  }
}
