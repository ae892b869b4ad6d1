package humblequill.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/course")
class CourseController {
  private final PlanService service;

  CourseController(PlanService service) {
    this.service = service;
  }

  @GetMapping
  CourseView course(@RequestParam @Nullable Integer week) {
    return service.course(week);
  }

  @PutMapping
  CourseView place(@RequestBody @Valid ToPlace place) {
    return service.place(place.courseId(), place.start());
  }

  @DeleteMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void leave() {
    service.leave();
  }

  /** A course and the first day of its first week. */
  record ToPlace(@NotBlank @Size(max = 80) String courseId, @NotNull LocalDate start) {}
}
