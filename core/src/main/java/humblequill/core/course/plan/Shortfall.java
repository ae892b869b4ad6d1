package humblequill.core.course.plan;

/**
 * What does not fit.
 *
 * @param exerciseId the exercise
 * @param count units without a day, 1 or more
 * @param seconds time they would take
 * @param reason why
 */
public record Shortfall(String exerciseId, int count, int seconds, Reason reason) {
  private static final int SLIGHT_SECONDS = 120;

  /** Whether it is too little to change a plan for: two minutes or less. */
  public boolean isSlight() {
    return seconds <= SLIGHT_SECONDS;
  }

  /** Why work has no day. */
  public enum Reason {
    /** No day has room for another unit. */
    NO_ROOM,
    /** One unit alone is longer than the room of any day. */
    UNIT_TOO_LONG,
    /** The exercise it comes after is not done within these days. */
    WAITS_FOR_ANOTHER
  }
}
