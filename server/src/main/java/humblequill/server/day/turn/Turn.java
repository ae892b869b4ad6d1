package humblequill.server.day.turn;

import humblequill.server.course.plan.PlanService;
import humblequill.server.ground.data.NotKept;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.sitting.SittingService;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Settles what time alone changes, before any answer that depends on it: once per practice day the
 * plans, and sittings whose time is over.
 */
@Component
class Turn {
  private static final Logger log = LoggerFactory.getLogger(Turn.class);

  private final SettingsService settings;
  private final PlanService plans;
  private final SittingService sittings;
  private @Nullable LocalDate settled;

  Turn(SettingsService settings, PlanService plans, SittingService sittings) {
    this.settings = settings;
    this.plans = plans;
    this.sittings = sittings;
  }

  /** A failure is tried again with the next request; what can be read is still answered. */
  void settle() {
    try {
      if (sittings.underWay().isPresent()) {
        sittings.settle();
      }
      settlePlans(settings.learner().today());
    } catch (NotKept e) {
      log.debug("The turn of the day waits until the disk takes it", e);
    } catch (RuntimeException e) {
      log.warn("What the turn of the day changes could not be written", e);
    }
  }

  private synchronized void settlePlans(LocalDate today) {
    if (!today.equals(settled)) {
      plans.settle();
      settled = today;
    }
  }
}
