package humblequill.server.plan;

import humblequill.core.course.CourseWeek;
import humblequill.core.course.Placement;
import humblequill.server.course.PlacedCourse;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * The course that is followed.
 *
 * @param placed null without a course; everything else is then empty
 * @param exercises every exercise of the course, by week
 * @param today the open practice day
 */
public record CourseView(
    @Nullable Placed placed,
    List<RulerWeek> ruler,
    @Nullable WeekTable week,
    List<NamedExercise> exercises,
    LocalDate today) {
  /** An exercise by its name and week. */
  public record NamedExercise(String exerciseId, String title, int week) {}

  /**
   * The placement.
   *
   * @param week number of the week that holds today; null before the start and after the end
   */
  public record Placed(
      String courseId,
      String title,
      String summary,
      int weeks,
      LocalDate start,
      LocalDate end,
      @Nullable Integer week) {}

  /**
   * A week on the ruler.
   *
   * @param days its length
   * @param doneShare part of its work that is done, 0 to 1
   * @param passed part of its days that has passed, 0 to 1
   * @param checkpoint whether it asks for drawings to compare with others
   */
  public record RulerWeek(
      int number,
      String title,
      LocalDate from,
      LocalDate to,
      int days,
      double doneShare,
      double passed,
      boolean checkpoint) {}

  static CourseView none(LocalDate today) {
    return new CourseView(null, List.of(), null, List.of(), today);
  }

  static CourseView of(
      PlacedCourse placed, List<RulerWeek> ruler, WeekTable week, LocalDate today) {
    var placement = placed.placement();
    var course = placement.course();
    return new CourseView(
        new Placed(
            course.id(),
            course.title(),
            course.summary(),
            course.weeks().size(),
            placement.start(),
            placement.end(),
            placement.weekOn(today).map(Placement.PlacedWeek::number).orElse(null)),
        ruler,
        week,
        exercises(placement),
        today);
  }

  private static List<NamedExercise> exercises(Placement placement) {
    return IntStream.rangeClosed(1, placement.course().weeks().size())
        .boxed()
        .flatMap(
            n ->
                placement.week(n).week().exercises().stream()
                    .map(e -> new NamedExercise(e.id(), e.title(), n)))
        .toList();
  }

  static List<RulerWeek> ruler(
      Placement placement, Map<String, Map<LocalDate, Integer>> done, LocalDate today) {
    return IntStream.rangeClosed(1, placement.course().weeks().size())
        .mapToObj(placement::week)
        .map(
            w ->
                new RulerWeek(
                    w.number(),
                    w.week().title(),
                    w.from(),
                    w.to(),
                    7,
                    doneShare(w.week(), done),
                    Math.max(0, Math.min(7, today.toEpochDay() - w.from().toEpochDay())) / 7.0,
                    w.week().exercises().stream()
                        .anyMatch(
                            e -> e.kind() == humblequill.core.course.ExerciseKind.CHECKPOINT)))
        .toList();
  }

  private static double doneShare(CourseWeek week, Map<String, Map<LocalDate, Integer>> done) {
    long doneSeconds = 0;
    for (var e : week.exercises()) {
      int units = done.getOrDefault(e.id(), Map.of()).values().stream().mapToInt(n -> n).sum();
      doneSeconds += (long) Math.min(units, e.target().quantity()) * e.secondsEach();
    }
    return week.seconds() == 0 ? 0 : (double) doneSeconds / week.seconds();
  }
}
