package humblequill.core.day.entry;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.Optional;

/**
 * How long an entry took: as told, or estimated from its drawings at the planned pace, or unknown.
 * The one rule for every place that adds up minutes.
 *
 * @param minutes 0 to {@link Entry#MAX_MINUTES}; 0 when nothing tells
 * @param told whether the learner said so
 */
public record Minutes(int minutes, boolean told) {
  private static final double MINUTE = 60;

  public Minutes {
    if (minutes < 0 || minutes > Entry.MAX_MINUTES) {
      throw new InvalidException(
          Message.of("day.minutesWithin", "most", Entry.MAX_MINUTES, "minutes", minutes));
    }
  }

  /**
   * The minutes of an entry.
   *
   * @param told minutes that the learner wrote
   * @param drawings how many
   * @param secondsEach seconds one drawing is expected to take, if known
   */
  public static Minutes of(
      Optional<Integer> told, Optional<Integer> drawings, Optional<Integer> secondsEach) {
    if (told.isPresent()) {
      return new Minutes(told.get(), true);
    }
    if (drawings.isEmpty() || secondsEach.isEmpty()) {
      return new Minutes(0, false);
    }
    long estimate = Math.round(drawings.get() * (long) secondsEach.get() / MINUTE);
    return new Minutes((int) Math.min(Entry.MAX_MINUTES, estimate), false);
  }
}
