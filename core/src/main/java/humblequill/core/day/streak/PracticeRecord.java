package humblequill.core.day.streak;

import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.BitSet;
import java.util.function.Predicate;

/**
 * What became of each day from the first practised one to today: the ground all streak rules stand
 * on.
 *
 * <p>A day on which enough was drawn counts, also when rest was planned: rest is never a duty. A
 * rest or paused day without practice is neutral. Today is open until it counts.
 */
public final class PracticeRecord {
  /** What became of a day. */
  public enum Day {
    /** Minutes reached the floor. */
    PRACTISED,
    /** Planned rest or paused, and not practised. */
    NEUTRAL,
    /** A day for practice that passed without it. */
    MISSED,
    /** Today, not practised yet and not neutral. */
    OPEN
  }

  private static final Day[] NONE = {};

  private final LocalDate first;
  private final LocalDate today;
  private final Day[] days;
  private final Predicate<LocalDate> neutral;

  private PracticeRecord(
      LocalDate first, LocalDate today, Day[] days, Predicate<LocalDate> neutral) {
    this.first = first;
    this.today = today;
    this.days = days;
    this.neutral = neutral;
  }

  /**
   * Builds the record.
   *
   * @param minutesByDay minutes of every day that has an entry; entries of unknown length bring 0
   *     minutes
   * @param floorMinutes minutes from which a day counts; 0 means any entry does
   * @param neutral tells planned rest and paused days
   * @param today the open practice day; later days in the map are ignored
   */
  public static PracticeRecord of(
      Tally minutesByDay, int floorMinutes, Predicate<LocalDate> neutral, LocalDate today) {
    if (floorMinutes < 0) {
      throw new IllegalArgumentException("floorMinutes must not be negative, was " + floorMinutes);
    }
    var enough = new BitSet();
    LocalDate first = null;
    for (var entry : minutesByDay.byDay().entrySet()) {
      var date = entry.getKey();
      if (date.isAfter(today)) {
        break;
      }
      if (entry.getValue() >= floorMinutes) {
        first = first == null ? date : first;
        enough.set((int) (date.toEpochDay() - first.toEpochDay()));
      }
    }
    if (first == null) {
      return new PracticeRecord(today, today, NONE, neutral);
    }
    var days = new Day[(int) ChronoUnit.DAYS.between(first, today) + 1];
    for (int i = 0; i < days.length; i++) {
      if (enough.get(i)) {
        days[i] = Day.PRACTISED;
      } else if (neutral.test(first.plusDays(i))) {
        days[i] = Day.NEUTRAL;
      } else {
        days[i] = i == days.length - 1 ? Day.OPEN : Day.MISSED;
      }
    }
    return new PracticeRecord(first, today, days, neutral);
  }

  /** The practice day that is still open. */
  public LocalDate today() {
    return today;
  }

  /** Whether nothing was practised yet. */
  public boolean isEmpty() {
    return days.length == 0;
  }

  /** The number of days from the first practised one to today, both included. */
  public int length() {
    return days.length;
  }

  /** What became of the i-th day, counted from the first practised one. */
  public Day day(int i) {
    return days[i];
  }

  /** The date of the i-th day. */
  public LocalDate date(int i) {
    return first.plusDays(i);
  }

  /**
   * What became of a date; days before the first practised one are neutral, days after today are
   * not allowed.
   */
  public Day on(LocalDate date) {
    if (date.isAfter(today)) {
      throw new IllegalArgumentException(date + " is after today, " + today);
    }
    if (isEmpty()) {
      return date.equals(today) && !neutral.test(today) ? Day.OPEN : Day.NEUTRAL;
    }
    return date.isBefore(first)
        ? Day.NEUTRAL
        : days[(int) (date.toEpochDay() - first.toEpochDay())];
  }

  /** Whether a date, past or to come, is planned rest or paused. */
  public boolean isNeutral(LocalDate date) {
    return neutral.test(date);
  }
}
