package humblequill.core.topic.recall;

import java.util.List;

/** What plates and orders share: a title, and the topics that they belong to. */
final class Titled {
  private Titled() {}

  static void check(String title, List<String> topics) {
    if (title.isBlank() || title.length() > Pin.LONGEST) {
      throw new IllegalArgumentException(
          "a title has 1 to %d letters, this one has %d".formatted(Pin.LONGEST, title.length()));
    }
    if (topics.size() > Plate.MOST_TOPICS) {
      throw new IllegalArgumentException(
          "there are at most %d topics, these are %d".formatted(Plate.MOST_TOPICS, topics.size()));
    }
    if (topics.stream().anyMatch(t -> t.isBlank() || t.length() > Pin.LONGEST)) {
      throw new IllegalArgumentException("a topic has 1 to " + Pin.LONGEST + " letters");
    }
  }
}
