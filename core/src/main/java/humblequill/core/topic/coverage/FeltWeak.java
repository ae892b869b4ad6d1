package humblequill.core.topic.coverage;

import humblequill.core.day.entry.Drawn;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What became of a topic that felt weak, so that it can be looked at again.
 *
 * @param drawn drawings of it from the day on which that was told
 * @param before marks of the four weeks before that day
 * @param since marks from that day on
 */
public record FeltWeak(int drawn, Marked before, Marked since) {
  private static final int DAYS_BEFORE = 28;

  /**
   * Marks of some entries.
   *
   * @param entries that carry one
   * @param mean 1 to 5; empty where none carries one
   */
  public record Marked(int entries, Optional<Double> mean) {
    private static Marked of(List<Drawn> drawn, Predicate<Drawn> of) {
      var marks = drawn.stream().filter(of).map(Drawn::mark).filter(m -> m > 0).toList();
      return new Marked(
          marks.size(),
          marks.isEmpty()
              ? Optional.empty()
              : Optional.of(marks.stream().mapToInt(m -> m).sum() / (double) marks.size()));
    }
  }

  /**
   * What became of it.
   *
   * @param drawn entries of the topic
   * @param told the day on which it was told to feel weak
   * @param until the last day that counts
   */
  public static FeltWeak of(List<Drawn> drawn, LocalDate told, LocalDate until) {
    Predicate<Drawn> since = d -> !d.day().isBefore(told) && !d.day().isAfter(until);
    Predicate<Drawn> before =
        d -> d.day().isBefore(told) && !d.day().isBefore(told.minusDays(DAYS_BEFORE));
    return new FeltWeak(
        drawn.stream().filter(since).mapToInt(d -> d.drawings().orElse(0)).sum(),
        Marked.of(drawn, before),
        Marked.of(drawn, since));
  }
}
