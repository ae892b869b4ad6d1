package humblequill.core.promise;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.stats.IntraclassCorrelation;
import humblequill.core.ground.stats.PolyaUrn;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;

/**
 * What drawing days to come may bring, by those that are over. Days of one week are alike, so that
 * seven of them tell less than seven that are not: each weighs 1 ÷ d with d = 1 + (m − 1)ρ. Bad
 * weeks come as weeks, also in the days to come. For what was not seen yet, the plan's share weighs
 * a half; so do, together, a day with nothing and one of twice the usual. See
 * docs/decisions/forecast.md.
 */
public final class DayUrn {
  /** What ρ is taken for while nothing tells it, as if by so many more weeks. */
  private static final double USUAL_LIKENESS = 0.3;

  private static final int WEEKS_OF_USUAL = 6;
  private static final double PLAN = 0.5;
  private static final double NOTHING = 0.2;
  private static final double TWICE = 0.3;

  private DayUrn() {}

  /**
   * The urn.
   *
   * @param own units of each drawing day that is over, zeros included
   * @param plan units of a drawing day by the plan, 0 or more
   * @param daysAWeek planned drawing days a week
   * @param daysLeft drawing days left to the date, 1 or more
   */
  public static PolyaUrn of(Tally own, double plan, double daysAWeek, int daysLeft) {
    double spread = 1 + Math.max(0, daysAWeek - 1) * likeness(own);
    var weights = new TreeMap<Integer, Double>();
    own.byDay().values().forEach(units -> weights.merge(units, 1 / spread, Double::sum));
    double usual = own.byDay().values().stream().mapToInt(Integer::intValue).average().orElse(plan);
    weights.merge(0, NOTHING, Double::sum);
    weights.merge((int) Math.ceil(2 * usual), TWICE, Double::sum);
    int low = (int) Math.floor(plan);
    weights.merge(low, PLAN * (1 - (plan - low)), Double::sum);
    weights.merge(low + 1, PLAN * (plan - low), Double::sum);
    weights.values().removeIf(weight -> weight <= 0);
    var urn = new PolyaUrn(weights);
    return urn.scaledTo(1 / (1 / urn.total() + (spread - 1) / daysLeft));
  }

  /** How much alike the days of one week are, ρ, from 0 to 1. */
  static double likeness(Tally own) {
    var weeks = new TreeMap<LocalDate, List<Integer>>();
    own.byDay()
        .forEach(
            (day, units) ->
                weeks
                    .computeIfAbsent(
                        day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY)),
                        monday -> new ArrayList<>())
                    .add(units));
    int k = weeks.size();
    var seen = IntraclassCorrelation.of(List.copyOf(weeks.values()));
    return seen.isEmpty()
        ? USUAL_LIKENESS
        : (k * Math.max(0, seen.getAsDouble()) + WEEKS_OF_USUAL * USUAL_LIKENESS)
            / (k + WEEKS_OF_USUAL);
  }
}
