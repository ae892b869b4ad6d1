package humblequill.core.ground.stats;

import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;

/**
 * How much alike the values of one group are, beside those of others: 1 when groups differ and
 * their values do not, 0 when groups tell nothing. One-way analysis of variance, for groups of any
 * sizes (Shrout &amp; Fleiss 1979; n₀ as in Donner &amp; Koval 1980).
 */
public final class IntraclassCorrelation {
  private IntraclassCorrelation() {}

  /**
   * The correlation, from a little below 0 to 1.
   *
   * @param groups each with one value or more
   * @return empty with fewer than two groups, when no group has two values, and when all are alike
   */
  public static OptionalDouble of(List<? extends Collection<Integer>> groups) {
    int k = groups.size();
    int n = groups.stream().mapToInt(Collection::size).sum();
    if (k < 2 || n == k) {
      return OptionalDouble.empty();
    }
    double mean = sum(groups.stream().flatMap(Collection::stream).toList()) / n;
    double between = 0;
    double within = 0;
    double squares = 0;
    for (var group : groups) {
      double own = sum(group) / group.size();
      between += group.size() * (own - mean) * (own - mean);
      within += group.stream().mapToDouble(x -> (x - own) * (x - own)).sum();
      squares += (double) group.size() * group.size();
    }
    double n0 = (n - squares / n) / (k - 1);
    double msb = between / (k - 1);
    double msw = within / (n - k);
    double all = msb + (n0 - 1) * msw;
    return all == 0 ? OptionalDouble.empty() : OptionalDouble.of((msb - msw) / all);
  }

  private static double sum(Collection<Integer> values) {
    return values.stream().mapToDouble(x -> x).sum();
  }
}
