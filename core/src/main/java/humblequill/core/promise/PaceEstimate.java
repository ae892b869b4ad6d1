package humblequill.core.promise;

import humblequill.core.ground.stats.ShrunkMedian;
import java.util.List;

/**
 * How long one unit takes: the median of the learner's own entries, drawn toward the expected
 * figure while there are few, see {@link ShrunkMedian}.
 *
 * @param secondsEach the estimate, 1 or more
 * @param entries how many own entries it rests on, 0 or more
 * @param ownSeconds their median; 0 without any
 */
public record PaceEstimate(int secondsEach, int entries, int ownSeconds) {
  private static final int FEW = 20;
  private static final int MINUTE = 60;

  /** A minute takes a minute. */
  public static PaceEstimate ofMinutes() {
    return new PaceEstimate(MINUTE, 0, 0);
  }

  /**
   * The estimate.
   *
   * @param own seconds a unit of each own entry
   * @param expectedSeconds what is expected without any, 1 or more
   */
  public static PaceEstimate of(List<Integer> own, int expectedSeconds) {
    var shrunk = ShrunkMedian.of(own, expectedSeconds);
    return new PaceEstimate(
        (int) Math.max(1, Math.round(shrunk.value())),
        shrunk.cases(),
        (int) Math.round(shrunk.own()));
  }

  /** Whether what is expected still makes a fifth of the estimate or more, beside own entries. */
  public boolean leansOnExpected() {
    return entries > 0 && entries < FEW;
  }
}
