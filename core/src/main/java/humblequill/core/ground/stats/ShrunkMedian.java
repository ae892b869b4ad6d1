package humblequill.core.ground.stats;

import java.util.List;

/**
 * A median of few own figures, drawn toward what was expected: (n · own + 5 · expected) ÷ (n + 5).
 * Common practice, no published source.
 *
 * @param value the estimate
 * @param cases how many own figures it rests on, 0 or more
 * @param own their median; 0 without any
 */
public record ShrunkMedian(double value, int cases, double own) {
  private static final int WEIGHT = 5;

  /** The estimate from own figures in any order. */
  public static ShrunkMedian of(List<Integer> own, double expected) {
    if (own.isEmpty()) {
      return new ShrunkMedian(expected, 0, 0);
    }
    int n = own.size();
    double median = median(own);
    return new ShrunkMedian((n * median + WEIGHT * expected) / (n + WEIGHT), n, median);
  }

  /**
   * The middle of some figures, or between the two middle ones.
   *
   * @param values one or more, in any order
   */
  public static double median(List<Integer> values) {
    var sorted = values.stream().sorted().toList();
    int n = sorted.size();
    return n % 2 == 1 ? sorted.get(n / 2) : (sorted.get(n / 2 - 1) + sorted.get(n / 2)) / 2.0;
  }
}
