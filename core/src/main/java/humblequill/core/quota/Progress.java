package humblequill.core.quota;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;

/**
 * How a quota stands.
 *
 * @param from first day of the span that counts now: the quota's, or this week's
 * @param due last day of it, as missed days have moved it
 * @param asked units of the span, as missed days have lowered them
 * @param done units of the span so far, today's included
 * @param missed drawing days of the span that passed without a unit
 * @param pastDays drawing days of the span before today
 * @param daysLeft drawing days left; today is one of them until its share is done
 * @param today units asked of today
 * @param doneToday units of today
 * @param served of today's units, how many the course's shares bring along anyway
 * @param planned units that an even pace would have by the end of yesterday
 * @param pace units a drawing day so far; 0 before the first is over
 * @param page number of today's page of a daily run
 * @param total units since the quota began
 * @param weeks weeks that are over, of a ramp or a standing quota
 * @param daily units of each drawing day of the span before today, zeros included
 * @param over whether its last day is past
 */
public record Progress(
    LocalDate from,
    LocalDate due,
    int asked,
    int done,
    int missed,
    int pastDays,
    int daysLeft,
    int today,
    int doneToday,
    int served,
    double planned,
    double pace,
    Optional<Integer> page,
    int total,
    List<Week> weeks,
    SortedMap<LocalDate, Integer> daily,
    boolean over) {
  /**
   * A week that is over.
   *
   * @param from its first day
   * @param target what it asked for
   * @param done what it brought
   */
  public record Week(LocalDate from, int target, int done) {
    /** Whether the target was met. */
    public boolean met() {
      return done >= target;
    }
  }

  public Progress {
    weeks = List.copyOf(weeks);
  }

  /** Units still to do in the span, 0 or more. */
  public int left() {
    return Math.max(0, asked - done);
  }

  /** Whether the span's count is reached. */
  public boolean reached() {
    return done >= asked;
  }

  /** Units needed on each drawing day left; the whole rest when there is none. */
  public int neededPerDay() {
    return daysLeft == 0 ? left() : (left() + daysLeft - 1) / daysLeft;
  }

  /** Units drawn today beyond what was asked of today. */
  public int bonusToday() {
    return Math.max(0, doneToday - today);
  }

  /** The same with units that the course's shares bring along today. */
  public Progress servedBy(int units) {
    return with(Math.min(units, Math.max(0, today - doneToday)), page);
  }

  /** The same with the number of today's page. */
  Progress onPage(int number) {
    return with(served, Optional.of(number));
  }

  private Progress with(int otherServed, Optional<Integer> otherPage) {
    return new Progress(
        from,
        due,
        asked,
        done,
        missed,
        pastDays,
        daysLeft,
        today,
        doneToday,
        otherServed,
        planned,
        pace,
        otherPage,
        total,
        weeks,
        daily,
        over);
  }

  static int sum(Map<LocalDate, Integer> counts, LocalDate from, LocalDate to) {
    return counts.entrySet().stream()
        .filter(e -> !e.getKey().isBefore(from) && !e.getKey().isAfter(to))
        .mapToInt(Map.Entry::getValue)
        .sum();
  }
}
