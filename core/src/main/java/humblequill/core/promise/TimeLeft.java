package humblequill.core.promise;

import java.util.List;
import java.util.function.ToIntFunction;

/**
 * What becomes of the minutes of a promise's drawing days, on average.
 *
 * @param available what a day has
 * @param promised of these, what other promises take
 * @param forCourse what is left for the course when this promise is kept as well, 0 or more
 */
public record TimeLeft(int available, int promised, int forCourse) {
  /**
   * One drawing day.
   *
   * @param available its minutes
   * @param promised minutes that other promises take
   * @param own minutes that this promise takes, less what the course brings along
   */
  public record Day(int available, int promised, int own) {
    private int left() {
      return Math.max(0, available - promised - own);
    }
  }

  /**
   * Whether a promise that takes so many minutes of a day asks for more than others leave of it.
   */
  public boolean isOver(int minutesADay) {
    return promised > 0 && promised + minutesADay > available;
  }

  /** The means of some days, in whole minutes; all 0 without a day. */
  public static TimeLeft of(List<Day> days) {
    return new TimeLeft(
        mean(days, Day::available), mean(days, Day::promised), mean(days, Day::left));
  }

  private static int mean(List<Day> days, ToIntFunction<Day> minutes) {
    return (int) Math.round(days.stream().mapToInt(minutes).average().orElse(0));
  }
}
