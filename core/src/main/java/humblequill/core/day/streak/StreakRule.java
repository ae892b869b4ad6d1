package humblequill.core.day.streak;

import java.time.DayOfWeek;

/** A school of counting runs of practice. Common practice, no published source. */
public sealed interface StreakRule permits EveryDay, NeverTwice, WeeklyRhythm {
  /**
   * Counts.
   *
   * @param practice what became of each day
   * @param weekStart first day of the learner's week, for what can still be missed in it
   */
  Streak count(PracticeRecord practice, DayOfWeek weekStart);

  /**
   * How many days each week must have that are not rest, 0 to 7. Rest and pauses are neutral in
   * schools that count days, so that these ask for none.
   */
  int daysAskedForInAWeek();
}
