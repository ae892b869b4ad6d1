package humblequill.server.course;

import humblequill.core.course.CourseWeek;
import humblequill.core.ground.name.Fold;
import humblequill.server.ground.edge.Refusal;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Courses by their id, and weeks of all courses to make detours from. */
@Component
public class CourseWeeks {
  private final CourseLibrary library;

  CourseWeeks(CourseLibrary library) {
    this.library = library;
  }

  /** A week of a course that touches a topic. */
  public record Found(String courseId, String courseTitle, int week, String weekTitle) {}

  /** A course by its id. */
  public CourseFormat.Parsed need(String courseId) {
    return library.find(courseId).orElseThrow(() -> Refusal.notFound("course", courseId));
  }

  /** The weeks of a course. */
  public List<CourseWeek> weeksOf(String courseId) {
    return need(courseId).course().weeks();
  }

  /**
   * The week of any other course that is most about a topic: it comes first among its topics, or
   * earliest.
   *
   * @param notFrom id of the course to leave out
   */
  public Optional<Found> about(String topic, String notFrom) {
    Found best = null;
    int bestPlace = Integer.MAX_VALUE;
    for (var known : library.all().courses()) {
      var course = known.parsed().course();
      for (int i = 0; i < course.weeks().size() && !course.id().equals(notFrom); i++) {
        int place = place(course.weeks().get(i), topic);
        if (place >= 0 && place < bestPlace) {
          bestPlace = place;
          best = new Found(course.id(), course.title(), i + 1, course.weeks().get(i).title());
        }
      }
    }
    return Optional.ofNullable(best);
  }

  private static int place(CourseWeek week, String topic) {
    return week.topics().stream().map(Fold::of).toList().indexOf(Fold.of(topic));
  }
}
