package humblequill.core.course;

import java.util.ArrayList;
import java.util.List;

/** Small courses for tests. */
public final class Courses {
  private Courses() {}

  public static Exercise drill(String id, int drawings, int secondsEach) {
    return Exercise.plain(
        id,
        "Title of " + id,
        ExerciseKind.DRILL,
        Exercise.Target.drawings(drawings, secondsEach, 1),
        List.of());
  }

  public static CourseWeek week(String title, List<String> topics, Exercise... exercises) {
    return new CourseWeek(title, "", topics, List.of(exercises), List.of());
  }

  /** A course of these weeks. */
  public static Course of(CourseWeek... weeks) {
    return new Course("c", "C", "", List.of(weeks));
  }

  /** Weeks of one drill each, named d1, d2 and so on. */
  public static Course drills(int weeks, int drawings, int secondsEach) {
    var all = new ArrayList<CourseWeek>();
    for (int i = 1; i <= weeks; i++) {
      all.add(week("Week " + i, List.of("topic " + i), drill("d" + i, drawings, secondsEach)));
    }
    return new Course("drills", "Drills", "", all);
  }
}
