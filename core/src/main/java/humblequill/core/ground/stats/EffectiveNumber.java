package humblequill.core.ground.stats;

import java.util.Collection;

/**
 * How many equal parts are as diverse as some unequal ones: the Hill number of order 1, exp of
 * Shannon's entropy (Hill 1973, Diversity and evenness).
 */
public final class EffectiveNumber {
  private EffectiveNumber() {}

  /**
   * The number; 0 where nothing weighs anything.
   *
   * @param weights each 0 or more, in any unit
   */
  public static double of(Collection<Double> weights) {
    double total = weights.stream().mapToDouble(w -> w).sum();
    if (total <= 0) {
      return 0;
    }
    double entropy =
        weights.stream()
            .mapToDouble(w -> w / total)
            .filter(p -> p > 0)
            .map(p -> -p * Math.log(p))
            .sum();
    return Math.exp(entropy);
  }
}
