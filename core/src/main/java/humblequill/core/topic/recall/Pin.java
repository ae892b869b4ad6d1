package humblequill.core.topic.recall;

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
      throw new IllegalArgumentException(
          "the id of \"%s\" has 1 to %d letters".formatted(name, LONGEST_ID));
    }
    if (isEmpty(name) || others.stream().anyMatch(Pin::isEmpty)) {
      throw new IllegalArgumentException("a pin has a name without a letter or a digit");
    }
    checkLength(latin);
    others.forEach(Pin::checkLength);
    if (others.size() > MOST_OTHERS) {
      throw new IllegalArgumentException(
          "\"%s\" has %d other names; %d are the most".formatted(name, others.size(), MOST_OTHERS));
    }
    if (!(reach > 0 && reach <= MOST_REACH)) {
      throw new IllegalArgumentException(
          "the reach of \"%s\" is above 0 and at most %s, not %s"
              .formatted(name, MOST_REACH, reach));
    }
    if (!(x >= 0 && x <= 1 && y >= 0 && y <= 1)) {
      throw new IllegalArgumentException(
          "\"" + name + "\" lies outside the picture, at " + x + " and " + y);
    }
  }

  private static boolean isEmpty(String name) {
    return Judging.plain(name).isEmpty();
  }

  private static void checkLength(String name) {
    if (name.length() > LONGEST) {
      throw new IllegalArgumentException(
          "\"%s…\" has %d letters; a name has at most %d"
              .formatted(name.substring(0, SHOWN), name.length(), LONGEST));
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
