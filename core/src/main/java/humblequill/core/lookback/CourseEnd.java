package humblequill.core.lookback;

import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Tally;
import humblequill.core.promise.DayUrn;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * When a course will really end: the share of a week's planned minutes that the weeks to come bring
 * are the next draws of an urn made of the weeks that are over, summed exactly
 * (docs/decisions/forecast.md).
 *
 * @param byPlan last day of the plan
 * @param ownWeeks weeks of the course that are over
 * @param share mean share of their planned minutes that was drawn
 * @param early the date by which it ends with 10 %; empty before there are {@value #ENOUGH} own
 *     weeks, and beyond the horizon
 * @param middle the same with 50 %
 * @param late the same with 90 %
 */
public record CourseEnd(
    LocalDate byPlan,
    int ownWeeks,
    double share,
    Optional<LocalDate> early,
    Optional<LocalDate> middle,
    Optional<LocalDate> late) {
  /** Own weeks before which a span would rest on a guess alone. */
  static final int ENOUGH = 3;

  private static final int TENTHS = 10;

  /** No week counts for more than so many tenths. */
  private static final int MOST = 20;

  private static final int HORIZON = 200;
  private static final int MINUTE = 60;
  private static final double[] CHANCES = {0.1, 0.5, 0.9};

  /** The forecast of a course; empty before its first day and once it is over. */
  public static Optional<CourseEnd> of(PlacedCourse course, Ledger ledger, LocalDate today) {
    var weeks = course.placement().weeks().stream().filter(w -> planned(w) > 0).toList();
    var running = weeks.stream().filter(w -> !w.to().isBefore(today)).findFirst();
    if (running.isEmpty() || running.get().from().isAfter(today)) {
      return Optional.empty();
    }
    var drawn = ledger.of(course.id());
    var own = new TreeMap<LocalDate, Integer>();
    weeks.stream()
        .filter(w -> w.to().isBefore(today))
        .forEach(w -> own.put(w.from(), tenths(w, drawn)));
    double share = own.values().stream().mapToInt(t -> t).average().orElse(TENTHS) / TENTHS;
    int left = (int) weeks.stream().filter(w -> !w.to().isBefore(today)).count();
    var dates =
        own.size() < ENOUGH
            ? List.<Optional<LocalDate>>of(Optional.empty(), Optional.empty(), Optional.empty())
            : dates(own, left * TENTHS, tenths(running.get(), drawn), running.get(), weeks);
    return Optional.of(
        new CourseEnd(
            course.placement().end(), own.size(), share, dates.get(0), dates.get(1), dates.get(2)));
  }

  private static int planned(PlacedWeek week) {
    return week.week().exercises().stream()
        .mapToInt(e -> e.target().quantity() * e.secondsEach())
        .sum();
  }

  private static int tenths(PlacedWeek week, List<Drawn> drawn) {
    double minutes =
        drawn.stream()
            .filter(d -> week.contains(d.day()))
            .mapToInt(d -> d.minutes().minutes())
            .sum();
    return (int) Math.min(MOST, Math.round(minutes * MINUTE * TENTHS / planned(week)));
  }

  /** The running week is the first draw, known to be at least what was drawn of it so far. */
  private static List<Optional<LocalDate>> dates(
      TreeMap<LocalDate, Integer> own,
      int open,
      int drawnSoFar,
      PlacedWeek running,
      List<PlacedWeek> weeks) {
    var urn = DayUrn.of(new Tally(own), TENTHS, 1, Math.max(1, open / TENTHS));
    boolean unseen = drawnSoFar > urn.most();
    int certain = unseen ? drawnSoFar : 0;
    var draws = (unseen ? urn.drawn(drawnSoFar) : urn).draws(open);
    var dates = new TreeMap<Double, LocalDate>();
    for (int week = 1; week <= HORIZON && dates.size() < CHANCES.length; week++) {
      if (!unseen || week > 1) {
        draws.next();
      }
      var sums = draws.sums(unseen ? 0 : drawnSoFar);
      double done = open <= certain ? 1 : sums.atLeast(open - certain);
      for (double chance : CHANCES) {
        if (done >= chance) {
          dates.putIfAbsent(chance, endOf(week, running, weeks));
        }
      }
    }
    return List.of(
        Optional.ofNullable(dates.get(CHANCES[0])),
        Optional.ofNullable(dates.get(CHANCES[1])),
        Optional.ofNullable(dates.get(CHANCES[2])));
  }

  /** Weeks beyond those of the plan are as long as its usual ones. */
  private static LocalDate endOf(int draw, PlacedWeek running, List<PlacedWeek> weeks) {
    int at = weeks.indexOf(running) + draw - 1;
    if (at < weeks.size()) {
      return weeks.get(at).to();
    }
    double days =
        weeks.stream()
            .mapToLong(w -> ChronoUnit.DAYS.between(w.from(), w.to()) + 1)
            .average()
            .orElse(7);
    return weeks.get(weeks.size() - 1).to().plusDays(Math.round((at - weeks.size() + 1) * days));
  }
}
