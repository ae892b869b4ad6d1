package humblequill.server.course.plan;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A course that is followed.
 *
 * @param placed null without a course; everything else is then empty
 * @param followed all courses that are followed, the main one first
 * @param exercises every exercise of all followed courses, by week
 * @param remarks needs of the shown week and the next two that were never touched
 * @param pairs subjects that are drawn more than once, to lie side by side
 * @param today the open practice day
 */
public record CourseView(
    @Nullable Placed placed,
    List<Followed> followed,
    List<RulerWeek> ruler,
    @Nullable WeekTable week,
    List<NamedExercise> exercises,
    List<Remark> remarks,
    List<Pair> pairs,
    LocalDate today) {
  /**
   * An exercise by its name, week and course.
   *
   * @param placement the placed course
   * @param course its title
   * @param now whether its week holds today
   */
  public record NamedExercise(
      String exerciseId,
      String title,
      UUID placement,
      String course,
      String weekKey,
      String weekTitle,
      boolean now) {}

  /**
   * A course that is followed.
   *
   * @param weight its part of the room where both have work, against the other's weight
   */
  public record Followed(UUID placement, String title, boolean side, int weight) {}

  /**
   * The placement.
   *
   * @param week number of the course week that holds today; null before the start, after the end,
   *     and in weeks that the course does not have
   * @param weekKey key of the week that holds today; null before the start and after the end
   * @param policy what becomes of missed work
   * @param missedDays days of the current week that were missed and are not settled
   */
  public record Placed(
      UUID placement,
      String courseId,
      String title,
      String summary,
      int weeks,
      LocalDate start,
      LocalDate end,
      @Nullable Integer week,
      @Nullable String weekKey,
      boolean side,
      int weight,
      MissedWork policy,
      List<LocalDate> missedDays) {}

  /**
   * A week on the ruler.
   *
   * @param key names it in changes
   * @param number its number in the course; null for weeks that the course does not have
   * @param days its length
   * @param doneShare part of its work that is done, 0 to 1
   * @param passed part of its days that has passed, 0 to 1
   * @param checkpoint whether it asks for drawings to compare with others
   */
  public record RulerWeek(
      String key,
      @Nullable Integer number,
      PlacedWeek.Role role,
      String title,
      LocalDate from,
      LocalDate to,
      int days,
      boolean untilDone,
      double doneShare,
      double passed,
      boolean checkpoint) {}

  /**
   * A need that was never touched.
   *
   * @param weekKey the week that needs it
   * @param number that week's number; null for weeks that the course does not have
   * @param topic its topic that needs it
   * @param need the topic with 0 minutes
   * @param detourCourseId a course with a week about it; null when there is none
   * @param detourWeek number of that week
   * @param detourTitle course and week by name; empty when there is none
   */
  public record Remark(
      String weekKey,
      @Nullable Integer number,
      String topic,
      String need,
      @Nullable String detourCourseId,
      @Nullable Integer detourWeek,
      String detourTitle) {}

  /** One subject and its drawings, in order. */
  public record Pair(List<Moment> moments) {}

  /**
   * One drawing of a pair.
   *
   * @param weekFrom first day of its week
   * @param drawnOn when it was drawn; null while it was not
   */
  public record Moment(
      String exerciseId, String title, LocalDate weekFrom, @Nullable LocalDate drawnOn) {}

  static CourseView none(LocalDate today) {
    return new CourseView(null, List.of(), List.of(), null, List.of(), List.of(), List.of(), today);
  }
}
