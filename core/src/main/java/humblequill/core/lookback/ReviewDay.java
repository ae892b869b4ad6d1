package humblequill.core.lookback;

import humblequill.core.ground.calendar.Weeks;
import java.time.DayOfWeek;
import java.time.LocalDate;

/** Which week is looked back on, and when. */
public final class ReviewDay {
  private static final int DAYS = 7;

  private ReviewDay() {}

  /** The day as long as the learner chose none: the last of the week. */
  public static DayOfWeek usual(DayOfWeek weekStart) {
    return weekStart.minus(1);
  }

  /**
   * First day of the week that is looked back on: the running one from its day on, before that the
   * one before.
   *
   * @param day the weekday chosen for it
   */
  public static LocalDate week(LocalDate today, DayOfWeek weekStart, DayOfWeek day) {
    var running = Weeks.startOf(today, weekStart);
    int offset = Math.floorMod(day.getValue() - weekStart.getValue(), DAYS);
    return today.isBefore(running.plusDays(offset)) ? running.minusDays(DAYS) : running;
  }
}
