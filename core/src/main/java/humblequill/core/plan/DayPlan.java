package humblequill.core.plan;

import java.time.LocalDate;
import java.util.List;

/**
 * One day's shares in the order of work.
 *
 * @param roomSeconds effective room; the shares never take more
 */
public record DayPlan(LocalDate date, int roomSeconds, List<Share> shares) {
  public DayPlan {
    shares = List.copyOf(shares);
  }

  /** Seconds that the shares take together. */
  public int plannedSeconds() {
    return shares.stream().mapToInt(Share::seconds).sum();
  }

  /** Units of one exercise on this day, 0 if it has no share. */
  public int countOf(String exerciseId) {
    return shares.stream()
        .filter(s -> s.exerciseId().equals(exerciseId))
        .mapToInt(Share::count)
        .sum();
  }
}
