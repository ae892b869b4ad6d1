package humblequill.server.topic.recall;

import humblequill.server.ground.data.StoredJson;

/** A plate or an order of steps, by its id. */
record Recallable(Recall.Kind kind, String id) {
  private static final char BETWEEN = '/';

  /** Reads one as it is stored: "plate/boat". */
  static Recallable of(String key) {
    int at = key.indexOf(BETWEEN);
    return new Recallable(
        StoredJson.kind(Recall.Kind.class, key.substring(0, at)), key.substring(at + 1));
  }

  /** As it is stored. */
  String key() {
    return StoredJson.word(kind) + BETWEEN + id;
  }

  /** One of its pins as it is stored: "plate/boat/keel". */
  String pin(String pin) {
    return key() + BETWEEN + pin;
  }
}
