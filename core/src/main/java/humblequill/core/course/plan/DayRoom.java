package humblequill.core.course.plan;

import java.time.LocalDate;
import java.util.Objects;

/**
 * The room of one date.
 *
 * @param date the practice day
 * @param availableMinutes minutes the learner has, 0 or more; 0 on rest days
 * @param overheadMinutes minutes that setting up, warming up and choosing references cost on a day
 *     with drawing
 * @param freeShare part of the day kept for drawing what one likes, 0 to below 1
 * @param courseShare part of the rest that belongs to one of several courses, 0 to 1
 */
public record DayRoom(
    LocalDate date,
    int availableMinutes,
    int overheadMinutes,
    double freeShare,
    double courseShare) {
  public DayRoom {
    Objects.requireNonNull(date, "date");
    if (availableMinutes < 0 || overheadMinutes < 0) {
      throw new IllegalArgumentException("minutes must not be negative on " + date);
    }
    if (!(freeShare >= 0 && freeShare < 1)) {
      throw new IllegalArgumentException("freeShare must be 0 to below 1, was " + freeShare);
    }
    if (!(courseShare >= 0 && courseShare <= 1)) {
      throw new IllegalArgumentException("courseShare must be 0 to 1, was " + courseShare);
    }
  }

  /** A day that belongs to one course alone. */
  public DayRoom(LocalDate date, int availableMinutes, int overheadMinutes, double freeShare) {
    this(date, availableMinutes, overheadMinutes, freeShare, 1);
  }

  /**
   * Effective room in whole seconds: (available − overhead) × (1 − free share) × the course's
   * share, never below 0.
   */
  public int effectiveSeconds() {
    return (int)
        Math.floor(
            Math.max(0, availableMinutes - overheadMinutes) * 60 * (1 - freeShare) * courseShare
                + 1e-6);
  }

  /** Seconds kept free: what is left of the day after overhead and effective room. */
  public int freeSeconds() {
    int rest = Math.max(0, availableMinutes - overheadMinutes) * 60;
    return rest - (int) Math.floor(rest * (1 - freeShare) + 1e-6);
  }

  /** The same date with other minutes. */
  public DayRoom withAvailable(int minutes) {
    return new DayRoom(date, minutes, overheadMinutes, freeShare, courseShare);
  }

  /** The same date for a habit: nothing is set up, and no part is kept free of it. */
  public DayRoom forHabit() {
    return new DayRoom(date, availableMinutes, 0, 0, courseShare);
  }

  /** The same date for one of several courses. */
  public DayRoom withCourseShare(double share) {
    return new DayRoom(date, availableMinutes, overheadMinutes, freeShare, share);
  }
}
