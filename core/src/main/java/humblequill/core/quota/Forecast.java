package humblequill.core.quota;

import humblequill.core.stats.CountSum;
import humblequill.core.stats.Wilson;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * How a quota will go if the days left are like the learner's own days so far. The sum of the days
 * is computed exactly, not simulated.
 *
 * @param verdict in one word
 * @param basis what it rests on
 * @param inTime probability to reach the count on the last day or before
 * @param plan units of a drawing day by the plan: the whole ones that are needed, but no more than
 *     its time holds
 * @param ownDays own days it rests on; below {@value #ENOUGH} the plan's share is mixed in
 * @param early the date by which it is reached with 10 %; empty when not within the horizon
 * @param middle the same with 50 %
 * @param late the same with 90 %
 * @param reachable units of the whole quota reached in time with 50 %
 * @param moreDays drawing days after the last one that 50 % would need; empty when not within the
 *     horizon; 0 when none
 * @param enough own days that reached what each day left needs now; empty without own days
 * @param fan what is reached by some dates from today to the last one or the late date
 */
public record Forecast(
    Verdict verdict,
    Basis basis,
    double inTime,
    double plan,
    int ownDays,
    Optional<LocalDate> early,
    Optional<LocalDate> middle,
    Optional<LocalDate> late,
    int reachable,
    Optional<Integer> moreDays,
    Optional<Wilson> enough,
    List<Reach> fan) {
  private static final int ENOUGH = 7;
  private static final int WEIGHT = 5;
  private static final int HORIZON = 366;
  private static final int FAN_DATES = 8;
  private static final double LIKELY = 0.9;
  private static final double EVEN = 0.5;
  private static final double UNLIKELY = 0.1;
  private static final double SLIM = 0.05;

  /** How it goes. */
  public enum Verdict {
    /** More than an even pace would have, and 90 % or better. */
    AHEAD,
    /** Even chances or better. */
    ON_PACE,
    /** Below even chances. */
    SLIPPING,
    /** Below 5 %. */
    OUT_OF_REACH
  }

  /** What a forecast rests on. */
  public enum Basis {
    /** The plan alone, whose time holds what is needed. */
    PLAN,
    /** The plan alone, whose time does not hold what is needed. */
    SHORT_PLAN,
    /** Few own days, and the plan. */
    OWN_DAYS_AND_PLAN,
    /** Own days alone. */
    OWN_DAYS;

    static Basis of(int ownDays, boolean planFallsShort) {
      if (ownDays == 0) {
        return planFallsShort ? SHORT_PLAN : PLAN;
      }
      return ownDays < ENOUGH ? OWN_DAYS_AND_PLAN : OWN_DAYS;
    }
  }

  /**
   * What is reached by the end of a date.
   *
   * @param low reached with 90 %
   * @param middle reached with 50 %
   * @param high reached with 10 %
   */
  public record Reach(LocalDate date, int low, int middle, int high) {}

  /**
   * The forecast.
   *
   * @param progress how it stands
   * @param earlier counts of own days of an earlier run of the same promise, may be empty
   * @param drawingDay whether a date is a drawing day of the quota
   * @param today the open practice day; it counts as a day to come until something was drawn
   * @param goesOn whether it may be reached after its last day, as a sprint may and a week may not
   * @param holds units that the time of a drawing day holds, 0 or more; a plan that asks for more
   *     is none
   */
  public static Forecast of(
      Progress progress,
      List<Integer> earlier,
      Predicate<LocalDate> drawingDay,
      LocalDate today,
      boolean goesOn,
      double holds) {
    var own = new ArrayList<>(earlier);
    own.addAll(progress.before().daily().byDay().values());
    var begin = progress.from().isAfter(today) ? progress.from() : today;
    var next = progress.doneToday() > 0 ? begin.plusDays(1) : begin;
    var dates = dates(next, drawingDay);
    int days = (int) dates.stream().filter(d -> !d.isAfter(progress.due())).count();
    int left = progress.left();
    int needed = days == 0 ? left : (left + days - 1) / days;
    double plan = Math.min(holds, needed);
    var sum = new CountSum(pmf(own, plan), Math.max(1, dates.size()));
    double inTime = sum.atLeast(days, left);
    int median = sum.daysFor(left, EVEN, dates.size());
    var late = date(dates, sum.daysFor(left, LIKELY, dates.size()), today);
    int met = (int) own.stream().filter(n -> n >= needed).count();
    return new Forecast(
        verdict(progress, inTime),
        Basis.of(own.size(), holds < (double) left / Math.max(1, days)),
        inTime,
        plan,
        own.size(),
        date(dates, sum.daysFor(left, UNLIKELY, dates.size()), today),
        date(dates, median, today),
        late,
        progress.done() + sum.reached(days, EVEN),
        median > dates.size() ? Optional.empty() : Optional.of(Math.max(0, median - days)),
        own.isEmpty() ? Optional.empty() : Optional.of(Wilson.of(met, own.size())),
        fan(progress, sum, dates, goesOn ? late.orElse(progress.due()) : progress.due()));
  }

  /** Counts of own days, mixed with the plan's share while there are few. */
  static double[] pmf(List<Integer> own, double plan) {
    int low = (int) Math.floor(plan);
    int most = Math.max(low + 1, own.stream().mapToInt(n -> n).max().orElse(0));
    var pmf = new double[most + 1];
    double weight = own.size() + (own.size() < ENOUGH ? WEIGHT : 0);
    own.forEach(n -> pmf[n] += 1 / weight);
    if (own.size() < ENOUGH) {
      pmf[low] += WEIGHT * (1 - (plan - low)) / weight;
      pmf[low + 1] += WEIGHT * (plan - low) / weight;
    }
    return pmf;
  }

  private static Verdict verdict(Progress progress, double inTime) {
    if (inTime >= LIKELY && progress.done() > progress.before().planned()) {
      return Verdict.AHEAD;
    } else if (inTime >= EVEN) {
      return Verdict.ON_PACE;
    }
    return inTime >= SLIM ? Verdict.SLIPPING : Verdict.OUT_OF_REACH;
  }

  private static List<LocalDate> dates(LocalDate from, Predicate<LocalDate> drawingDay) {
    return from.datesUntil(from.plusDays(HORIZON)).filter(drawingDay).toList();
  }

  private static Optional<LocalDate> date(List<LocalDate> dates, int days, LocalDate today) {
    if (days == 0) {
      return Optional.of(today);
    }
    return days > dates.size() ? Optional.empty() : Optional.of(dates.get(days - 1));
  }

  private static List<Reach> fan(
      Progress progress, CountSum sum, List<LocalDate> dates, LocalDate late) {
    var end = late.isAfter(progress.due()) ? late : progress.due();
    int all = (int) dates.stream().filter(d -> !d.isAfter(end)).count();
    var fan = new ArrayList<Reach>();
    int last = 0;
    for (int i = 1; i <= FAN_DATES; i++) {
      int days = Math.round((float) all * i / FAN_DATES);
      if (days > last) {
        last = days;
        fan.add(
            new Reach(
                dates.get(days - 1),
                progress.done() + sum.reached(days, LIKELY),
                progress.done() + sum.reached(days, EVEN),
                progress.done() + sum.reached(days, UNLIKELY)));
      }
    }
    return fan;
  }
}
