package humblequill.core.recall;

import java.util.HashSet;
import java.util.List;

/**
 * A picture with named places.
 *
 * @param id names it
 * @param topics what it belongs to
 * @param ratio the picture's width ÷ height
 * @param pins one or more, each with a name of its own
 */
public record Plate(String id, String title, List<String> topics, double ratio, List<Pin> pins) {
  /** The most pins of one plate. */
  public static final int MOST_PINS = 80;

  public Plate {
    topics = List.copyOf(topics);
    pins = List.copyOf(pins);
    if (pins.isEmpty()) {
      throw new IllegalArgumentException("a plate needs a pin");
    }
    if (pins.size() > MOST_PINS) {
      throw new IllegalArgumentException(
          "a plate has at most " + MOST_PINS + " pins, these are " + pins.size());
    }
    var names = new HashSet<String>();
    var ids = new HashSet<String>();
    for (var pin : pins) {
      if (!names.add(Judging.plain(pin.name())) || !ids.add(pin.id())) {
        throw new IllegalArgumentException("\"" + pin.name() + "\" stands on two pins");
      }
    }
  }
}
