package humblequill.core.review;

import humblequill.core.entry.Drawn;
import humblequill.core.entry.Ledger;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was drawn in a week, beside the weeks before.
 *
 * @param minutes estimated where not told
 * @param told whether all minutes were told
 * @param drawings how many
 * @param days on which something was drawn
 * @param before the weeks before; empty in the first week
 * @param meanMark of those that were given; empty without any
 * @param freeShare part of the minutes of this week and the {@value #FREE} before it that was drawn
 *     freely; empty without minutes
 * @param minutesOfFree minutes of these weeks
 * @param best the best marked, the newest of several; empty without two different marks
 * @param weakest the weakest marked
 */
public record WeekFigures(
    LocalDate from,
    int minutes,
    boolean told,
    int drawings,
    int days,
    Optional<Before> before,
    OptionalDouble meanMark,
    OptionalDouble freeShare,
    int minutesOfFree,
    Optional<Drawn> best,
    Optional<Drawn> weakest) {
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
    var drawn = ledger.between(from, from.plusDays(DAYS - 1)).stream().filter(Drawn::isPractice);
    var week = drawn.toList();
    var free = ledger.between(from.minusDays(FREE * DAYS), from.plusDays(DAYS - 1));
    int minutesOfFree = minutes(free);
    var marked =
        week.stream()
            .filter(d -> d.mark() > 0)
            .sorted(Comparator.comparing(Drawn::mark).thenComparing(Drawn::day))
            .toList();
    boolean differ =
        !marked.isEmpty() && marked.get(0).mark() < marked.get(marked.size() - 1).mark();
    return new WeekFigures(
        from,
        minutes(week),
        week.stream().allMatch(d -> d.minutes().told()),
        week.stream().mapToInt(d -> d.drawings().orElse(0)).sum(),
        (int) week.stream().map(Drawn::day).distinct().count(),
        before(ledger, from),
        marked.stream().mapToInt(Drawn::mark).average(),
        minutesOfFree == 0
            ? OptionalDouble.empty()
            : OptionalDouble.of(
                (double)
                        minutes(
                            free.stream()
                                .filter(d -> d.learned().purpose() == Drawn.Purpose.FREE)
                                .toList())
                    / minutesOfFree),
        minutesOfFree,
        differ ? Optional.of(marked.get(marked.size() - 1)) : Optional.empty(),
        differ ? Optional.of(marked.get(0)) : Optional.empty());
  }

  private static int minutes(List<Drawn> drawn) {
    return drawn.stream().mapToInt(d -> d.minutes().minutes()).sum();
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
        sum += minutes(ledger.between(begin, begin.plusDays(DAYS - 1)));
      }
    }
    return Optional.of(new Before(weeks, sum / weeks));
  }
}
