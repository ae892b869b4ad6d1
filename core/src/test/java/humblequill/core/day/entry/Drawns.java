package humblequill.core.day.entry;

import java.time.LocalDate;
import java.util.List;
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

  /** The same drawn with a medium from a source; null for none told. */
  public static Drawn with(Drawn d, String medium, String source) {
    return copy(d, Optional.ofNullable(medium), Optional.ofNullable(source), d.learned());
  }

  /** The same with what is to be learned from it. */
  public static Drawn learned(Drawn d, Drawn.Learned learned) {
    return copy(d, d.medium(), d.source(), learned);
  }

  /** The same that shows something beside its topic. */
  public static Drawn showing(Drawn d, String... facets) {
    var study =
        new Study(
            Optional.empty(),
            Optional.empty(),
            List.of(facets),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    return learned(d, new Drawn.Learned(Drawn.Purpose.STUDY, Optional.empty(), study, false));
  }

  private static Drawn copy(
      Drawn d, Optional<String> medium, Optional<String> source, Drawn.Learned learned) {
    return new Drawn(
        d.entry(),
        d.day(),
        d.called(),
        d.placement(),
        d.exercise(),
        d.topics(),
        medium,
        source,
        d.book(),
        d.drawings(),
        d.minutes(),
        d.pages(),
        d.lastPage(),
        d.mark(),
        learned);
  }
}
