package humblequill.core.topic.recall;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.List;

/** What plates and orders share: a title, and the topics that they belong to. */
final class Titled {
  private Titled() {}

  static void check(String title, List<String> topics) {
    if (title.isBlank() || title.length() > Pin.LONGEST) {
      throw new InvalidException(
          Message.of("topic.titleLength", "most", Pin.LONGEST, "length", title.length()));
    }
    if (topics.size() > Plate.MOST_TOPICS) {
      throw new InvalidException(
          Message.of("topic.tooManyTopics", "most", Plate.MOST_TOPICS, "topics", topics.size()));
    }
    if (topics.stream().anyMatch(t -> t.isBlank() || t.length() > Pin.LONGEST)) {
      throw new InvalidException(Message.of("topic.topicLength", "most", Pin.LONGEST));
    }
  }
}
