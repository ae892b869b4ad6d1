package humblequill.core.promise;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.stats.Wilson;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How a quota will go if the days to come are like the learner's own days so far: the next draws of
 * an urn made of them, summed exactly and not simulated. What was drawn today tells that today
 * brings at least so much, and nothing else, so that drawing never lowers the chance.
 *
 * @param verdict in one word
 * @param basis what it rests on
 * @param inTime probability to reach the count on the last day or before; empty before there are
 *     {@value #ENOUGH} own days, since a plan knows none
 * @param plan units of a drawing day by the plan: its share as promised, but no more than its time
 *     holds
 * @param ownDays own days that are over and that it rests on
 * @param early the date by which it is reached with 10 %; empty when not within the horizon, and
 *     before there are {@value #ENOUGH} own days
 * @param middle the same with 50 %
 * @param late the same with 90 %
 * @param reachable units of the whole quota reached in time with 50 %
 * @param moreDays drawing days after the last one that 50 % would need; empty when not within the
 *     horizon; 0 when none
 * @param enough own days that reached what each day left needs now; empty without own days
 * @param fan what is reached by some dates from today to the last one or the late date; none before
 *     there are {@value #ENOUGH} own days
 */
public record Forecast(
    Verdict verdict,
    Basis basis,
    Optional<Double> inTime,
    double plan,
    int ownDays,
    Optional<LocalDate> early,
    Optional<LocalDate> middle,
    Optional<LocalDate> late,
    int reachable,
    Optional<Integer> moreDays,
    Optional<Wilson> enough,
    List<Reach> fan) {
  /** Own days before which a span would rest on the plan alone. */
  static final int ENOUGH = 3;

  /** How it goes. */
  public enum Verdict {
    /** More than an even pace would have, and 90 % or better. */
    AHEAD,
    /** Even chances or better. */
    ON_PACE,
    /** Below even chances. */
    SLIPPING,
    /** Below 10 %. */
    OUT_OF_REACH,
    /** There is no date to be judged by. */
    OPEN
  }

  /** What a forecast rests on. */
  public enum Basis {
    /** The plan alone, whose time holds what is needed. */
    PLAN,
    /** The plan alone, whose time does not hold what is needed. */
    SHORT_PLAN,
    /** Own days. */
    OWN_DAYS
  }

  /**
   * What is reached by the end of a date.
   *
   * @param low reached with 90 %
   * @param middle reached with 50 %
   * @param high reached with 10 %, told up to the count of the quota
   */
  public record Reach(LocalDate date, int low, int middle, int high) {}

  /**
   * What a forecast knows besides how the quota stands.
   *
   * @param earlier units of own days that are over and not of the span that counts now: of an
   *     earlier time, or of weeks before
   * @param days drawing days of the quota
   * @param today the open practice day
   * @param goesOn whether it may be reached after its last day, as a sprint may and a week may not
   * @param dated whether there is a last day to be judged by
   * @param holds units that the time of a drawing day holds, 0 or more; infinite without a bound
   */
  public record Known(
      Tally earlier,
      DrawingDays days,
      LocalDate today,
      boolean goesOn,
      boolean dated,
      double holds) {
    /** With a last day. */
    public Known(Tally earlier, DrawingDays days, LocalDate today, boolean goesOn, double holds) {
      this(earlier, days, today, goesOn, true, holds);
    }
  }

  /** The forecast. */
  public static Forecast of(Progress progress, Known known) {
    return new Prediction(progress, known).forecast();
  }
}
