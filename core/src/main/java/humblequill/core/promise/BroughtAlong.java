package humblequill.core.promise;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.plan.DayPlan;
import humblequill.core.course.plan.OpenWeek;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;

/**
 * What the course brings along: work of its exercises that counts for a promise as well, so that
 * one drawing serves both.
 */
public final class BroughtAlong {
  private static final double MINUTE = 60;

  private BroughtAlong() {}

  /**
   * Work of an exercise.
   *
   * @param topics topics it touches
   * @param units units of it, 0 or more
   */
  public record Portion(Exercise exercise, List<String> topics, double units) {}

  /** Units of a promise that some portions bring along. */
  public static double units(Counting counting, Collection<Portion> portions) {
    return portions.stream()
        .filter(p -> counting.servedBy(p.exercise().id(), p.topics(), p.exercise().source()))
        .mapToDouble(p -> units(counting.unit(), p))
        .sum();
  }

  private static double units(Counting.Unit unit, Portion portion) {
    if (unit == Counting.Unit.MINUTES) {
      return portion.units() * portion.exercise().secondsEach() / MINUTE;
    }
    boolean drawings = portion.exercise().target().unit() == Exercise.Unit.DRAWINGS;
    return drawings ? portion.units() : 0;
  }

  /** What a week of the course asks of each of its drawing days, on average. */
  public static List<Portion> ofAverageDay(PlacedWeek week, DrawingDays days) {
    double share = 1.0 / Math.max(1, days.count(week.from(), week.to()));
    return week.week().exercises().stream()
        .map(e -> portion(week, e, e.target().quantity() * share))
        .toList();
  }

  /** What is left of the shares that a planned day has for the course. */
  public static List<Portion> ofDay(PlacedWeek week, OpenWeek open, OpenWeek.Outlook outlook) {
    var today = open.today();
    return outlook.on(today).stream().flatMap(day -> left(week, open, day, today)).toList();
  }

  private static Stream<Portion> left(
      PlacedWeek week, OpenWeek open, DayPlan day, LocalDate today) {
    return day.shares().stream()
        .map(
            share -> {
              int left = Math.max(0, share.count() - open.doneOn(share.exerciseId(), today));
              return portion(week, week.exercise(share.exerciseId()).orElseThrow(), left);
            });
  }

  private static Portion portion(PlacedWeek week, Exercise exercise, double units) {
    return new Portion(exercise, week.week().topicsOf(exercise), units);
  }
}
