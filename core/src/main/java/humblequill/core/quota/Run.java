package humblequill.core.quota;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What a quota came to: kept when it is over, and laid beside another run of the same promise.
 *
 * @param done units
 * @param asked units promised
 * @param days days on which something was drawn
 * @param span calendar days from the first to the last of them; 0 without any
 * @param minutes minutes drawn
 * @param pace seconds a unit, by thirds of the run in order; 0 where a third tells none
 * @param marks mean mark by thirds of the run; 0 where a third has none
 * @param curve units so far by number of the day since the start, from day 1
 */
public record Run(
    int done,
    int asked,
    int days,
    int span,
    int minutes,
    List<Integer> pace,
    List<Double> marks,
    List<Integer> curve) {
  private static final int PARTS = 3;

  /**
   * One entry of the run.
   *
   * @param units what it brought
   * @param mark 1 to 5; 0 without one
   */
  public record Part(LocalDate day, int units, int minutes, int mark) {}

  /**
   * Adds it up.
   *
   * @param parts entries that counted, in order
   * @param start first day of the promise
   * @param end last day that is looked at
   */
  public static Run of(List<Part> parts, int asked, LocalDate start, LocalDate end) {
    var byDay = new TreeMap<LocalDate, Integer>();
    parts.forEach(p -> byDay.merge(p.day(), p.units(), Integer::sum));
    var pace = new ArrayList<Integer>();
    var marks = new ArrayList<Double>();
    for (int i = 0; i < PARTS; i++) {
      var third = parts.subList(parts.size() * i / PARTS, parts.size() * (i + 1) / PARTS);
      var each =
          third.stream()
              .filter(p -> p.units() > 0 && p.minutes() > 0)
              .map(p -> Math.round(p.minutes() * 60f / p.units()))
              .toList();
      pace.add(each.isEmpty() ? 0 : (int) Math.round(PaceEstimate.median(each)));
      marks.add(third.stream().filter(p -> p.mark() > 0).mapToInt(Part::mark).average().orElse(0));
    }
    return new Run(
        parts.stream().mapToInt(Part::units).sum(),
        asked,
        byDay.size(),
        byDay.isEmpty()
            ? 0
            : (int) (byDay.lastKey().toEpochDay() - byDay.firstKey().toEpochDay()) + 1,
        parts.stream().mapToInt(Part::minutes).sum(),
        pace,
        marks,
        curve(byDay, start, end));
  }

  private static List<Integer> curve(
      Map<LocalDate, Integer> byDay, LocalDate start, LocalDate end) {
    var curve = new ArrayList<Integer>();
    int sum = 0;
    for (var day = start; !day.isAfter(end); day = day.plusDays(1)) {
      sum += byDay.getOrDefault(day, 0);
      curve.add(sum);
    }
    return curve;
  }
}
