package humblequill.core.topic.recall;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;

/**
 * When something is asked for again. Common practice, no published source.
 *
 * @param step place of the span in {@link #SPANS}
 * @param asked the day it was asked for last; the day it was taken up before the first time
 * @param due the day it is asked for next
 */
public record Asking(int step, LocalDate asked, LocalDate due) {
  /** Days until the next asking, after one success after another. */
  public static final List<Integer> SPANS = List.of(1, 3, 7, 16, 35, 80, 180);

  /** Share of a drawn plate or an order that keeps its step. */
  public static final double MOSTLY = 0.8;

  /** How it went. */
  public enum Result {
    /** All of it was there. */
    RIGHT,
    /** Of a drawn plate or an order, at least four fifths. */
    MOSTLY,
    /** It was not. */
    WRONG;

    /** Of so many parts. */
    public static Result of(int right, int parts) {
      return right == parts ? RIGHT : right >= Asking.MOSTLY * parts ? MOSTLY : WRONG;
    }
  }

  /** Taken up on a day, and asked for on the next. */
  public static Asking takenUp(LocalDate day) {
    return new Asking(0, day, day.plusDays(SPANS.get(0)));
  }

  /**
   * After it was asked for. A late success goes to the first span that is longer than the days
   * since; an early one, which proves less, keeps its span. A clock that was set back counts as the
   * same day.
   */
  public Asking after(Result result, LocalDate day) {
    long gap = Math.max(0, ChronoUnit.DAYS.between(asked, day));
    int next =
        switch (result) {
          case WRONG -> 0;
          case MOSTLY -> step;
          case RIGHT -> gap < SPANS.get(step) ? step : longerThan(gap);
        };
    return new Asking(next, day, day.plusDays(SPANS.get(next)));
  }

  private static int longerThan(long days) {
    for (int i = 0; i < SPANS.size(); i++) {
      if (SPANS.get(i) > days) {
        return i;
      }
    }
    return SPANS.size() - 1;
  }

  /** Whether it is to be asked for. */
  public boolean isDue(LocalDate today) {
    return !due.isAfter(today);
  }
}
