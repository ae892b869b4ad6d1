package humblequill.core.plan;

import humblequill.core.course.Placement;
import java.time.LocalDate;
import java.util.List;

/**
 * How several courses part the minutes of a day: by weight, among those that have work on it.
 * Common practice, no published source.
 *
 * @param parts all that is followed
 */
public record SharedRoom(List<Part> parts) {
  /**
   * A course that takes part.
   *
   * @param placement as it stands
   * @param weight its weight against the others, 1 or more
   */
  public record Part(Placement placement, int weight) {
    public Part {
      if (weight < 1) {
        throw new IllegalArgumentException("weight must be 1 or more, was " + weight);
      }
    }

    private boolean hasWork(LocalDate date) {
      return placement
          .weekOn(date)
          .filter(w -> !w.week().exercises().isEmpty() && !w.closed().contains(date))
          .isPresent();
    }
  }

  public SharedRoom {
    parts = List.copyOf(parts);
  }

  /** The part of a date's room that one of the courses gets, above 0 and at most 1. */
  public double shareOf(Part part, LocalDate date) {
    int others =
        parts.stream().filter(p -> p != part && p.hasWork(date)).mapToInt(Part::weight).sum();
    return (double) part.weight() / (part.weight() + others);
  }
}
