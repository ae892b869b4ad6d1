package humblequill.core.day.streak;

import humblequill.core.ground.calendar.WeekPattern;

/**
 * How the learner counts days.
 *
 * @param daysPerWeek of the weekly rhythm, 1 to 7; kept while another school is picked
 * @param floorMinutes minutes from which a day counts; 0 means any entry
 */
public record Counting(School school, int daysPerWeek, int floorMinutes) {
  /** The rule of the school the learner picked. */
  public StreakRule rule() {
    return rule(school);
  }

  /** The rule of any school, with the learner's numbers. */
  public StreakRule rule(School other) {
    return switch (other) {
      case EVERY_DAY -> new EveryDay();
      case NEVER_TWICE -> new NeverTwice();
      case WEEKLY_RHYTHM -> new WeeklyRhythm(daysPerWeek);
    };
  }

  /**
   * Whether a usual week has the days that the school asks for. A day that is not rest may have no
   * minutes set aside: something can be drawn on it all the same.
   */
  public boolean fits(WeekPattern week) {
    return rule().daysAskedForInAWeek() <= week.drawingDays();
  }
}
