package humblequill.core.day.streak;

import java.time.DayOfWeek;

/**
 * A single missed day is forgiven, two in a row end the run; neutral days between two misses do not
 * part them.
 */
public record NeverTwice() implements StreakRule {
  @Override
  public Streak count(PracticeRecord practice, DayOfWeek weekStart) {
    return DayRuns.count(practice, weekStart, 1);
  }

  @Override
  public int daysAskedForInAWeek() {
    return 0;
  }
}
