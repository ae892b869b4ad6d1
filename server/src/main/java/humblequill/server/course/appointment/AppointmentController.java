package humblequill.server.course.appointment;

import humblequill.core.course.plan.Appointments;
import humblequill.server.ground.settings.SettingsService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/appointments")
class AppointmentController {
  private static final int WEEKS_AHEAD = 8;

  private final AppointmentService service;
  private final SettingsService settings;

  AppointmentController(AppointmentService service, SettingsService settings) {
    this.service = service;
    this.settings = settings;
  }

  @GetMapping
  Appointed read() {
    return new Appointed(service.read());
  }

  @PutMapping
  Appointed write(@RequestBody @Valid Appointed appointed) {
    return new Appointed(service.write(appointed.appointments()));
  }

  @PostMapping("/check")
  Clashing check(@RequestBody @Valid Appointed appointed) {
    var learner = settings.learner();
    return new Clashing(
        service
            .check(appointed.appointments())
            .repeatedClashes(
                learner.today(), learner.today().plusWeeks(WEEKS_AHEAD), learner.availability()));
  }

  /** What is in the way of appointments in the weeks to come. */
  record Clashing(List<Appointments.Repeated> clashes) {}

  /** All appointments. */
  record Appointed(@NotNull @Size(max = 60) List<@Valid @NotNull AppointmentView> appointments) {}
}
