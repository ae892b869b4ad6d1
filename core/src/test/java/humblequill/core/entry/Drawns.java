package humblequill.core.entry;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Entries as they count, for tests. */
public final class Drawns {
  private Drawns() {}

  /** So many drawings of a topic in so many minutes. */
  public static Drawn of(LocalDate day, String topic, int drawings, int minutes) {
    return of(day, topic, drawings, minutes, 0, 0);
  }

  /** The same on pages, with a mark. */
  public static Drawn of(
      LocalDate day, String topic, int drawings, int minutes, int pages, int mark) {
    return new Drawn(
        UUID.randomUUID(),
        day,
        topic,
        Optional.of(new UUID(0, 1)),
        Optional.of("hy-7-1"),
        Set.of(topic),
        Optional.of("pen"),
        Optional.of("life"),
        Optional.empty(),
        Optional.of(drawings),
        new Minutes(minutes, true),
        pages,
        pages,
        mark,
        Drawn.Learned.NOTHING);
  }
}
