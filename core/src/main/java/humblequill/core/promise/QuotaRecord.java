package humblequill.core.promise;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.stats.MannKendall;
import humblequill.core.ground.stats.ShrunkMedian;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * What a quota came to: kept when it is over, and laid beside the same promise taken another time.
 *
 * @param done units
 * @param asked units promised
 * @param days days on which something was drawn
 * @param span calendar days from the first to the last of them; 0 without any
 * @param minutes minutes drawn
 * @param pace seconds a unit, by thirds of it in order; 0 where a third tells none
 * @param marks mean mark by thirds of it; 0 where a third has none
 * @param paceGoes how the time of a unit went from entry to entry, as far as it can be said
 * @param marksGo how the marks went
 * @param curve units so far by number of the day since the start, from day 1
 */
public record QuotaRecord(
    int done,
    int asked,
    int days,
    int span,
    int minutes,
    List<Integer> pace,
    List<Double> marks,
    MannKendall paceGoes,
    MannKendall marksGo,
    List<Integer> curve) {
  private static final int THIRDS = 3;

  /**
   * One entry.
   *
   * @param units what it brought
   * @param mark 1 to 5; 0 without one
   */
  public record Line(LocalDate day, int units, int minutes, int mark) {}

  /**
   * Adds it up.
   *
   * @param lines entries that counted, in order
   * @param start first day of the promise
   * @param end last day that is looked at
   */
  public static QuotaRecord of(List<Line> lines, int asked, LocalDate start, LocalDate end) {
    var byDay = Tally.sum(lines, Line::day, Line::units);
    var pace = new ArrayList<Integer>();
    var marks = new ArrayList<Double>();
    for (int i = 0; i < THIRDS; i++) {
      var third = lines.subList(lines.size() * i / THIRDS, lines.size() * (i + 1) / THIRDS);
      var each =
          third.stream()
              .filter(p -> p.units() > 0 && p.minutes() > 0)
              .map(p -> Math.round(p.minutes() * 60f / p.units()))
              .toList();
      pace.add(each.isEmpty() ? 0 : (int) Math.round(ShrunkMedian.median(each)));
      marks.add(third.stream().filter(p -> p.mark() > 0).mapToInt(Line::mark).average().orElse(0));
    }
    return new QuotaRecord(
        lines.stream().mapToInt(Line::units).sum(),
        asked,
        byDay.byDay().size(),
        span(byDay),
        lines.stream().mapToInt(Line::minutes).sum(),
        pace,
        marks,
        goes(lines, p -> p.units() > 0 && p.minutes() > 0, p -> p.minutes() * 60.0 / p.units()),
        goes(lines, p -> p.mark() > 0, Line::mark),
        curve(byDay, start, end));
  }

  private static MannKendall goes(
      List<Line> lines, Predicate<Line> tells, ToDoubleFunction<Line> value) {
    return MannKendall.of(lines.stream().filter(tells).mapToDouble(value).toArray());
  }

  private static int span(Tally byDay) {
    var days = byDay.byDay();
    return days.isEmpty()
        ? 0
        : (int) (days.lastKey().toEpochDay() - days.firstKey().toEpochDay()) + 1;
  }

  /** Units so far by the end of each date, from one to another, both included. */
  static List<Integer> curve(Tally byDay, LocalDate start, LocalDate end) {
    var curve = new ArrayList<Integer>();
    int sum = 0;
    for (var day = start; !day.isAfter(end); day = day.plusDays(1)) {
      sum += byDay.on(day);
      curve.add(sum);
    }
    return curve;
  }
}
