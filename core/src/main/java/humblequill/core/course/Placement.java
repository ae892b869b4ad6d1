package humblequill.core.course;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * A course laid on the calendar: week 1 begins on the start date, each week lasts seven days.
 *
 * @param start first day of week 1
 */
public record Placement(Course course, LocalDate start) {
  /**
   * A week at its place.
   *
   * @param number from 1
   * @param from first day
   * @param to last day
   */
  public record PlacedWeek(int number, CourseWeek week, LocalDate from, LocalDate to) {}

  /** A week by its number, from 1. */
  public PlacedWeek week(int number) {
    var from = start.plusWeeks(number - 1L);
    return new PlacedWeek(number, course.weeks().get(number - 1), from, from.plusDays(6));
  }

  /** The week that holds a date, if the course runs then. */
  public Optional<PlacedWeek> weekOn(LocalDate date) {
    long days = ChronoUnit.DAYS.between(start, date);
    return days < 0 || days / 7 >= course.weeks().size()
        ? Optional.empty()
        : Optional.of(week((int) (days / 7) + 1));
  }

  /** Last day of the last week. */
  public LocalDate end() {
    return week(course.weeks().size()).to();
  }
}
