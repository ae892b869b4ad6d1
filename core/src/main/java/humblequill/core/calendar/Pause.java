package humblequill.core.calendar;

import java.time.LocalDate;
import java.util.Objects;

/**
 * A span without practice: ill, away. It is neutral in every streak and has no room in any plan.
 *
 * @param from first paused date
 * @param to last paused date, not before {@code from}
 * @param reason in the learner's own words, may be empty
 */
public record Pause(LocalDate from, LocalDate to, String reason) {
  public Pause {
    Objects.requireNonNull(reason, "reason");
    if (to.isBefore(from)) {
      throw new IllegalArgumentException(
          "a pause ends on or after its first day: " + from + " to " + to);
    }
  }

  /** Whether the date lies in the span. */
  public boolean contains(LocalDate date) {
    return !date.isBefore(from) && !date.isAfter(to);
  }
}
