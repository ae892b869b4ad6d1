package humblequill.core.course.plan;

import java.util.Objects;

/**
 * The part of an exercise that falls on one day.
 *
 * @param exerciseId the exercise
 * @param count drawings, or minutes where the exercise is measured in minutes; 1 or more
 * @param seconds time it takes
 */
public record Share(String exerciseId, int count, int seconds) {
  public Share {
    Objects.requireNonNull(exerciseId, "exerciseId");
    if (count < 1 || seconds < 0) {
      throw new IllegalArgumentException(
          "%s: a share is 1 or more and takes 0 seconds or more; were %d and %d"
              .formatted(exerciseId, count, seconds));
    }
  }

  /** So many units of a length. */
  static Share of(String exerciseId, int count, int secondsEach) {
    return new Share(
        exerciseId, count, (int) Math.min(Integer.MAX_VALUE, (long) count * secondsEach));
  }
}
