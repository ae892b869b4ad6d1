package humblequill.core.sitting;

import humblequill.core.ground.name.Fold;
import humblequill.core.ground.stats.Wilson;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * How often something that makes one sit down led to drawing.
 *
 * @param cue as it was last written
 * @param led days on which it led to drawing
 * @param of days since it was first told on which drawing could have been; today counts once it led
 *     to drawing
 * @param sure 95 % interval of the share
 * @param minutes drawn after it
 */
public record CueRecord(String cue, int led, int of, Wilson sure, int minutes) {
  /**
   * Of all that were told, the one that led most often first.
   *
   * @param chance whether a day is one on which drawing can be: no pause and no planned rest
   */
  public static List<CueRecord> of(
      List<PastSitting> sittings, LocalDate today, Predicate<LocalDate> chance) {
    Map<String, List<PastSitting>> byCue = new LinkedHashMap<>();
    sittings.stream()
        .sorted(Comparator.comparing(PastSitting::day))
        .forEach(
            s ->
                s.cue()
                    .ifPresent(
                        cue -> byCue.computeIfAbsent(Fold.of(cue), k -> new ArrayList<>()).add(s)));
    return byCue.values().stream()
        .map(told -> one(told, today, chance))
        .sorted(
            Comparator.comparingDouble((CueRecord c) -> (double) c.led() / c.of())
                .reversed()
                .thenComparing(CueRecord::cue))
        .toList();
  }

  private static CueRecord one(
      List<PastSitting> told, LocalDate today, Predicate<LocalDate> chance) {
    var led = new HashSet<LocalDate>();
    told.forEach(s -> led.add(s.day()));
    int of =
        (int)
            told.get(0)
                .day()
                .datesUntil(today.plusDays(1))
                .filter(d -> led.contains(d) || d.isBefore(today) && chance.test(d))
                .count();
    return new CueRecord(
        told.get(told.size() - 1).cue().orElseThrow(),
        led.size(),
        of,
        Wilson.of(led.size(), of),
        told.stream().mapToInt(PastSitting::minutes).sum());
  }
}
