package humblequill.core.promise;

import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** What is promised. Each kind checks its own numbers and knows what it asks for and until when. */
public sealed interface Promise {
  /** The largest count of any promise. */
  int MAX_COUNT = 10_000;

  /** The longest promise, in days. */
  int MAX_DAYS = 1100;

  /** Days of a week of a promise. */
  int WEEK = 7;

  /** The first day. */
  LocalDate start();

  /** Whether it asks week by week, each week beginning on its first day's weekday. */
  default boolean weekly() {
    return false;
  }

  /** Whether it has a last day, or a last day of each week. */
  default boolean dated() {
    return true;
  }

  /** The last day; {@link LocalDate#MAX} without an end. */
  default LocalDate end(DrawingDays days) {
    return LocalDate.MAX;
  }

  /**
   * Units it asks for: all of them, or those of the week that follows some weeks.
   *
   * @param weeks units of each week that is over, in order; none for promises that are not weekly
   */
  int asked(List<Integer> weeks);

  /**
   * The number of the drawing day that is due, of a promise that counts its days.
   *
   * @param unitsBefore units before today
   * @param daysBefore drawing days before today
   * @param missedCount whether missed days count as well, because they were let go
   */
  default Optional<Integer> number(int unitsBefore, int daysBefore, boolean missedCount) {
    return Optional.empty();
  }

  /**
   * So many by a date.
   *
   * @param count 1 to {@value #MAX_COUNT}
   * @param due the last day
   */
  record Sprint(int count, LocalDate start, LocalDate due) implements Promise {
    public Sprint {
      check("count", count, MAX_COUNT);
      checkDates(start, due);
    }

    @Override
    public LocalDate end(DrawingDays days) {
      return due;
    }

    @Override
    public int asked(List<Integer> weeks) {
      return count;
    }
  }

  /**
   * So many in one's own time: it asks nothing of any day, and has no date to be judged by.
   *
   * @param count 1 to {@value #MAX_COUNT}
   */
  record OwnTime(int count, LocalDate start) implements Promise {
    public OwnTime {
      check("count", count, MAX_COUNT);
    }

    @Override
    public boolean dated() {
      return false;
    }

    @Override
    public int asked(List<Integer> weeks) {
      return count;
    }
  }

  /**
   * So many every drawing day, for a number of drawing days.
   *
   * @param days 1 to {@value #MAX_DAYS}
   * @param each 1 or more
   */
  record DailyRun(int days, int each, LocalDate start) implements Promise {
    public DailyRun {
      check("days", days, MAX_DAYS);
      check("each", each, MAX_COUNT);
      check("count", (int) Math.min(Integer.MAX_VALUE, (long) days * each), MAX_COUNT * 10);
    }

    @Override
    public LocalDate end(DrawingDays drawingDays) {
      return drawingDays.nth(start, days);
    }

    @Override
    public int asked(List<Integer> weeks) {
      return days * each;
    }

    @Override
    public Optional<Integer> number(int unitsBefore, int daysBefore, boolean missedCount) {
      return Optional.of(Math.min(days, 1 + (missedCount ? daysBefore : unitsBefore / each)));
    }
  }

  /**
   * So many prompts of a list, by a date.
   *
   * @param pick 1 or more
   */
  record PromptList(int pick, LocalDate start, LocalDate due) implements Promise {
    public PromptList {
      check("pick", pick, MAX_COUNT);
      checkDates(start, due);
    }

    @Override
    public LocalDate end(DrawingDays days) {
      return due;
    }

    @Override
    public int asked(List<Integer> weeks) {
      return pick;
    }
  }

  /**
   * So many a week, growing: a week that meets its target raises it by a step, a missed week holds
   * it, a second missed week in a row steps back, though never below the first target. Common
   * practice, no published source.
   *
   * @param first target of the first week
   * @param step by how much a met week raises it
   * @param weeks how many weeks
   */
  record Ramp(int first, int step, int weeks, LocalDate start) implements Promise {
    public Ramp {
      check("first", first, MAX_COUNT);
      check("step", step, MAX_COUNT);
      check("weeks", weeks, MAX_DAYS / WEEK);
    }

    @Override
    public boolean weekly() {
      return true;
    }

    @Override
    public LocalDate end(DrawingDays days) {
      return start.plusDays((long) WEEK * weeks - 1);
    }

    @Override
    public int asked(List<Integer> done) {
      int target = first;
      int missed = 0;
      for (int units : done) {
        if (units >= target) {
          target += step;
          missed = 0;
        } else if (++missed == 2) {
          target = Math.max(first, target - step);
          missed = 0;
        }
      }
      return target;
    }
  }

  /** So many every week, without an end. */
  record Standing(int perWeek, LocalDate start) implements Promise {
    public Standing {
      check("perWeek", perWeek, MAX_COUNT);
    }

    @Override
    public boolean weekly() {
      return true;
    }

    @Override
    public int asked(List<Integer> weeks) {
      return perWeek;
    }
  }

  private static void check(String field, int value, int most) {
    if (value < 1 || value > most) {
      throw new BrokenPromiseException(
          field, value, Message.of("promise.amountWithin", "most", most, "value", value));
    }
  }

  private static void checkDates(LocalDate start, LocalDate due) {
    long days = due.toEpochDay() - start.toEpochDay() + 1;
    if (days < 1) {
      throw new BrokenPromiseException(
          "due", due, Message.of("promise.dayBeforeStart", "start", start));
    }
    if (days > MAX_DAYS) {
      throw new BrokenPromiseException(
          "due", due, Message.of("promise.dayTooLate", "days", days, "most", MAX_DAYS));
    }
  }
}
