package humblequill.core.lookback;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.PlacedWeek;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What of a week's work can go: what comes in most units first, and never the last one.
 *
 * @param units that go, by exercise
 * @param minutes of work that they are, rounded up
 */
public record LessWork(Map<String, Integer> units, int minutes) {
  private static final int MINUTE = 60;

  public LessWork {
    units = Collections.unmodifiableMap(new LinkedHashMap<>(units));
  }

  /** So much less work that at most so many minutes go. */
  public static LessWork of(PlacedWeek week, double most) {
    var dropped = new LinkedHashMap<String, Integer>();
    double seconds = 0;
    List<Exercise> largest =
        week.week().exercises().stream()
            .sorted(Comparator.comparing((Exercise e) -> e.target().quantity()).reversed())
            .toList();
    for (var e : largest) {
      double left = most * MINUTE - seconds;
      int units = (int) Math.min(e.target().quantity() - 1, Math.floor(left / e.secondsEach()));
      if (units > 0) {
        dropped.put(e.id(), units);
        seconds += (double) units * e.secondsEach();
      }
    }
    return new LessWork(dropped, (int) Math.ceil(seconds / MINUTE));
  }

  /** Minutes of work in a week. */
  public static double minutes(PlacedWeek week) {
    return week.week().exercises().stream()
        .mapToDouble(e -> (double) e.target().quantity() * e.secondsEach() / MINUTE)
        .sum();
  }

  /** Whether nothing can go. */
  public boolean isNothing() {
    return units.isEmpty();
  }
}
