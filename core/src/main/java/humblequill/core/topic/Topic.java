package humblequill.core.topic;

import humblequill.core.ground.message.Message;
import java.util.List;

/**
 * One thing to learn.
 *
 * @param name as shown, unique
 * @param area the area it belongs to
 * @param needs names of topics that come first
 * @param alsoCalled other names for it
 */
public record Topic(String name, String area, List<String> needs, List<String> alsoCalled) {
  public Topic {
    needs = List.copyOf(needs);
    alsoCalled = List.copyOf(alsoCalled);
    if (name.isBlank() || area.isBlank()) {
      throw new BrokenTopicsException(Message.of("topic.topicIncomplete"));
    }
  }
}
