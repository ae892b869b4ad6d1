package humblequill.core.course.plan;

import humblequill.core.course.placement.Placement;
import java.time.LocalDate;
import java.util.List;

/**
 * How several courses part the minutes of a day: by weight, among those that have work on it.
 * Common practice, no published source.
 *
 * @param followers all that is followed
 */
public record SharedRoom(List<Follower> followers) {
  /**
   * A course that takes part.
   *
   * @param placement as it stands
   * @param weight its weight against the others, 1 or more
   */
  public record Follower(Placement placement, int weight) {
    public Follower {
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
    followers = List.copyOf(followers);
  }

  /** The part of a date's room that one of the courses gets, above 0 and at most 1. */
  public double shareOf(Follower follower, LocalDate date) {
    int others =
        followers.stream()
            .filter(p -> p != follower && p.hasWork(date))
            .mapToInt(Follower::weight)
            .sum();
    return (double) follower.weight() / (follower.weight() + others);
  }
}
