package humblequill.core.day.streak;

import humblequill.core.ground.calendar.Weeks;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Counts runs in days that survive at most a given number of misses in a row. */
final class DayRuns {
  private DayRuns() {}

  static Streak count(PracticeRecord practice, DayOfWeek weekStart, int missesForgiven) {
    var runs = new Count();
    int missesInARow = 0;
    for (int i = 0; i < practice.length(); i++) {
      switch (practice.day(i)) {
        case PRACTISED -> {
          runs.practised(i);
          missesInARow = 0;
        }
        case MISSED -> {
          missesInARow++;
          runs.missed(i, missesInARow <= missesForgiven);
        }
        case NEUTRAL, OPEN -> {
          // Neutral days and the open day neither add nor break.
        }
      }
    }
    boolean todayPractised = practice.on(practice.today()) == PracticeRecord.Day.PRACTISED;
    boolean todayOpen = practice.on(practice.today()) == PracticeRecord.Day.OPEN;
    int openDays = openDays(practice, weekStart);
    // A miss after the last practised day is forgiven as long as the run lives.
    runs.forgiven.or(runs.onTrial);
    return new Streak(
        run(practice, runs.length, runs.from, runs.to),
        run(practice, runs.longest, runs.longestFrom, runs.longestTo),
        Streak.Unit.DAYS,
        todayPractised,
        todayOpen && runs.length > 0 && missesInARow == missesForgiven,
        missesLeft(openDays, missesForgiven, runs.length == 0 ? 0 : missesInARow),
        openDays,
        0,
        runs.all(practice),
        runs.forgiven.stream().mapToObj(practice::date).collect(Collectors.toSet()));
  }

  private static Run run(PracticeRecord practice, int length, int from, int to) {
    return length == 0 ? Run.NONE : new Run(length, practice.date(from), practice.date(to));
  }

  /** Days of the week that are still to come, today included. */
  private static int openDays(PracticeRecord practice, DayOfWeek weekStart) {
    var today = practice.today();
    boolean done = practice.on(today) == PracticeRecord.Day.PRACTISED;
    var end = Weeks.startOf(today, weekStart).plusWeeks(1);
    return (int)
        (done ? today.plusDays(1) : today)
            .datesUntil(end)
            .filter(date -> !practice.isNeutral(date))
            .count();
  }

  private static int missesLeft(int openDays, int forgiven, int missesInARow) {
    int row = missesInARow;
    int left = 0;
    for (int day = 0; day < openDays; day++) {
      if (row < forgiven) {
        row++;
        left++;
      } else {
        row = 0;
      }
    }
    return left;
  }

  /** Days by their place in the record: dates are made only for what is told in the end. */
  private static final class Count {
    private int length;
    private int from;
    private int to;
    private int longest;
    private int longestFrom;
    private int longestTo;
    private final List<int[]> over = new ArrayList<>();
    private final BitSet forgiven = new BitSet();
    private final BitSet onTrial = new BitSet();

    private void practised(int day) {
      from = length == 0 ? day : from;
      to = day;
      length++;
      if (!onTrial.isEmpty()) {
        forgiven.or(onTrial);
        onTrial.clear();
      }
      if (length >= longest) {
        longest = length;
        longestFrom = from;
        longestTo = to;
      }
    }

    private void end() {
      if (length > 0) {
        over.add(new int[] {length, from, to});
      }
      length = 0;
    }

    private List<Run> all(PracticeRecord practice) {
      int[] living = {length, from, to};
      return Stream.concat(over.stream(), Stream.of(living).filter(r -> r[0] > 0))
          .map(r -> run(practice, r[0], r[1], r[2]))
          .toList();
    }

    private void missed(int day, boolean survives) {
      if (survives && length > 0) {
        onTrial.set(day);
      } else {
        end();
        onTrial.clear();
      }
    }
  }
}
