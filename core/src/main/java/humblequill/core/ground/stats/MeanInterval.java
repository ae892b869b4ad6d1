package humblequill.core.ground.stats;

import java.util.List;

/**
 * A mean with its interval by Student's t.
 *
 * @param mean of {@code of} values
 * @param low lower end; −∞ for a single value
 * @param high upper end; +∞ for a single value
 * @param p the chance of a mean at least as far from 0 where the true one is 0; 1 for a single
 *     value
 * @param of how many values
 */
public record MeanInterval(double mean, double low, double high, double p, int of) {
  /** The variance of what is lost by rounding to whole numbers: even over a step of 1. */
  private static final double OF_ROUNDING = 1.0 / 12;

  /**
   * The interval of some values.
   *
   * @param values one or more
   * @param within such as 0.95
   */
  public static MeanInterval of(List<Double> values, double within) {
    return of(values, within, 0);
  }

  /**
   * The interval of values that are told in whole numbers, such as marks: each may be half a step
   * off, so that the same answer given some times is not taken for certain.
   *
   * @param values one or more
   * @param within such as 0.95
   */
  public static MeanInterval ofWhole(List<Double> values, double within) {
    return of(values, within, OF_ROUNDING);
  }

  private static MeanInterval of(List<Double> values, double within, double leastVariance) {
    int n = values.size();
    double mean = values.stream().mapToDouble(v -> v).average().orElseThrow();
    if (n == 1) {
      return new MeanInterval(mean, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY, 1, 1);
    }
    double squares = values.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum();
    double error = Math.sqrt(Math.max(leastVariance, squares / (n - 1)) / n);
    if (error == 0) {
      return new MeanInterval(mean, mean, mean, mean == 0 ? 1 : 0, n);
    }
    double half = StudentT.quantile(within, n - 1) * error;
    return new MeanInterval(
        mean, mean - half, mean + half, StudentT.twoSided(mean / error, n - 1), n);
  }

  /** Whether it holds 0. */
  public boolean holdsZero() {
    return low <= 0 && high >= 0;
  }
}
