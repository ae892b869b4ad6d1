package humblequill.core.lookback;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.calendar.Availability;
import humblequill.core.ground.calendar.WeekPattern;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * A weekday which, {@value #TIMES} times in a row, took much less time than planned, or more: time
 * for drawing and, where something was drawn, for setting up. Limits are common practice, no
 * published source.
 *
 * @param planned minutes, for everything
 * @param drawn minutes, the mean, without setting up
 * @param instead minutes for everything that would be true, in steps of {@value #STEP}; 0 for a
 *     rest day
 */
public record WeekdayMinutes(DayOfWeek day, int planned, double drawn, int instead) {
  /** How often in a row it must have been so. */
  public static final int TIMES = 4;

  private static final int STEP = 5;

  /** A shorter day is none to plan with. */
  private static final int SHORTEST = 10;

  private static final double LESS = 0.5;
  private static final double MORE = 1.25;

  /**
   * The weekday on which the plan is furthest from what is drawn, if there is one. Days of rest, in
   * a pause, and with other minutes than usual tell nothing, nor do those before the first drawing.
   *
   * @param minutes drawn
   * @param settingUp minutes that a drawing day costs beside drawing
   * @param last the last day that is over
   */
  public static Optional<WeekdayMinutes> of(
      Tally minutes, Availability availability, int settingUp, LocalDate last) {
    return Arrays.stream(DayOfWeek.values())
        .flatMap(day -> of(day, minutes, availability, settingUp, last).stream())
        .max(
            Comparator.comparingInt((WeekdayMinutes w) -> Math.abs(w.planned - w.instead))
                .thenComparing(WeekdayMinutes::day, Comparator.reverseOrder()));
  }

  private static Optional<WeekdayMinutes> of(
      DayOfWeek day, Tally minutes, Availability availability, int settingUp, LocalDate last) {
    var newest = last.with(TemporalAdjusters.previousOrSame(day));
    var oldest = newest.minusWeeks(TIMES - 1);
    int planned = availability.patternOn(last).minutesOn(day);
    boolean tells =
        planned > 0
            && !minutes.byDay().isEmpty()
            && !oldest.isBefore(minutes.byDay().firstKey())
            && IntStream.range(0, TIMES)
                .mapToObj(newest::minusWeeks)
                .allMatch(d -> !availability.isNeutral(d) && availability.minutesOn(d) == planned);
    if (!tells) {
      return Optional.empty();
    }
    var drawn =
        IntStream.range(0, TIMES)
            .map(i -> minutes.byDay().getOrDefault(newest.minusWeeks(i), 0))
            .toArray();
    var taken = Arrays.stream(drawn).map(m -> m == 0 ? 0 : m + settingUp).summaryStatistics();
    int instead = instead(taken.getAverage(), taken.getMin(), planned);
    return instead == planned
        ? Optional.empty()
        : Optional.of(
            new WeekdayMinutes(
                day, planned, Arrays.stream(drawn).average().orElseThrow(), instead));
  }

  private static int instead(double mean, int least, int planned) {
    if (mean <= LESS * planned) {
      int rounded = STEP * (int) Math.round(mean / STEP);
      return rounded < SHORTEST ? 0 : rounded;
    }
    if (least >= planned && mean >= MORE * planned) {
      return Math.min(WeekPattern.MAX_MINUTES, STEP * (int) Math.floor(mean / STEP));
    }
    return planned;
  }
}
