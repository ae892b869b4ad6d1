package humblequill.core.day.entry;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Fold;

/**
 * What a learner counts beside the drawings: erasures, stiff lines. Each count carries the name it
 * was counted under, so that another figure later does not mix with it.
 *
 * @param what its name in the learner's words, one line of at most {@value #LONGEST_NAME}
 *     characters
 * @param count how often in all drawings of the entry, 0 to {@value #MOST}
 */
public record OwnFigure(String what, int count) {
  /** The longest name, in characters. */
  public static final int LONGEST_NAME = 40;

  /** The highest count of one entry. */
  public static final int MOST = 9999;

  public OwnFigure {
    what = what.strip();
    if (what.isEmpty() || what.length() > LONGEST_NAME || what.lines().count() > 1) {
      throw new InvalidException(Message.of("day.figureName", "most", LONGEST_NAME));
    }
    if (count < 0 || count > MOST) {
      throw new InvalidException(
          Message.of("day.countWithin", "what", what, "most", MOST, "count", count));
    }
  }

  /** Whether it is counted under this name, in any spelling. */
  public boolean isCalled(String name) {
    return Fold.of(what).equals(Fold.of(name));
  }
}
