package humblequill.core.ground.calendar;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Period;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.time.temporal.TemporalAdjusters;
import java.util.List;

/** Calendar weeks: where they begin by the learner's setting, and their ISO 8601 names. */
public final class Weeks {
  private Weeks() {}

  /** The first day of the week that holds the date. */
  public static LocalDate startOf(LocalDate date, DayOfWeek weekStart) {
    return date.with(TemporalAdjusters.previousOrSame(weekStart));
  }

  /**
   * The ISO 8601 week date, as in {@code 2009-W01-3}; weeks begin on Monday and week 1 holds 4
   * January.
   */
  public static String isoName(LocalDate date) {
    return "%d-W%02d-%d"
        .formatted(
            date.get(IsoFields.WEEK_BASED_YEAR),
            date.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR),
            date.getDayOfWeek().getValue());
  }

  /** The ISO 8601 week number, 1 to 53. */
  public static int isoNumber(LocalDate date) {
    return date.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
  }

  /**
   * The number of a week that may begin on another day than Monday: that of the ISO 8601 week with
   * which it shares most days.
   *
   * @param from its first day
   */
  public static int numberOf(LocalDate from) {
    return isoNumber(from.plusDays(3));
  }

  /** The month that most days of a week lie in, so that each week is of one month alone. */
  public static YearMonth monthOf(LocalDate from) {
    return YearMonth.from(from.plusDays(3));
  }

  /** First days of the weeks of a month, four or five. */
  public static List<LocalDate> of(YearMonth month, DayOfWeek weekStart) {
    var first = startOf(month.atDay(4), weekStart);
    return first
        .datesUntil(first.plusWeeks(6), Period.ofWeeks(1))
        .filter(from -> monthOf(from).equals(month))
        .toList();
  }
}
