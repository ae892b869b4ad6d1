package humblequill.core.topic.recall;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
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

  /** The most topics that a plate or an order belongs to. */
  public static final int MOST_TOPICS = 8;

  /** The most that one side of a picture is longer than the other. */
  public static final double WIDEST = 20;

  public Plate {
    topics = List.copyOf(topics);
    pins = List.copyOf(pins);
    Titled.check(title, topics);
    if (!(ratio >= 1 / WIDEST && ratio <= WIDEST)) {
      throw new InvalidException(Message.of("topic.pictureTooLong", "ratio", ratio));
    }
    if (pins.isEmpty()) {
      throw new InvalidException(Message.of("topic.noPin"));
    }
    if (pins.size() > MOST_PINS) {
      throw new InvalidException(
          Message.of("topic.tooManyPins", "most", MOST_PINS, "pins", pins.size()));
    }
    var names = new HashSet<String>();
    var ids = new HashSet<String>();
    for (var pin : pins) {
      if (!ids.add(pin.id())) {
        throw new InvalidException(Message.of("topic.pinIdTwice", "id", pin.id()));
      }
      for (var name : pin.right().stream().map(Judging::plain).distinct().toList()) {
        if (!names.add(name)) {
          throw new InvalidException(Message.of("topic.rightForTwo", "name", name));
        }
      }
    }
  }
}
