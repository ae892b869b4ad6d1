package humblequill.core.streak;

import humblequill.core.calendar.Weeks;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Set;

/** Counts runs in days that survive at most a given number of misses in a row. */
final class DayRuns {
  private DayRuns() {}

  static Streak count(PracticeRecord practice, DayOfWeek weekStart, int missesForgiven) {
    var runs = new Runs();
    int missesInARow = 0;
    for (int i = 0; i < practice.length(); i++) {
      switch (practice.day(i)) {
        case PRACTISED -> {
          runs.practised(practice.date(i));
          missesInARow = 0;
        }
        case MISSED -> {
          missesInARow++;
          runs.missed(practice.date(i), missesInARow <= missesForgiven);
        }
        default -> {
          // Neutral days and the open day neither add nor break.
        }
      }
    }
    boolean todayPractised = practice.on(practice.today()) == PracticeRecord.Day.PRACTISED;
    boolean todayOpen = practice.on(practice.today()) == PracticeRecord.Day.OPEN;
    // A miss after the last practised day is forgiven as long as the run lives.
    runs.forgiven.addAll(runs.onTrial);
    return new Streak(
        runs.current(),
        runs.longest,
        Streak.Unit.DAYS,
        todayPractised,
        todayOpen && runs.length > 0 && missesInARow == missesForgiven,
        missesLeft(practice, weekStart, missesForgiven, runs.length == 0 ? 0 : missesInARow),
        0,
        runs.forgiven);
  }

  private static int missesLeft(
      PracticeRecord practice, DayOfWeek weekStart, int forgiven, int missesInARow) {
    var end = Weeks.startOf(practice.today(), weekStart).plusDays(6);
    int row = missesInARow;
    int left = 0;
    for (var date = practice.today(); !date.isAfter(end); date = date.plusDays(1)) {
      boolean done =
          date.equals(practice.today()) && practice.on(date) == PracticeRecord.Day.PRACTISED;
      if (done || practice.isNeutral(date)) {
        continue;
      }
      if (row < forgiven) {
        row++;
        left++;
      } else {
        row = 0;
      }
    }
    return left;
  }

  private static final class Runs {
    private int length;
    private LocalDate from;
    private LocalDate to;
    private Streak.Run longest = Streak.Run.NONE;
    private final Set<LocalDate> forgiven = new HashSet<>();
    private final Set<LocalDate> onTrial = new HashSet<>();

    private void practised(LocalDate date) {
      from = length == 0 ? date : from;
      to = date;
      length++;
      forgiven.addAll(onTrial);
      onTrial.clear();
      if (length >= longest.length()) {
        longest = current();
      }
    }

    private void missed(LocalDate date, boolean survives) {
      if (survives && length > 0) {
        onTrial.add(date);
      } else {
        length = 0;
        onTrial.clear();
      }
    }

    private Streak.Run current() {
      return length == 0 ? Streak.Run.NONE : new Streak.Run(length, from, to);
    }
  }
}
