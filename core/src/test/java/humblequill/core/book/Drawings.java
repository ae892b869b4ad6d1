package humblequill.core.book;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Minutes;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** Entries as the tests need them. */
final class Drawings {
  private Drawings() {}

  static Drawn drawn(String book, LocalDate day, int from, int to) {
    return drawn(book, day, from, to, "pen");
  }

  static Drawn drawn(String book, LocalDate day, int from, int to, String medium) {
    return new Drawn(
        UUID.randomUUID(),
        day,
        "cranes",
        Optional.empty(),
        Optional.empty(),
        Set.of("cranes"),
        Optional.of(medium),
        Optional.empty(),
        Optional.of(book),
        Optional.of(1),
        Minutes.of(Optional.of(10), Optional.empty(), Optional.empty()),
        to - from + 1,
        to,
        0,
        Drawn.Learned.NOTHING);
  }
}
