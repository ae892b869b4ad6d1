package humblequill.core.day.streak;

import humblequill.core.ground.calendar.Weeks;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A week is kept when at least n of its days were practised; the run counts kept weeks.
 *
 * <p>A week that rest, a pause or the very beginning of the record left with fewer than n days is
 * itself neutral unless n days were reached all the same. The open week never fails while n can
 * still be reached.
 *
 * @param daysPerWeek n, 1 to 7
 */
public record WeeklyRhythm(int daysPerWeek) implements StreakRule {
  public WeeklyRhythm {
    if (daysPerWeek < 1 || daysPerWeek > 7) {
      throw new IllegalArgumentException("daysPerWeek must be 1 to 7, was " + daysPerWeek);
    }
  }

  @Override
  public Streak count(PracticeRecord practice, DayOfWeek weekStart) {
    var thisWeek = Weeks.startOf(practice.today(), weekStart);
    var first = practice.isEmpty() ? thisWeek : Weeks.startOf(practice.date(0), weekStart);
    var forgiven = new HashSet<LocalDate>();
    int length = 0;
    LocalDate from = null;
    LocalDate to = null;
    var longest = Run.NONE;
    var runs = new ArrayList<Run>();
    var week = Week.of(practice, first);
    for (var start = first; ; start = start.plusWeeks(1)) {
      week = Week.of(practice, start);
      boolean open = start.equals(thisWeek);
      if (week.practised >= daysPerWeek) {
        from = length == 0 ? start : from;
        to = start.plusDays(6);
        length++;
        if (length >= longest.length()) {
          longest = new Run(length, from, to);
        }
        forgiven.addAll(week.missed);
      } else if (week.reachable() >= daysPerWeek) {
        forgiven.addAll(week.missed);
      } else if (week.reachable() + week.missed.size() >= daysPerWeek) {
        add(runs, length, from, to);
        length = 0;
      }
      if (open) {
        break;
      }
    }
    add(runs, length, from, to);
    int needed = Math.max(0, daysPerWeek - week.practised);
    boolean failed = needed > week.ahead;
    return new Streak(
        length == 0 ? Run.NONE : new Run(length, from, to),
        longest,
        Streak.Unit.WEEKS,
        practice.on(practice.today()) == PracticeRecord.Day.PRACTISED,
        length > 0 && week.todayOpen && needed > 0 && needed == week.ahead,
        failed ? 0 : week.ahead - needed,
        week.ahead,
        needed,
        runs,
        Set.copyOf(forgiven));
  }

  @Override
  public int daysAskedForInAWeek() {
    return daysPerWeek;
  }

  private static void add(List<Run> runs, int length, LocalDate from, LocalDate to) {
    if (length > 0) {
      runs.add(new Run(length, from, to));
    }
  }

  /**
   * One calendar week: days practised, days missed, and days from today on that can still be
   * practised.
   */
  private record Week(int practised, List<LocalDate> missed, int ahead, boolean todayOpen) {
    private static Week of(PracticeRecord practice, LocalDate start) {
      int practised = 0;
      int ahead = 0;
      boolean todayOpen = false;
      var missed = new ArrayList<LocalDate>();
      for (int i = 0; i < 7; i++) {
        var date = start.plusDays(i);
        if (date.isAfter(practice.today())) {
          ahead += practice.isNeutral(date) ? 0 : 1;
          continue;
        }
        switch (practice.on(date)) {
          case PRACTISED -> practised++;
          case MISSED -> missed.add(date);
          case OPEN -> {
            ahead++;
            todayOpen = true;
          }
          case NEUTRAL -> {
            // It neither adds nor breaks.
          }
        }
      }
      return new Week(practised, missed, ahead, todayOpen);
    }

    private int reachable() {
      return practised + ahead;
    }
  }
}
