package humblequill.core.promise;

import humblequill.core.ground.calendar.Availability;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The days on which drawing is planned: the learner has minutes on them, they are neither rest nor
 * paused, and what is drawn for does not rest on their weekday.
 *
 * @param hasMinutes whether the learner has minutes on a date
 * @param rest weekdays without it, besides the learner's own
 */
public record DrawingDays(Predicate<LocalDate> hasMinutes, Set<DayOfWeek> rest)
    implements Predicate<LocalDate> {
  /** A learner without any drawing days draws on none, so the search for one ends. */
  private static final int SEARCHED = 2 * Promise.MAX_DAYS;

  public DrawingDays {
    rest = Set.copyOf(rest);
  }

  /** Those of a learner. */
  public static DrawingDays of(Availability availability) {
    return new DrawingDays(
        date -> availability.minutesOn(date) > 0 && !availability.isNeutral(date), Set.of());
  }

  /** The same without some weekdays. */
  public DrawingDays without(Set<DayOfWeek> weekdays) {
    var all = new HashSet<>(rest);
    all.addAll(weekdays);
    return new DrawingDays(hasMinutes, all);
  }

  @Override
  public boolean test(LocalDate date) {
    return !rest.contains(date.getDayOfWeek()) && hasMinutes.test(date);
  }

  /** Those between two dates, both included. */
  public List<LocalDate> between(LocalDate from, LocalDate to) {
    return to.isBefore(from) ? List.of() : from.datesUntil(to.plusDays(1)).filter(this).toList();
  }

  /** How many there are between two dates, both included. */
  public int count(LocalDate from, LocalDate to) {
    int found = 0;
    for (var day = from; !day.isAfter(to); day = day.plusDays(1)) {
      found += test(day) ? 1 : 0;
    }
    return found;
  }

  /**
   * The n-th from a date on, that date included.
   *
   * @param n 1 or more
   * @return the date n − 1 days later where the learner draws on none
   */
  public LocalDate nth(LocalDate from, int n) {
    var day = from;
    int found = 0;
    for (int i = 0; i < SEARCHED; i++, day = day.plusDays(1)) {
      found += test(day) ? 1 : 0;
      if (found == n) {
        return day;
      }
    }
    return from.plusDays(n - 1L);
  }

  /** The next one after a date. */
  public LocalDate next(LocalDate after) {
    return nth(after.plusDays(1), 1);
  }
}
