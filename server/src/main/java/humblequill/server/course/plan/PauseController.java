package humblequill.server.course.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/pauses")
class PauseController {
  private final PauseService service;

  PauseController(PauseService service) {
    this.service = service;
  }

  @PostMapping("/preview")
  List<PauseService.Waiting> preview(@RequestBody @Valid Span span) {
    return service.preview(span);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void pause(@RequestBody @Valid ToPause pause) {
    service.pause(pause);
  }

  @PostMapping("/undo")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void undo(@RequestBody @Valid ToPause pause) {
    service.undo(pause);
  }

  /** A span; both days belong to it. */
  record Span(@NotNull LocalDate from, @NotNull LocalDate to) {}

  /**
   * A pause to make, or to take back.
   *
   * @param id made by the client, so that a retry never pauses twice
   * @param coursesWait whether the courses wait as long, or go on with the days left
   */
  record ToPause(
      @NotNull UUID id,
      @NotNull @Valid Span span,
      @NotNull @Size(max = 200) String reason,
      boolean coursesWait) {}
}
