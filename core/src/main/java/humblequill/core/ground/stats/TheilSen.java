package humblequill.core.ground.stats;

import java.util.Arrays;

/**
 * A slope that single wild values do not turn: the median of the slopes between all pairs, with its
 * 95 % interval. P. K. Sen, "Estimates of the regression coefficient based on Kendall's tau", 1968.
 *
 * @param slope by one of x
 * @param low lower end of the interval
 * @param high upper end
 * @param of how many values
 */
public record TheilSen(double slope, double low, double high, int of) {
  /** Values before a slope is told. */
  public static final int LEAST = 3;

  private static final double Z95 = 1.959963984540054;

  /**
   * The slope of y over x.
   *
   * @param x as many as y, {@value #LEAST} or more, two of them apart
   */
  public static TheilSen of(double[] x, double[] y) {
    return of(x, y, Z95);
  }

  static TheilSen of(double[] x, double[] y, double z) {
    if (x.length != y.length || x.length < LEAST) {
      throw new IllegalArgumentException("too few values: " + x.length);
    }
    int n = x.length;
    double[] slopes = new double[n * (n - 1) / 2];
    int found = 0;
    for (int i = 0; i < n; i++) {
      for (int j = i + 1; j < n; j++) {
        if (x[i] != x[j]) {
          slopes[found++] = (y[j] - y[i]) / (x[j] - x[i]);
        }
      }
    }
    if (found == 0) {
      throw new IllegalArgumentException("all values lie on one x");
    }
    double[] sorted = Arrays.copyOf(slopes, found);
    Arrays.sort(sorted);
    double sigma = Math.sqrt(MannKendall.variance(n, x, y));
    int low = (int) Math.rint((found - z * sigma) / 2) - 1;
    int high = (int) Math.rint((found + z * sigma) / 2);
    return new TheilSen(
        (sorted[(found - 1) / 2] + sorted[found / 2]) / 2,
        sorted[Math.max(0, low)],
        sorted[Math.min(found - 1, high)],
        n);
  }

  /** Whether the interval leaves 0 out, so that a trend may be said. */
  public boolean isTrend() {
    return low > 0 || high < 0;
  }
}
