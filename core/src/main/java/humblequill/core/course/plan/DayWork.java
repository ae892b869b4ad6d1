package humblequill.core.course.plan;

import humblequill.core.ground.calendar.Availability;
import java.time.LocalDate;

/**
 * How a day's minutes are parted and in which order work comes.
 *
 * @param overheadMinutes setting up, warming up and choosing references, per drawing day
 * @param freeShare part of a day kept for drawing what one likes, 0 to 1
 */
public record DayWork(int overheadMinutes, double freeShare, DayOrder order) {
  /** The same with another part of each day kept for drawing what one likes. */
  public DayWork withFreeShare(double other) {
    return new DayWork(overheadMinutes, other, order);
  }

  /** The same with other minutes for setting up. */
  public DayWork withOverhead(int minutes) {
    return new DayWork(minutes, freeShare, order);
  }

  /** The room of one date. */
  public DayRoom room(Availability availability, LocalDate date) {
    return new DayRoom(date, availability.minutesOn(date), overheadMinutes, freeShare);
  }
}
