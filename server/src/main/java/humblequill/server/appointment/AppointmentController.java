package humblequill.server.appointment;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/appointments")
class AppointmentController {
  private final AppointmentService service;

  AppointmentController(AppointmentService service) {
    this.service = service;
  }

  @GetMapping
  Appointed read() {
    return new Appointed(service.read());
  }

  @PutMapping
  Appointed write(@RequestBody @Valid Appointed appointed) {
    return new Appointed(service.write(appointed.appointments()));
  }

  /** All appointments. */
  record Appointed(@NotNull @Size(max = 60) List<@Valid @NotNull AppointmentView> appointments) {}
}
