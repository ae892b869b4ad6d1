package humblequill.core.course.plan;

import java.util.Optional;

/**
 * What of a share fits into so many minutes.
 *
 * @param units whole drawings, or minutes
 * @param minutes it takes
 */
public record ShortTime(int units, int minutes) {
  private static final int MINUTE = 60;

  /**
   * As much as fits; empty where not even one unit does.
   *
   * @param left units still open
   * @param secondsEach seconds a unit; 60 of a share counted in minutes
   * @param minutes there are
   */
  public static Optional<ShortTime> of(int left, int secondsEach, int minutes) {
    int fits = Math.min(left, minutes * MINUTE / Math.max(1, secondsEach));
    return fits <= 0
        ? Optional.empty()
        : Optional.of(new ShortTime(fits, (int) Math.ceil((double) fits * secondsEach / MINUTE)));
  }
}
