package humblequill.core.ground.stats;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import org.hipparchus.special.Beta;

/** The exact sign test: as many on one side by chance alone? */
public final class SignTest {
  /** Up to here every split is counted; beyond, the incomplete beta function gives the same. */
  private static final int COUNTED = 100;

  private SignTest() {}

  /**
   * The chance of a split at least as uneven, to both sides, where both signs are as likely.
   *
   * @param one how many have one sign; those without any are left out before
   * @param of how many have a sign, {@code one} or more
   */
  public static double twoSided(int one, int of) {
    if (one < 0 || one > of) {
      throw new IllegalArgumentException("no split: " + one + " of " + of);
    }
    int fewer = Math.min(one, of - one);
    if (of > COUNTED) {
      return Math.min(1, 2 * Beta.regularizedBeta(0.5, of - fewer, fewer + 1.0));
    }
    var ways = BigInteger.ONE;
    var tail = BigInteger.ZERO;
    for (int k = 0; k <= fewer; k++) {
      tail = tail.add(ways);
      ways = ways.multiply(BigInteger.valueOf(of - k)).divide(BigInteger.valueOf(k + 1L));
    }
    var chance =
        new BigDecimal(tail.shiftLeft(1))
            .divide(new BigDecimal(BigInteger.ONE.shiftLeft(of)), MathContext.DECIMAL64);
    return Math.min(1, chance.doubleValue());
  }
}
