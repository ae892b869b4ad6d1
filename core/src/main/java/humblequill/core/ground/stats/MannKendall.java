package humblequill.core.ground.stats;

import java.util.Arrays;
import org.hipparchus.special.Erf;

/**
 * Whether values rise or fall in their order, whatever by how much; many may be equal. H. B. Mann
 * 1945 and M. G. Kendall 1975, with the correction for ties and for continuity.
 *
 * @param s pairs that rise less pairs that fall
 * @param p chance of so many at least, to both sides, were there no order
 * @param tau Kendall's tau-b, -1 to 1; 0 where all are equal
 * @param of how many values
 */
public record MannKendall(long s, double p, double tau, int of) {
  /** Values before anything is told. */
  public static final int LEAST = 8;

  private static final double CHANCE = 0.05;

  /** Tests values in their order. */
  public static MannKendall of(double[] y) {
    int n = y.length;
    long s = 0;
    long apart = 0;
    for (int i = 0; i < n; i++) {
      for (int j = i + 1; j < n; j++) {
        s += (long) Math.signum(y[j] - y[i]);
        apart += y[i] == y[j] ? 0 : 1;
      }
    }
    double variance = variance(n, y);
    double p =
        variance == 0 ? 1 : Erf.erfc((Math.abs(s) - (s == 0 ? 0 : 1)) / Math.sqrt(2 * variance));
    double pairs = n * (n - 1) / 2.0;
    return new MannKendall(s, p, apart == 0 ? 0 : s / Math.sqrt(pairs * apart), n);
  }

  /** Whether a rise or fall may be said. */
  public boolean isTrend() {
    return of >= LEAST && p < CHANCE;
  }

  /** Variance of S, with the ties of each series taken out. */
  static double variance(int n, double[]... series) {
    double sum = term(n);
    for (double[] values : series) {
      double[] sorted = values.clone();
      Arrays.sort(sorted);
      for (int i = 0; i < n; ) {
        int j = i;
        while (j < n && sorted[j] == sorted[i]) {
          j++;
        }
        sum -= term(j - i);
        i = j;
      }
    }
    return sum / 18;
  }

  private static double term(double t) {
    return t * (t - 1) * (2 * t + 5);
  }
}
