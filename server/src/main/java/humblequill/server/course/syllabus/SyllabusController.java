package humblequill.server.course.syllabus;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/syllabus")
class SyllabusController {
  private final SyllabusService service;

  SyllabusController(SyllabusService service) {
    this.service = service;
  }

  /** Reads a course from plain lines; nothing is kept. */
  @PostMapping
  SyllabusView read(@RequestBody @Valid PlainCourse course) {
    return service.read(course.text());
  }

  /** A course in plain lines. */
  record PlainCourse(@NotNull @Size(max = 20_000) String text) {}
}
