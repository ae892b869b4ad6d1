package humblequill.core.bench;

import humblequill.core.ground.stats.MeanInterval;
import humblequill.core.ground.stats.StudentT;
import java.util.List;
import java.util.Optional;

/** What became of a tendency that was taken as an aim. */
public enum AimResult {
  /** The new interval holds 0 and the new mean is at most half the old one. */
  GONE,
  /** The 90 % interval of the fall leaves 0 out. */
  LESS,
  /** The same, or too early to say. */
  SAME;

  /** Comparisons after which it is judged. */
  public static final int AFTER = 5;

  private static final double WITHIN = 0.95;
  private static final double FALL = 0.9;

  /**
   * Judges; empty before five more comparisons.
   *
   * @param before values until it was taken as an aim, two or more
   * @param since values from then on
   */
  public static Optional<AimResult> of(List<Double> before, List<Double> since) {
    if (since.size() < AFTER || before.size() < 2) {
      return Optional.empty();
    }
    var old = MeanInterval.of(before, WITHIN);
    var now = MeanInterval.of(since, WITHIN);
    if (now.holdsZero() && Math.abs(now.mean()) <= Math.abs(old.mean()) / 2) {
      return Optional.of(GONE);
    }
    return Optional.of(fell(before, since, old.mean(), now.mean()) ? LESS : SAME);
  }

  /** B. L. Welch, "The generalization of Student's problem", 1947. */
  private static boolean fell(List<Double> before, List<Double> since, double old, double now) {
    double a = variance(before, old) / before.size();
    double b = variance(since, now) / since.size();
    double fall = (old - now) * Math.signum(old);
    if (a + b == 0) {
      return fall > 0;
    }
    double freedom = (a + b) * (a + b) / (a * a / (before.size() - 1) + b * b / (since.size() - 1));
    return fall > StudentT.quantile(FALL, freedom) * Math.sqrt(a + b);
  }

  private static double variance(List<Double> values, double mean) {
    return values.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum() / (values.size() - 1);
  }
}
