package humblequill.core.promise;

import java.time.LocalDate;
import java.util.List;

/**
 * The minutes that a promise takes from a day before the course is planned. What the course brings
 * along anyway is not taken twice.
 */
public final class TakenMinutes {
  private static final int MINUTE = 60;

  private TakenMinutes() {}

  /** Minutes of so many units, less those that the course brings along. */
  public static int of(
      Counting counting, int units, int secondsEach, List<BroughtAlong.Portion> course) {
    double extra = Math.max(0, units - BroughtAlong.units(counting, course));
    return (int) Math.ceil(extra * secondsEach / MINUTE);
  }

  /**
   * Minutes of a date that a running promise takes.
   *
   * @param progress how it stands today
   * @param days its drawing days
   * @param course what the course asks of that date
   */
  public static int on(
      LocalDate date,
      Account account,
      Progress progress,
      DrawingDays days,
      LocalDate today,
      List<BroughtAlong.Portion> course) {
    boolean inside =
        account.quota().promise().dated()
            && !date.isBefore(progress.from())
            && !date.isAfter(progress.due());
    if (!inside || !days.test(date)) {
      return 0;
    }
    int needed = date.equals(today) ? progress.today() : progress.neededPerDay();
    return of(account.quota().counting(), needed, account.pace().secondsEach(), course);
  }
}
