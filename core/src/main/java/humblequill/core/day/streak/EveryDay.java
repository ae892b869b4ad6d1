package humblequill.core.day.streak;

import java.time.DayOfWeek;

/** One missed day ends the run. */
public record EveryDay() implements StreakRule {
  @Override
  public Streak count(PracticeRecord practice, DayOfWeek weekStart) {
    return DayRuns.count(practice, weekStart, 0);
  }

  @Override
  public int daysAskedForInAWeek() {
    return 0;
  }
}
