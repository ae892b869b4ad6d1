package humblequill.core.quota;

import java.time.LocalDate;

/** What is promised. Each kind checks its own numbers. */
public sealed interface Promise {
  /** The largest count of any promise. */
  int MAX_COUNT = 10_000;

  /** The longest promise, in days. */
  int MAX_DAYS = 1100;

  /** The first day. */
  LocalDate start();

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
  }

  /**
   * So many a week, growing.
   *
   * @param first target of the first week
   * @param step by how much a met week raises it
   * @param weeks how many weeks
   */
  record Ramp(int first, int step, int weeks, LocalDate start) implements Promise {
    public Ramp {
      check("first", first, MAX_COUNT);
      check("step", step, MAX_COUNT);
      check("weeks", weeks, MAX_DAYS / 7);
    }
  }

  /** So many every week, without an end. */
  record Standing(int perWeek, LocalDate start) implements Promise {
    public Standing {
      check("perWeek", perWeek, MAX_COUNT);
    }
  }

  private static void check(String field, int value, int most) {
    if (value < 1 || value > most) {
      throw new BrokenPromiseException(field, value, "must be 1 to " + most + ", was " + value);
    }
  }

  private static void checkDates(LocalDate start, LocalDate due) {
    long days = due.toEpochDay() - start.toEpochDay() + 1;
    if (days < 1) {
      throw new BrokenPromiseException("due", due, "is before the start, " + start);
    }
    if (days > MAX_DAYS) {
      throw new BrokenPromiseException(
          "due", due, "is " + days + " days after the start; at most " + MAX_DAYS);
    }
  }
}
