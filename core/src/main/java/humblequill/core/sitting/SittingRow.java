package humblequill.core.sitting;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;

/**
 * Where a sitting stands among those that follow one another.
 *
 * @param place from 1
 * @param warmedUp whether a warm-up stands before it in the row
 */
public record SittingRow(int place, boolean warmedUp) {
  /** A longer time between two sittings parts them. Common practice, no published source. */
  public static final Duration PARTS = Duration.ofMinutes(30);

  /** From when to when a sitting went, and whether it was a warm-up. */
  public record Span(Instant from, Instant to, boolean warmUp) {}

  /**
   * The places of some sittings.
   *
   * @param spans in order of time
   */
  public static List<SittingRow> of(List<Span> spans) {
    var rows = new ArrayList<SittingRow>();
    for (int i = 0; i < spans.size(); i++) {
      boolean first = i == 0 || spans.get(i).from().isAfter(spans.get(i - 1).to().plus(PARTS));
      rows.add(
          first
              ? new SittingRow(1, false)
              : new SittingRow(
                  rows.get(i - 1).place() + 1,
                  rows.get(i - 1).warmedUp() || spans.get(i - 1).warmUp()));
    }
    return rows;
  }
}
