package humblequill.core.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What was drawn in some days.
 *
 * @param minutes estimated where not told
 * @param told whether all minutes were told
 * @param drawings how many
 * @param days on which something was drawn
 * @param marked entries with a mark
 * @param meanMark of these; empty without any
 * @param best the best marked, the newest of several; empty without two different marks
 * @param weakest the weakest marked
 */
public record SpanFigures(
    int minutes,
    boolean told,
    int drawings,
    int days,
    int marked,
    OptionalDouble meanMark,
    Optional<Drawn> best,
    Optional<Drawn> weakest) {
  private static final int DAYS = 7;

  /** The figures of the days from one to another, both included. */
  public static SpanFigures of(Ledger ledger, LocalDate from, LocalDate to) {
    var drawn = ledger.between(from, to).stream().filter(Drawn::isPractice).toList();
    var marked =
        drawn.stream()
            .filter(d -> d.mark() > 0)
            .sorted(Comparator.comparing(Drawn::mark).thenComparing(Drawn::day))
            .toList();
    boolean differ =
        !marked.isEmpty() && marked.get(0).mark() < marked.get(marked.size() - 1).mark();
    return new SpanFigures(
        minutes(drawn),
        drawn.stream().allMatch(d -> d.minutes().told()),
        drawn.stream().mapToInt(d -> d.drawings().orElse(0)).sum(),
        (int) drawn.stream().map(Drawn::day).distinct().count(),
        marked.size(),
        marked.stream().mapToInt(Drawn::mark).average(),
        differ ? Optional.of(marked.get(marked.size() - 1)) : Optional.empty(),
        differ ? Optional.of(marked.get(0)) : Optional.empty());
  }

  /**
   * Mean minutes of weeks that are over and do not lie before the first day ever drawn; empty
   * without any.
   *
   * @param weeks their first days
   */
  public static OptionalDouble weekly(Ledger ledger, List<LocalDate> weeks, LocalDate today) {
    var byDay = ledger.minutes().byDay();
    return weeks.stream()
        .filter(w -> !w.plusDays(DAYS).isAfter(today))
        .filter(w -> !byDay.isEmpty() && byDay.firstKey().isBefore(w.plusDays(DAYS)))
        .mapToInt(w -> minutes(ledger.between(w, w.plusDays(DAYS - 1))))
        .average();
  }

  static int minutes(List<Drawn> drawn) {
    return drawn.stream().mapToInt(d -> d.minutes().minutes()).sum();
  }
}
