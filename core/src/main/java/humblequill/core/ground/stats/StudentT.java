package humblequill.core.ground.stats;

import java.util.concurrent.atomic.AtomicReferenceArray;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.special.Beta;

/** Student's t distribution, through the incomplete beta function. */
public final class StudentT {
  private static final double EXACT = 1e-13;
  private static final int STEPS = 1000;
  private static final double MOST = 1e6;

  /** The 95 % quantiles of so many whole degrees of freedom are worked out once. */
  private static final int HELD = 1000;

  private static final double USUAL = 0.95;
  private static final AtomicReferenceArray<Double> USUAL_QUANTILES =
      new AtomicReferenceArray<>(HELD + 1);

  private StudentT() {}

  /**
   * The chance of a t at least as far from 0, to both sides.
   *
   * @param freedom degrees of freedom, above 0
   */
  public static double twoSided(double t, double freedom) {
    return Beta.regularizedBeta(freedom / (freedom + t * t), freedom / 2, 0.5);
  }

  /**
   * The t that is reached to both sides with a chance of 1 − {@code within}.
   *
   * @param within such as 0.95
   * @param freedom degrees of freedom, above 0
   */
  public static double quantile(double within, double freedom) {
    if (within != USUAL || freedom != Math.rint(freedom) || freedom > HELD) {
      return solved(within, freedom);
    }
    int index = (int) freedom;
    var held = USUAL_QUANTILES.get(index);
    if (held == null) {
      held = solved(within, freedom);
      USUAL_QUANTILES.set(index, held);
    }
    return held;
  }

  private static double solved(double within, double freedom) {
    double outside = 1 - within;
    return new BrentSolver(EXACT, EXACT).solve(STEPS, t -> twoSided(t, freedom) - outside, 0, MOST);
  }
}
