package humblequill.core.ground.calendar;

import java.time.DayOfWeek;

/**
 * When the learner has time.
 *
 * @param clock where a practice day begins and ends
 * @param availability minutes, rest and pauses
 * @param weekStart first day of the learner's week
 */
public record PracticeTime(PracticeClock clock, Availability availability, DayOfWeek weekStart) {
  /** The same with other minutes. */
  public PracticeTime with(Availability other) {
    return new PracticeTime(clock, other, weekStart);
  }
}
