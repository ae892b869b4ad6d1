package humblequill.server.today;

import humblequill.server.plan.PlanService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/today")
class TodayController {
  private final TodayService service;

  private final PlanService plans;

  TodayController(TodayService service, PlanService plans) {
    this.plans = plans;
    this.service = service;
  }

  @GetMapping
  TodayView today() {
    plans.settle();
    return service.today();
  }
}
