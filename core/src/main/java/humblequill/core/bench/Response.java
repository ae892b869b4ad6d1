package humblequill.core.bench;

import humblequill.core.ground.stats.StudentT;

/**
 * How much of something is drawn: 1 is all of it, 0.78 means 78 % of the tilt.
 *
 * @param share least-squares slope of what is drawn over what is true
 * @param low lower end of its 95 % interval
 * @param high upper end
 * @param of how many values it rests on
 */
public record Response(double share, double low, double high, int of) {
  private static final double WITHIN = 0.95;

  /** Through the origin: se² = Σ(y − bx)² ÷ ((n − 1)Σx²). */
  static Response through(double[] x, double[] y) {
    double xx = 0;
    double xy = 0;
    for (int i = 0; i < x.length; i++) {
      xx += x[i] * x[i];
      xy += x[i] * y[i];
    }
    double b = xy / xx;
    double left = 0;
    for (int i = 0; i < x.length; i++) {
      left += (y[i] - b * x[i]) * (y[i] - b * x[i]);
    }
    return of(b, left, xx, x.length, x.length - 1);
  }

  /** With an intercept, for where it is not known what is upright. */
  static Response withIntercept(double[] x, double[] y) {
    int n = x.length;
    double mx = java.util.Arrays.stream(x).average().orElseThrow();
    double my = java.util.Arrays.stream(y).average().orElseThrow();
    double xx = 0;
    double xy = 0;
    for (int i = 0; i < n; i++) {
      xx += (x[i] - mx) * (x[i] - mx);
      xy += (x[i] - mx) * (y[i] - my);
    }
    double b = xy / xx;
    double left = 0;
    for (int i = 0; i < n; i++) {
      double e = y[i] - my - b * (x[i] - mx);
      left += e * e;
    }
    return of(b, left, xx, n, n - 2);
  }

  private static Response of(double b, double left, double xx, int n, int freedom) {
    double half = StudentT.quantile(WITHIN, freedom) * Math.sqrt(left / freedom / xx);
    return new Response(b, b - half, b + half, n);
  }
}
