package humblequill.server.today;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/today")
class TodayController {
  private final TodayService service;

  TodayController(TodayService service) {
    this.service = service;
  }

  @GetMapping
  TodayView today() {
    return service.today();
  }
}
