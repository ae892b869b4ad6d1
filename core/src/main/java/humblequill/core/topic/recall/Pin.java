package humblequill.core.topic.recall;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * A named place on a plate.
 *
 * @param id names it within its plate
 * @param name its common name
 * @param latin its Latin name; empty without one
 * @param others plurals and other names that are right as well
 * @param x share of the picture's width, 0 to 1
 * @param y share of the picture's height, 0 to 1
 * @param reach how far from it a placed pin is right, as a share of the picture's longer side
 */
public record Pin(
    String id, String name, String latin, List<String> others, double x, double y, double reach) {
  /** How far away a placed pin is right where the plate does not say. */
  public static final double REACH = 0.04;

  /** The most letters of a name. */
  public static final int LONGEST = 120;

  /** The most other names of one pin. */
  public static final int MOST_OTHERS = 20;

  /** The most letters of an id. */
  public static final int LONGEST_ID = 60;

  private static final double MOST_REACH = 0.3;
  private static final int SHOWN = 30;

  public Pin {
    others = List.copyOf(others);
    checkLength(name);
    if (id.isBlank() || id.length() > LONGEST_ID) {
      throw new InvalidException(Message.of("topic.pinIdLength", "name", name, "most", LONGEST_ID));
    }
    if (isEmpty(name) || others.stream().anyMatch(Pin::isEmpty)) {
      throw new InvalidException(Message.of("topic.pinWithoutLetter"));
    }
    checkLength(latin);
    others.forEach(Pin::checkLength);
    if (others.size() > MOST_OTHERS) {
      throw new InvalidException(
          Message.of(
              "topic.otherNames", "name", name, "others", others.size(), "most", MOST_OTHERS));
    }
    if (!(reach > 0 && reach <= MOST_REACH)) {
      throw new InvalidException(
          Message.of("topic.reachWithin", "name", name, "most", MOST_REACH, "reach", reach));
    }
    if (!(x >= 0 && x <= 1 && y >= 0 && y <= 1)) {
      throw new InvalidException(Message.of("topic.pinOutside", "name", name, "x", x, "y", y));
    }
  }

  private static boolean isEmpty(String name) {
    return Judging.plain(name).isEmpty();
  }

  private static void checkLength(String name) {
    if (name.length() > LONGEST) {
      throw new InvalidException(
          Message.of(
              "topic.pinNameLength",
              "begin",
              name.substring(0, SHOWN),
              "length",
              name.length(),
              "most",
              LONGEST));
    }
  }

  /** All that is right as an answer, the common name first. */
  public Set<String> right() {
    var all = new LinkedHashSet<String>();
    all.add(name);
    if (!latin.isEmpty()) {
      all.add(latin);
    }
    all.addAll(others);
    return all;
  }

  /**
   * Whether a place is near enough.
   *
   * @param ratio the picture's width ÷ height
   */
  public boolean isAt(double px, double py, double ratio) {
    double wide = Math.max(1, ratio);
    double dx = (px - x) * ratio / wide;
    double dy = (py - y) / wide;
    return Math.hypot(dx, dy) <= reach;
  }
}
