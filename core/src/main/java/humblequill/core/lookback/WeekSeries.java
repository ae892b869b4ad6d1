package humblequill.core.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.ground.stats.ChangePoints;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * A figure week by week; weeks without one are left out.
 *
 * @param figure what is counted
 * @param points by the number of the week from the first one
 * @param trend how it went
 * @param phases numbers of the weeks in which its level changed
 * @param ratherSteady whether it rather changed by and by than from phase to phase
 */
public record WeekSeries(
    Figure figure,
    List<Trend.Point> points,
    Trend trend,
    List<Integer> phases,
    boolean ratherSteady) {
  /** What is looked at from week to week. */
  public enum Figure {
    /** Mean mark. */
    MARK,
    /** Minutes on a day on which something was drawn. */
    MINUTES,
    /** Minutes of one drawing, of entries that tell both. */
    MINUTES_EACH,
    /** Pages on a day on which something was drawn. */
    PAGES,
    /** Share of the entries that say what went wrong. */
    WENT_WRONG,
    /** Share of what was looked for that was found; partly counts half. */
    LOOKED_FOR,
    /** What the learner counts beside the drawings, for each drawing of entries that tell it. */
    OWN_FIGURE
  }

  /** Weeks that a phase has at least. */
  public static final int LEAST_PHASE = 3;

  private static final int DAYS = 7;

  /**
   * All figures of all whole weeks.
   *
   * @param first the first day of the first week
   * @param today weeks that are not over by then are left out
   * @param own the name of the learner's own figure; without one, that series is empty
   */
  public static List<WeekSeries> of(
      Ledger ledger, LocalDate first, LocalDate today, Optional<String> own) {
    Map<Integer, List<Drawn>> weeks =
        ledger
            .all()
            .filter(Drawn::isPractice)
            .filter(d -> !d.day().isBefore(first))
            .collect(
                Collectors.groupingBy(
                    d -> (int) (ChronoUnit.DAYS.between(first, d.day()) / DAYS),
                    TreeMap::new,
                    Collectors.toList()));
    weeks.keySet().removeIf(w -> !first.plusDays((w + 1L) * DAYS).minusDays(1).isBefore(today));
    var all = new ArrayList<WeekSeries>();
    for (var figure : Figure.values()) {
      all.add(of(figure, weeks, own));
    }
    return all;
  }

  private static WeekSeries of(
      Figure figure, Map<Integer, List<Drawn>> weeks, Optional<String> own) {
    var points = new ArrayList<Trend.Point>();
    weeks.forEach(
        (week, drawn) -> {
          double value = value(figure, drawn, own);
          if (Double.isFinite(value)) {
            points.add(new Trend.Point(week, value));
          }
        });
    double[] numbers = points.stream().mapToDouble(Trend.Point::week).toArray();
    double[] values = points.stream().mapToDouble(Trend.Point::value).toArray();
    var changes = ChangePoints.of(values, LEAST_PHASE);
    return new WeekSeries(
        figure,
        points,
        figure == Figure.MARK || figure == Figure.LOOKED_FOR
            ? Trend.ofMarks(points)
            : Trend.of(points),
        changes.stream().map(i -> points.get(i).week()).toList(),
        ChangePoints.isRatherALine(numbers, values, changes));
  }

  /** Not a number where a week tells nothing of it. */
  private static double value(Figure figure, List<Drawn> drawn, Optional<String> own) {
    long days = drawn.stream().map(Drawn::day).distinct().count();
    return switch (figure) {
      case MARK -> mean(drawn, d -> d.mark() > 0, Drawn::mark);
      case MINUTES -> drawn.stream().mapToDouble(d -> d.minutes().minutes()).sum() / days;
      case MINUTES_EACH ->
          mean(
              drawn,
              d -> d.minutesTold().isPresent() && d.drawings().isPresent(),
              d -> (double) d.minutesTold().get() / d.drawings().get());
      case PAGES ->
          drawn.stream().noneMatch(d -> d.pages() > 0)
              ? Double.NaN
              : drawn.stream().mapToDouble(Drawn::pages).sum() / days;
      case WENT_WRONG ->
          drawn.stream().filter(d -> d.learned().wentWrong()).count() / (double) drawn.size();
      case LOOKED_FOR ->
          drawn.stream()
              .flatMap(d -> d.learned().study().lookedFor().stream())
              .mapToDouble(LookedFor::found)
              .average()
              .orElse(Double.NaN);
      case OWN_FIGURE -> own.map(name -> ownFigure(name, drawn)).orElse(Double.NaN);
    };
  }

  /** An entry that does not say how many drawings it holds counts as one. */
  private static double ownFigure(String name, List<Drawn> drawn) {
    var telling =
        drawn.stream()
            .filter(d -> d.learned().study().own().filter(o -> o.isCalled(name)).isPresent())
            .toList();
    long counted =
        telling.stream().mapToLong(d -> d.learned().study().own().orElseThrow().count()).sum();
    long drawings = telling.stream().mapToLong(d -> d.drawings().orElse(1)).sum();
    return drawings == 0 ? Double.NaN : (double) counted / drawings;
  }

  private static double mean(
      List<Drawn> drawn, Predicate<Drawn> counts, ToDoubleFunction<Drawn> value) {
    return drawn.stream().filter(counts).mapToDouble(value).average().orElse(Double.NaN);
  }
}
