package humblequill.core.shelf;

import humblequill.core.placement.PlacedWeek;
import humblequill.core.placement.Placement;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;

/** What on the shelf teaches the weeks of a course. */
public final class Teachers {
  private static final int WEEKS_AHEAD = 4;

  private Teachers() {}

  /**
   * Weeks from today's on, {@value #WEEKS_AHEAD} at most, whose topics nothing teaches. None while
   * no resource teaches anything: an empty shelf asks for nothing.
   */
  public static List<PlacedWeek> missing(
      Placement plan, Collection<Resource> shelf, LocalDate today) {
    boolean any =
        shelf.stream().anyMatch(r -> r.role() == ResourceRole.TEACHES && !r.about().isEmpty());
    return any
        ? plan.weeks().stream()
            .filter(w -> !w.to().isBefore(today))
            .limit(WEEKS_AHEAD)
            .filter(w -> !w.week().topics().isEmpty())
            .filter(w -> shelf.stream().noneMatch(r -> r.teachesAny(w.week().topics())))
            .toList()
        : List.of();
  }
}
