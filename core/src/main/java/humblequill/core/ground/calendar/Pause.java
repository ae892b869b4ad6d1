package humblequill.core.ground.calendar;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

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
      throw new InvalidException(Message.of("ground.pauseBackwards", "from", from, "to", to));
    }
  }

  /** What of it lies in a span of days, first and last included; empty if nothing does. */
  public Optional<Pause> within(LocalDate first, LocalDate last) {
    var begin = from.isBefore(first) ? first : from;
    var end = to.isAfter(last) ? last : to;
    return end.isBefore(begin) ? Optional.empty() : Optional.of(new Pause(begin, end, reason));
  }

  /** Whether the date lies in the span. */
  public boolean contains(LocalDate date) {
    return !date.isBefore(from) && !date.isAfter(to);
  }
}
