package humblequill.core.promise;

import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How a quota stands.
 *
 * @param span what counts now: all of the quota, or this week
 * @param day today
 * @param before the days of the span before today
 * @param number number of the drawing day that is due, of a promise that counts its days
 * @param total units since the quota began
 * @param weeks weeks that are over, of a weekly promise
 * @param over whether its last day is past
 */
public record Progress(
    Span span,
    Day day,
    Before before,
    Optional<Integer> number,
    int total,
    List<Week> weeks,
    boolean over) {
  /**
   * The span that counts now.
   *
   * @param from its first day
   * @param due its last day, as missed days have moved it
   * @param asked its units, as missed days have lowered them
   * @param done units so far, today's included
   * @param missed drawing days that passed without a unit
   * @param daysLeft drawing days left; today is one of them until its share is done
   */
  public record Span(
      LocalDate from, LocalDate due, int asked, int done, int missed, int daysLeft) {}

  /**
   * Today.
   *
   * @param asked units asked of it
   * @param done units drawn
   * @param served of those asked, how many the course's shares bring along anyway
   */
  public record Day(int asked, int done, int served) {}

  /**
   * The days before today.
   *
   * @param days drawing days
   * @param planned units that an even pace would have by now
   * @param pace units a drawing day so far; 0 before the first is over
   * @param daily units of each drawing day, zeros included
   */
  public record Before(int days, double planned, double pace, Tally daily) {}

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

  /** First day of the span. */
  public LocalDate from() {
    return span.from();
  }

  /** Last day of the span. */
  public LocalDate due() {
    return span.due();
  }

  /** Units of the span. */
  public int asked() {
    return span.asked();
  }

  /** Units of the span so far. */
  public int done() {
    return span.done();
  }

  /** Drawing days of the span left. */
  public int daysLeft() {
    return span.daysLeft();
  }

  /** Units asked of today. */
  public int today() {
    return day.asked();
  }

  /** Units of today. */
  public int doneToday() {
    return day.done();
  }

  /** Units still to do in the span, 0 or more. */
  public int left() {
    return Math.max(0, asked() - done());
  }

  /** Whether the span's count is reached. */
  public boolean reached() {
    return done() >= asked();
  }

  /** Units still to do today, those that the course brings along left out. */
  public int leftToday() {
    return Math.max(0, day.asked() - day.done() - day.served());
  }

  /** Units needed on each drawing day left; the whole rest when there is none. */
  public int neededPerDay() {
    return daysLeft() == 0 ? left() : (left() + daysLeft() - 1) / daysLeft();
  }

  /** Units drawn today beyond what was asked of today. */
  public int bonusToday() {
    return Math.max(0, day.done() - day.asked());
  }

  /** The same with units that the course's shares bring along today, in whole units. */
  public Progress servedBy(double units) {
    int served = Math.min((int) Math.floor(units + 1e-9), Math.max(0, day.asked() - day.done()));
    return new Progress(
        span, new Day(day.asked(), day.done(), served), before, number, total, weeks, over);
  }
}
