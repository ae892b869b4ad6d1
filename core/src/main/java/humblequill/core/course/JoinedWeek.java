package humblequill.core.course;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;

/** One week made of two about the same topic. */
public final class JoinedWeek {
  private JoinedWeek() {}

  /** What becomes of two weeks about the same topic. */
  public enum As {
    /** One week with the work of both. */
    BOTH,
    /** One week with the work of the one that has more of it. */
    RICHER,
    /** One week with a part of each, together as long as the longer one. */
    PART_OF_EACH,
    /** They stay two weeks. */
    TWO_WEEKS
  }

  static CourseWeek of(CourseWeek a, CourseWeek b, As as) {
    return switch (as) {
      case RICHER -> withResources(b.seconds() > a.seconds() ? b : a, a, b);
      case PART_OF_EACH -> {
        double part = (double) Math.max(a.seconds(), b.seconds()) / (a.seconds() + b.seconds());
        yield both(part(a, part), part(b, part));
      }
      case BOTH, TWO_WEEKS -> both(a, b);
    };
  }

  private static CourseWeek withResources(CourseWeek week, CourseWeek a, CourseWeek b) {
    return new CourseWeek(
        week.title(),
        week.aim(),
        week.topics(),
        week.exercises(),
        union(a.resources(), b.resources()));
  }

  private static CourseWeek both(CourseWeek a, CourseWeek b) {
    var exercises = new ArrayList<>(a.exercises());
    exercises.addAll(b.exercises());
    var title = a.title().equalsIgnoreCase(b.title()) ? a.title() : a.title() + " · " + b.title();
    var aim = a.aim().isEmpty() || b.aim().isEmpty() ? a.aim() + b.aim() : a.aim() + " " + b.aim();
    return new CourseWeek(
        title, aim, union(a.topics(), b.topics()), exercises, union(a.resources(), b.resources()));
  }

  /** At least one unit of every exercise stays. */
  private static CourseWeek part(CourseWeek week, double part) {
    return week.withExercises(
        week.exercises().stream()
            .flatMap(
                e -> {
                  int quantity = e.target().quantity();
                  int kept = (int) Math.max(1, Math.floor(quantity * part));
                  return e.fewer(quantity - kept).stream();
                })
            .toList());
  }

  private static List<String> union(List<String> some, List<String> others) {
    var all = new LinkedHashSet<>(some);
    all.addAll(others);
    return List.copyOf(all);
  }
}
