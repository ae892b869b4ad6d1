package humblequill.core.course.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;

/**
 * One day's shares in the order of work.
 *
 * @param roomSeconds effective room; the shares never take more
 * @param appointed what an appointment of the day satisfies; it takes none of the room
 */
public record DayPlan(LocalDate date, int roomSeconds, List<Share> shares, List<Share> appointed) {
  public DayPlan {
    shares = List.copyOf(shares);
    appointed = List.copyOf(appointed);
  }

  /** A day without appointments. */
  public DayPlan(LocalDate date, int roomSeconds, List<Share> shares) {
    this(date, roomSeconds, shares, List.of());
  }

  DayPlan withAppointed(List<Share> others) {
    return new DayPlan(date, roomSeconds, shares, others);
  }

  /** Seconds that the shares take together. */
  public int plannedSeconds() {
    return shares.stream().mapToInt(Share::seconds).sum();
  }

  /** Units of one exercise on this day, by shares and appointments; 0 if it has none. */
  public int countOf(String exerciseId) {
    return Stream.concat(shares.stream(), appointed.stream())
        .filter(s -> s.exerciseId().equals(exerciseId))
        .mapToInt(Share::count)
        .sum();
  }
}
