package humblequill.core.ground.stats;

import java.util.Arrays;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * A Pólya urn of counts: each draw is one of the counts in it, as likely as its weight, and puts a
 * weight of 1 more of the same in. The draws to come are what a Dirichlet–multinomial distribution
 * predicts: alike, but not independent, so that a run of good or bad draws says more of the same.
 */
public final class PolyaUrn {
  private static final double ROUNDING = 1e-13;

  private final int[] counts;
  private final double[] weights;
  private final double total;

  /**
   * @param weights by count, each above 0; counts are 0 or more
   * @throws IllegalArgumentException if there is none, or one cannot be
   */
  public PolyaUrn(SortedMap<Integer, Double> weights) {
    this.counts = weights.keySet().stream().mapToInt(n -> n).toArray();
    this.weights = weights.values().stream().mapToDouble(w -> w).toArray();
    this.total = Arrays.stream(this.weights).sum();
    boolean wrong =
        Arrays.stream(counts).anyMatch(n -> n < 0)
            || Arrays.stream(this.weights).anyMatch(w -> !(w > 0));
    if (counts.length == 0 || wrong || Double.isInfinite(total)) {
      throw new IllegalArgumentException("an urn has counts of 0 or more, each with a weight");
    }
  }

  /** All weights together. */
  public double total() {
    return total;
  }

  /** The largest count in it. */
  public int most() {
    return counts[counts.length - 1];
  }

  /** The mean of a draw. */
  public double mean() {
    double sum = 0;
    for (int k = 0; k < counts.length; k++) {
      sum += counts[k] * weights[k];
    }
    return sum / total;
  }

  /** The same counts, with weights that add up to another total. */
  public PolyaUrn scaledTo(double other) {
    var scaled = new TreeMap<Integer, Double>();
    for (int k = 0; k < counts.length; k++) {
      scaled.put(counts[k], weights[k] * other / total);
    }
    return new PolyaUrn(scaled);
  }

  /** The same with a weight of 1 more of a count, as after it was drawn. */
  public PolyaUrn drawn(int count) {
    var more = new TreeMap<Integer, Double>();
    for (int k = 0; k < counts.length; k++) {
      more.put(counts[k], weights[k]);
    }
    more.merge(count, 1.0, Double::sum);
    return new PolyaUrn(more);
  }

  /**
   * Draws from it, one after another.
   *
   * @param limit sums below it are told apart, 1 or more
   */
  public Draws draws(int limit) {
    return new Draws(limit);
  }

  /** An urn of how often each count was seen, each time with one weight. */
  public static PolyaUrn of(Map<Integer, Integer> seen, double each) {
    var weights = new TreeMap<Integer, Double>();
    seen.forEach((count, times) -> weights.put(count, times * each));
    return new PolyaUrn(weights);
  }

  /**
   * The sum of the draws so far, exactly: with g the distribution of the sum after the draws before
   * and T<sub>k</sub> what the k-th count brings when it is drawn next, T<sub>k</sub>(s) becomes
   * g(s − x<sub>k</sub>) + (D − 1) ÷ (A + D − 2) · T<sub>k</sub>(s − x<sub>k</sub>), and g becomes
   * Σ α<sub>k</sub> T<sub>k</sub> ÷ (A + D − 1) in the D-th draw. By definition of the urn; exact
   * fractions beside the tests.
   */
  public final class Draws {
    private final double[] sums;
    private final double[][] byCount;
    private int days;

    private Draws(int limit) {
      if (limit < 1) {
        throw new IllegalArgumentException("a limit is 1 or more, not " + limit);
      }
      sums = new double[limit];
      sums[0] = 1;
      byCount = new double[counts.length][limit];
    }

    /** Draws once more. */
    public void next() {
      days++;
      double again = days == 1 ? 0 : (days - 1) / (total + days - 2);
      for (int k = 0; k < counts.length; k++) {
        shift(byCount[k], counts[k], again);
      }
      Arrays.fill(sums, 0);
      for (int k = 0; k < counts.length; k++) {
        double share = weights[k] / (total + days - 1);
        var t = byCount[k];
        for (int s = Math.min(counts[k], sums.length); s < sums.length; s++) {
          sums[s] += share * t[s];
        }
      }
    }

    /** From the largest sum down, since each is made of a smaller one of before. */
    private void shift(double[] t, int count, double again) {
      for (int s = t.length - 1; s >= count; s--) {
        t[s] = sums[s - count] + again * t[s - count];
      }
      Arrays.fill(t, 0, Math.min(count, t.length), 0);
    }

    /** How many draws there were. */
    public int days() {
      return days;
    }

    /** How likely the sum is at least so much, see {@link Sums#atLeast}. */
    public double atLeast(int sum) {
      return sums(0).atLeast(sum);
    }

    /**
     * The sum as it is now, when the first draw is known to be at least so much.
     *
     * @param first up to the largest count; 0 when nothing is known
     */
    public Sums sums(int first) {
      if (days == 0 || first <= counts[0]) {
        return new Sums(sums.clone());
      }
      var known = new double[sums.length];
      double possible = 0;
      for (int k = 0; k < counts.length; k++) {
        if (counts[k] >= first) {
          for (int s = 0; s < known.length; s++) {
            known[s] += weights[k] * byCount[k][s];
          }
          possible += weights[k];
        }
      }
      double scale = total / ((total + days - 1) * possible);
      for (int s = 0; s < known.length; s++) {
        known[s] *= scale;
      }
      return new Sums(known);
    }
  }

  /** What the sum of some draws may be. */
  public static final class Sums {
    /** How likely the sum is below each number, from 0 to the limit. */
    private final double[] below;

    private Sums(double[] likely) {
      below = new double[likely.length + 1];
      for (int s = 0; s < likely.length; s++) {
        below[s + 1] = below[s] + likely[s];
      }
    }

    /**
     * How likely the sum is at least so much.
     *
     * @param sum 0 or more; above the limit it counts as the limit
     */
    public double atLeast(int sum) {
      return within(1 - below[Math.max(0, Math.min(sum, below.length - 1))]);
    }

    /**
     * The largest sum that is reached with a probability, as far as sums are told apart.
     *
     * @param probability above 0
     */
    public int reached(double probability) {
      int low = 0;
      int high = below.length - 1;
      while (low < high) {
        int middle = (low + high + 1) / 2;
        if (atLeast(middle) >= probability) {
          low = middle;
        } else {
          high = middle - 1;
        }
      }
      return low;
    }

    /** What is nearer to 0 or 1 than adding up can tell is 0 or 1. */
    private static double within(double probability) {
      if (probability < ROUNDING) {
        return 0;
      }
      return probability > 1 - ROUNDING ? 1 : probability;
    }
  }
}
