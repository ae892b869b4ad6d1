package humblequill.core.lookback;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;

/**
 * What would make the end of a course that falls behind true again: more minutes, less work, or a
 * later end.
 *
 * @param moreAWeek minutes a week more than the weeks so far brought
 * @param minutesADay the least a day of the next week would offer, so that it brings so many more;
 *     0 where it has no day with room
 * @param dropMinutes work that would have to go so that the rest is done at the pace so far
 * @param drop of it that can be dropped in the next week, units by exercise: what comes in most
 *     units first, and never the last one
 * @param week key of the next week
 * @param days length of that week, so that the course ends about when it really will
 */
public record BackOnPlan(
    int moreAWeek,
    int minutesADay,
    int dropMinutes,
    Map<String, Integer> drop,
    String week,
    int days) {
  private static final int MOST_A_DAY = 960;
  private static final int DAYS = 7;

  /**
   * The ways back.
   *
   * @param room minutes a date offers now
   * @return empty where nothing is behind, or no week is to come
   */
  public static Optional<BackOnPlan> of(
      PlacedCourse course, CourseEnd end, LocalDate today, ToIntFunction<LocalDate> room) {
    var next = course.placement().weeks().stream().filter(w -> w.from().isAfter(today)).findFirst();
    if (next.isEmpty()
        || end.share() >= 1
        || end.ownWeeks() < CourseEnd.ENOUGH
        || end.middle().filter(m -> !m.isAfter(end.byPlan())).isPresent()) {
      return Optional.empty();
    }
    var ahead = course.placement().weeks().stream().filter(w -> w.from().isAfter(today)).toList();
    double planned = ahead.stream().mapToDouble(LessWork::minutes).sum();
    double weeks =
        ahead.stream().mapToLong(w -> ChronoUnit.DAYS.between(w.from(), w.to()) + 1).sum()
            / (double) DAYS;
    double missing = planned * (1 - end.share());
    int later = end.middle().map(m -> (int) ChronoUnit.DAYS.between(end.byPlan(), m)).orElse(0);
    int length = (int) ChronoUnit.DAYS.between(next.get().from(), next.get().to()) + 1;
    return Optional.of(
        new BackOnPlan(
            (int) Math.ceil(missing / weeks),
            minutesADay(next.get(), missing / weeks * length / DAYS, room),
            (int) Math.round(missing),
            LessWork.of(next.get(), LessWork.minutes(next.get()) * (1 - end.share())).units(),
            next.get().key(),
            Math.min(PlacedWeek.MAX_DAYS, length + later)));
  }

  /** Days without any time stay so; the others are raised to one level. */
  private static int minutesADay(PlacedWeek week, double more, ToIntFunction<LocalDate> room) {
    var days =
        week.from().datesUntil(week.to().plusDays(1)).mapToInt(room).filter(m -> m > 0).toArray();
    for (int level = 1; level <= MOST_A_DAY && days.length > 0; level++) {
      int atLeast = level;
      if (Arrays.stream(days).map(m -> Math.max(0, atLeast - m)).sum() >= more) {
        return level;
      }
    }
    return 0;
  }
}
