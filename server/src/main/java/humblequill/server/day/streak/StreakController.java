package humblequill.server.day.streak;

import humblequill.server.ground.settings.SettingsService;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/streaks")
class StreakController {
  private final StreakService service;
  private final SettingsService settings;

  StreakController(StreakService service, SettingsService settings) {
    this.service = service;
    this.settings = settings;
  }

  @GetMapping
  List<StreakView> streaks() {
    return service.all(settings.learner());
  }
}
