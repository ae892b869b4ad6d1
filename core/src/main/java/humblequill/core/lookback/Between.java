package humblequill.core.lookback;

import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Set;
import java.util.UUID;

/** What was drawn between two drawings of one subject, these left out. */
public record Between(long days, int minutes, int drawings) {
  /** Fewer than two drawings. */
  public static final Between NOTHING = new Between(0, 0, 0);

  /**
   * From the day of one drawing to that of another.
   *
   * @param themselves entries of the drawings of the subject
   */
  public static Between of(Ledger ledger, LocalDate first, LocalDate last, Set<UUID> themselves) {
    var drawn =
        ledger.between(first, last).stream().filter(d -> !themselves.contains(d.entry())).toList();
    return new Between(
        ChronoUnit.DAYS.between(first, last),
        drawn.stream().mapToInt(d -> d.minutes().minutes()).sum(),
        drawn.stream().mapToInt(d -> d.drawings().orElse(0)).sum());
  }
}
