package humblequill.core.book.piece;

import humblequill.core.day.entry.Drawn;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;

/**
 * What was spent on a piece or on a stage of it.
 *
 * @param minutes as logged, or estimated from the drawings
 * @param days practice days on which something was drawn for it
 */
public record Spent(int minutes, int days, Optional<LocalDate> first, Optional<LocalDate> last) {

  /** The sum over some entries, each of which was drawn for it. */
  public static Spent on(Collection<Drawn> drawn) {
    return new Spent(
        drawn.stream().mapToInt(d -> d.minutes().minutes()).sum(),
        (int) drawn.stream().map(Drawn::day).distinct().count(),
        drawn.stream().map(Drawn::day).min(Comparator.naturalOrder()),
        drawn.stream().map(Drawn::day).max(Comparator.naturalOrder()));
  }
}
