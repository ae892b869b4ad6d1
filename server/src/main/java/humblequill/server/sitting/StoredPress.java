package humblequill.server.sitting;

import humblequill.core.sitting.Timed;
import humblequill.server.ground.data.StoredJson;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;

/** Something pressed during a sitting as it is stored. See docs/formats/stored.md. */
record StoredPress(String press, Instant at) {
  static String write(List<Timed.Event> events) {
    return StoredJson.write(
        events.stream().map(e -> new StoredPress(StoredJson.word(e.press()), e.at())).toList());
  }

  static List<Timed.Event> read(String text) {
    return Arrays.stream(StoredJson.read(text, StoredPress[].class))
        .map(p -> new Timed.Event(StoredJson.kind(Timed.Press.class, p.press), p.at))
        .toList();
  }
}
