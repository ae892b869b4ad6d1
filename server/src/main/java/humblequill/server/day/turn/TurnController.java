package humblequill.server.day.turn;

import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/turn")
class TurnController {
  private final SettingsService settings;

  TurnController(SettingsService settings) {
    this.settings = settings;
  }

  @GetMapping
  PracticeDay day() {
    var learner = settings.learner();
    var ends = learner.clock().startOf(learner.today().plusDays(1));
    return new PracticeDay(
        learner.today(), Math.max(0, ends.toEpochMilli() - learner.now().toEpochMilli()));
  }

  /**
   * The open practice day.
   *
   * @param endsInMillis milliseconds until the next one begins
   */
  record PracticeDay(LocalDate day, long endsInMillis) {}
}
