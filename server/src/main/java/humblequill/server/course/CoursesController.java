package humblequill.server.course;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/courses")
class CoursesController {
  private final CourseService service;

  CoursesController(CourseService service) {
    this.service = service;
  }

  @GetMapping
  Courses courses() {
    return service.courses();
  }
}
