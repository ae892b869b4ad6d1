package humblequill.server.day;

import java.time.LocalDate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/days")
class DayController {
  private final DayService service;

  DayController(DayService service) {
    this.service = service;
  }

  @GetMapping("/{day}")
  DayView day(@PathVariable LocalDate day) {
    return service.day(day);
  }
}
