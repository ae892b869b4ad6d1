package humblequill.core.shelf;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.Tally;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import humblequill.core.ground.calendar.Weeks;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * What entries tell of a resource.
 *
 * @param read how far it is read
 * @param newlyRead units read for the first time, by day
 * @param unitsAWeek the mean of the last {@value #WEEKS} weeks with newly read ones; empty without
 * @param activeWeeks how many weeks that rests on
 * @param minutes of all its entries
 * @param byHow entries by how it was used, in the order of these ways
 * @param attemptedFirst units attempted before their solution was seen
 * @param withAttempt own minutes a unit where it was attempted first
 * @param without own minutes a unit where it was not
 * @param topics of its entries, the most drawn first
 */
public record ResourceUse(
    UnitsRead read,
    Tally newlyRead,
    OptionalDouble unitsAWeek,
    int activeWeeks,
    int entries,
    int minutes,
    int drawings,
    Optional<LocalDate> first,
    Optional<LocalDate> last,
    Map<HowUsed, Integer> byHow,
    int attemptedFirst,
    OptionalDouble withAttempt,
    OptionalDouble without,
    List<String> topics) {
  static final int WEEKS = 4;

  /**
   * The use.
   *
   * @param drawn entries of the resource, oldest first
   * @param unit in what it is counted; empty where it is not
   * @param byHand spans told by hand, read at no day in particular
   */
  public static ResourceUse of(
      List<Drawn> drawn,
      Optional<UnitKind> unit,
      OptionalInt total,
      List<Units> byHand,
      DayOfWeek weekStart) {
    var spans = new ArrayList<>(byHand);
    Set<Integer> seen = new HashSet<>();
    byHand.forEach(u -> add(seen, u));
    var newly = new TreeMap<LocalDate, Integer>();
    var how = new EnumMap<HowUsed, Integer>(HowUsed.class);
    Set<Integer> attempted = new TreeSet<>();
    var cost = new Cost();
    for (var d : drawn) {
      var study = d.learned().study();
      study.how().ifPresent(h -> how.merge(h, 1, Integer::sum));
      var units = study.units().filter(u -> unit.isPresent() && u.kind() == unit.get());
      if (units.isEmpty()) {
        continue;
      }
      spans.add(units.get());
      int fresh = add(seen, units.get());
      newly.merge(d.day(), fresh, Integer::sum);
      boolean first = study.how().filter(h -> h == HowUsed.ATTEMPTED_FIRST).isPresent();
      if (first) {
        add(attempted, units.get());
      }
      if (d.minutesTold().isPresent()) {
        cost.add(first, d.minutesTold().get(), units.get().count());
      }
    }
    var tally = new Tally(newly);
    var weeks = new TreeMap<LocalDate, Integer>();
    newly.forEach((day, n) -> weeks.merge(Weeks.startOf(day, weekStart), n, Integer::sum));
    var active = weeks.descendingMap().values().stream().filter(n -> n > 0).limit(WEEKS).toList();
    return new ResourceUse(
        UnitsRead.of(spans, total),
        tally,
        active.stream().mapToInt(n -> n).average(),
        active.size(),
        drawn.size(),
        drawn.stream().mapToInt(d -> d.minutes().minutes()).sum(),
        drawn.stream().mapToInt(d -> d.drawings().orElse(0)).sum(),
        drawn.stream().map(Drawn::day).findFirst(),
        drawn.isEmpty() ? Optional.empty() : Optional.of(drawn.get(drawn.size() - 1).day()),
        Collections.unmodifiableMap(how),
        attempted.size(),
        cost.with(),
        cost.without(),
        topics(drawn));
  }

  private static List<String> topics(List<Drawn> drawn) {
    var minutes = new TreeMap<String, Integer>();
    drawn.forEach(
        d -> d.topics().forEach(t -> minutes.merge(t, d.minutes().minutes(), Integer::sum)));
    return minutes.entrySet().stream()
        .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
        .map(Map.Entry::getKey)
        .toList();
  }

  /** Own minutes a unit. */
  private static final class Cost {
    private int minutesWith;
    private int unitsWith;
    private int minutesWithout;
    private int unitsWithout;

    private void add(boolean attempt, int minutes, int count) {
      if (attempt) {
        minutesWith += minutes;
        unitsWith += count;
      } else {
        minutesWithout += minutes;
        unitsWithout += count;
      }
    }

    private OptionalDouble with() {
      return unitsWith == 0
          ? OptionalDouble.empty()
          : OptionalDouble.of((double) minutesWith / unitsWith);
    }

    private OptionalDouble without() {
      return unitsWithout == 0
          ? OptionalDouble.empty()
          : OptionalDouble.of((double) minutesWithout / unitsWithout);
    }
  }

  /** Units that were not there yet. */
  private static int add(Set<Integer> seen, Units units) {
    int fresh = 0;
    for (int unit = units.from(); unit <= units.to(); unit++) {
      if (seen.add(unit)) {
        fresh++;
      }
    }
    return fresh;
  }
}
