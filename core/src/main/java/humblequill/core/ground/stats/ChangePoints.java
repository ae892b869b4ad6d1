package humblequill.core.ground.stats;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/**
 * Where a series changes its level: the partition with the least sum of squares and penalties,
 * found exactly. The penalty of a change is 3σ² ln n, after N. R. Zhang and D. O. Siegmund, "A
 * modified Bayes information criterion", 2007; σ² comes from the differences of neighbours.
 */
public final class ChangePoints {
  private static final double PENALTY = 3;

  private ChangePoints() {}

  /**
   * First positions of all parts but the first, in order.
   *
   * @param least values that a part has at least, 1 or more
   */
  public static List<Integer> of(double[] values, int least) {
    int n = values.length;
    double variance = variance(values);
    if (n < 2 * least || variance == 0) {
      return List.of();
    }
    double penalty = PENALTY * variance * Math.log(n);
    double[] sum = new double[n + 1];
    double[] squares = new double[n + 1];
    double mean = mean(values);
    for (int i = 0; i < n; i++) {
      double value = values[i] - mean;
      sum[i + 1] = sum[i] + value;
      squares[i + 1] = squares[i] + value * value;
    }
    double[] best = new double[n + 1];
    int[] from = new int[n + 1];
    for (int end = least; end <= n; end++) {
      best[end] = Double.POSITIVE_INFINITY;
      for (int begin = 0; begin <= end - least; begin++) {
        if (begin == 0 || begin >= least) {
          double cost = (begin == 0 ? 0 : best[begin] + penalty) + spread(sum, squares, begin, end);
          if (cost < best[end]) {
            best[end] = cost;
            from[end] = begin;
          }
        }
      }
    }
    var changes = new ArrayList<Integer>();
    for (int end = from[n]; end > 0; end = from[end]) {
      changes.add(end);
    }
    Collections.reverse(changes);
    return changes;
  }

  /**
   * Whether one straight line explains a series better than its levels do: its slope costs as much
   * as one change of the level does. With the lighter penalty of G. Schwarz, "Estimating the
   * dimension of a model", 1978, one of five steps of 3σ would be taken for a slope (tried).
   *
   * @param x rising places of the values, as many as these
   * @param changes what {@link #of} found
   */
  public static boolean isRatherALine(double[] x, double[] values, List<Integer> changes) {
    if (changes.isEmpty()) {
      return false;
    }
    double penalty = PENALTY * variance(values) * Math.log(values.length);
    double levels = penalty * changes.size();
    for (int i = 0; i <= changes.size(); i++) {
      int begin = i == 0 ? 0 : changes.get(i - 1);
      int end = i == changes.size() ? values.length : changes.get(i);
      double[] part = Arrays.copyOfRange(values, begin, end);
      levels += product(part, part);
    }
    double slope = product(x, values) / product(x, x);
    return product(values, values) - slope * product(x, values) + penalty < levels;
  }

  /** Σ(a − ā)(b − b̄). */
  private static double product(double[] a, double[] b) {
    double meanA = mean(a);
    double meanB = mean(b);
    double sum = 0;
    for (int i = 0; i < a.length; i++) {
      sum += (a[i] - meanA) * (b[i] - meanB);
    }
    return sum;
  }

  /** Σ(y₍ₜ₊₁₎ − yₜ)² / (2(n − 1)). */
  static double variance(double[] values) {
    double sum = 0;
    for (int i = 1; i < values.length; i++) {
      sum += (values[i] - values[i - 1]) * (values[i] - values[i - 1]);
    }
    return values.length < 2 ? 0 : sum / (2 * (values.length - 1));
  }

  private static double mean(double[] values) {
    double sum = 0;
    for (double v : values) {
      sum += v;
    }
    return sum / values.length;
  }

  /** Squares about the mean of a part. */
  private static double spread(double[] sum, double[] squares, int begin, int end) {
    double part = sum[end] - sum[begin];
    return squares[end] - squares[begin] - part * part / (end - begin);
  }
}
