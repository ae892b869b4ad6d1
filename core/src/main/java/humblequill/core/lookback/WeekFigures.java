package humblequill.core.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was drawn in a week, beside the weeks before.
 *
 * @param drawn what was drawn
 * @param before the weeks before; empty in the first week
 * @param freeShare part of the minutes of this week and the {@value #FREE} before it that was drawn
 *     freely; empty without minutes
 * @param minutesOfFree minutes of these weeks
 */
public record WeekFigures(
    LocalDate from,
    SpanFigures drawn,
    Optional<Before> before,
    OptionalDouble freeShare,
    int minutesOfFree) {
  /**
   * What a week is held against.
   *
   * @param weeks how many of the {@value #BEFORE} weeks before do not lie before the first day ever
   *     drawn, 1 or more
   * @param minutes their mean
   */
  public record Before(int weeks, double minutes) {}

  /** Weeks that a week is held against. */
  public static final int BEFORE = 4;

  private static final int FREE = 3;
  private static final int DAYS = 7;

  /** The figures of the week that begins on a day. */
  public static WeekFigures of(Ledger ledger, LocalDate from) {
    var free = ledger.between(from.minusDays(FREE * DAYS), from.plusDays(DAYS - 1));
    int minutesOfFree = SpanFigures.minutes(free);
    return new WeekFigures(
        from,
        SpanFigures.of(ledger, from, from.plusDays(DAYS - 1)),
        before(ledger, from),
        minutesOfFree == 0
            ? OptionalDouble.empty()
            : OptionalDouble.of((double) SpanFigures.minutes(freely(free)) / minutesOfFree),
        minutesOfFree);
  }

  private static List<Drawn> freely(List<Drawn> drawn) {
    return drawn.stream().filter(d -> d.learned().purpose() == Drawn.Purpose.FREE).toList();
  }

  private static Optional<Before> before(Ledger ledger, LocalDate from) {
    var byDay = ledger.minutes().byDay();
    if (byDay.isEmpty() || !byDay.firstKey().isBefore(from)) {
      return Optional.empty();
    }
    int weeks = 0;
    double sum = 0;
    for (int i = 1; i <= BEFORE; i++) {
      var begin = from.minusDays((long) i * DAYS);
      if (byDay.firstKey().isBefore(begin.plusDays(DAYS))) {
        weeks++;
        sum += SpanFigures.minutes(ledger.between(begin, begin.plusDays(DAYS - 1)));
      }
    }
    return Optional.of(new Before(weeks, sum / weeks));
  }
}
