package humblequill.server.today;

import humblequill.server.plan.PlanService;
import humblequill.server.sitting.SittingService;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/today")
class TodayController {
  private final TodayService service;

  private final PlanService plans;

  private final SittingService sittings;

  TodayController(TodayService service, PlanService plans, SittingService sittings) {
    this.sittings = sittings;
    this.plans = plans;
    this.service = service;
  }

  @GetMapping
  TodayView today() {
    sittings.settle();
    plans.settle();
    return service.today();
  }
}
