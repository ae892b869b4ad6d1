package humblequill.core.shelf;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;

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

  /**
   * A resource that is there.
   *
   * @param queue its place in the queue; empty outside
   * @param waits whether others come first and are not done
   */
  public record OnShelf(UUID id, Resource resource, OptionalInt queue, boolean waits) {}

  /**
   * The resource to take up for some topics: one that teaches them, was never opened and waits for
   * no other, the one that is first of them in the queue. None where one that is being read teaches
   * them, and none where it comes next anyway.
   */
  public static Optional<UUID> next(List<OnShelf> shelf, List<String> topics, LocalDate today) {
    if (shelf.stream().anyMatch(s -> isReadFor(s.resource(), topics, today))) {
      return Optional.empty();
    }
    int first =
        shelf.stream()
            .filter(s -> !s.waits())
            .mapToInt(Teachers::queued)
            .min()
            .orElse(Integer.MAX_VALUE);
    return shelf.stream()
        .filter(s -> !s.waits() && s.resource().teachesAny(topics))
        .filter(s -> isUnopened(s.resource(), today))
        .min(Comparator.comparingInt(Teachers::queued))
        .filter(s -> s.queue().isEmpty() || s.queue().getAsInt() > first)
        .map(OnShelf::id);
  }

  private static int queued(OnShelf s) {
    return s.queue().orElse(Integer.MAX_VALUE);
  }

  private static boolean isReadFor(Resource r, List<String> topics, LocalDate today) {
    return r.place(today) == Resource.Place.READING && r.teachesAny(topics);
  }

  private static boolean isUnopened(Resource r, LocalDate today) {
    var place = r.place(today);
    return r.use().entries() == 0
        && (place == Resource.Place.QUEUED || place == Resource.Place.AT_HAND);
  }
}
