package humblequill.core.day.streak;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * A run of practice.
 *
 * @param length practised days or kept weeks, 0 when there is none
 * @param from its first practised day, or first day of its first week; null when the length is 0
 * @param to its last practised day, or last day of its last week; null when the length is 0
 */
public record Run(int length, LocalDate from, LocalDate to) {
  /** No run. */
  public static final Run NONE = new Run(0, null, null);

  public Run {
    if (length < 0 || (length == 0) != (from == null) || (length == 0) != (to == null)) {
      throw new IllegalArgumentException("a run has dates exactly when it has a length");
    }
    if (length > 0 && ChronoUnit.DAYS.between(from, to) + 1 < length) {
      throw new IllegalArgumentException(
          "a run of " + length + " does not fit between " + from + " and " + to);
    }
  }
}
