package humblequill.core.day.entry;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/**
 * Units of a resource that an entry worked through.
 *
 * @param from the first, 1 to {@value #MOST}
 * @param to the last, not before the first
 */
public record Units(UnitKind kind, int from, int to) {
  /** The highest number of a unit. */
  public static final int MOST = 99_999;

  public Units {
    if (from < 1 || to < from || to > MOST) {
      throw new InvalidException(
          Message.of("day.unitsWithin", "most", MOST, "from", from, "to", to));
    }
  }

  /** How many. */
  public int count() {
    return to - from + 1;
  }
}
