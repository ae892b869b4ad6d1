package humblequill.core.lookback;

import humblequill.core.day.entry.Tally;
import humblequill.core.day.streak.Run;
import humblequill.core.ground.calendar.Pause;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The longest runs of all years in order of time, and what lay between them. */
public final class RunsInOrder {
  /** How many are shown. */
  public static final int MOST = 6;

  private RunsInOrder() {}

  /**
   * A long run.
   *
   * @param before what lay between the long run before and this one; of the first one nothing
   */
  public record LongRun(Run run, Gap before) {}

  /**
   * What lay between two long runs.
   *
   * @param days from the end of one to the beginning of the other, both left out; 0 before the
   *     first
   * @param drawn on how many of them something was drawn all the same
   * @param minutes drawn on these
   * @param pauses reasons of the pauses that fall into it
   */
  public record Gap(int days, int drawn, int minutes, List<String> pauses) {
    /** Nothing lay before. */
    public static final Gap NONE = new Gap(0, 0, 0, List.of());
  }

  /**
   * The longest runs, the oldest first.
   *
   * @param runs all runs, the oldest first
   */
  public static List<LongRun> of(List<Run> runs, Tally minutes, List<Pause> pauses) {
    var longest =
        runs.stream()
            .sorted(Comparator.comparing(Run::length).reversed())
            .limit(MOST)
            .sorted(Comparator.comparing(Run::from))
            .toList();
    var found = new ArrayList<LongRun>();
    for (int i = 0; i < longest.size(); i++) {
      var gap =
          i == 0
              ? Gap.NONE
              : between(longest.get(i - 1).to(), longest.get(i).from(), minutes, pauses);
      found.add(new LongRun(longest.get(i), gap));
    }
    return found;
  }

  private static Gap between(LocalDate end, LocalDate begin, Tally minutes, List<Pause> pauses) {
    var first = end.plusDays(1);
    if (!first.isBefore(begin)) {
      return Gap.NONE;
    }
    var drawn = minutes.byDay().subMap(first, begin);
    return new Gap(
        (int) ChronoUnit.DAYS.between(first, begin),
        drawn.size(),
        drawn.values().stream().mapToInt(m -> m).sum(),
        pauses.stream()
            .filter(p -> p.from().isBefore(begin) && !p.to().isBefore(first))
            .map(Pause::reason)
            .distinct()
            .toList());
  }
}
