package humblequill.core.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.Arrays;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.apache.commons.statistics.distribution.PascalDistribution;
import org.junit.jupiter.api.Test;

/** Sums of daily counts against exact fractions, a reference library and plain convolution. */
class CountSumTest {
  private static final double[] DIE = {0, 1 / 6.0, 1 / 6.0, 1 / 6.0, 1 / 6.0, 1 / 6.0, 1 / 6.0};
  private static final double[] UNEVEN = {5 / 14.0, 4 / 14.0, 3 / 14.0, 1 / 14.0, 1 / 14.0};

  @Test
  void ten_dice() {
    var sum = new CountSum(DIE, 10);
    assertThat(sum.atLeast(10, 35))
        .as("112607/209952, exact fractions; also 0.5 + P(35)/2 by symmetry")
        .isCloseTo(112607 / 209952.0, within(1e-12));
    assertThat(sum.atLeast(10, 35) - sum.atLeast(10, 36))
        .as("4395456 of 6^10 throws make 35: the middle coefficient, from memory")
        .isCloseTo(4395456 / Math.pow(6, 10), within(1e-12));
    assertThat(sum.atLeast(3, 11)).as("three dice, by symmetry").isCloseTo(0.5, within(1e-12));
  }

  @Test
  void counts_of_0_to_4_in_exact_fractions() {
    var sum = new CountSum(UNEVEN, 20);
    assertThat(sum.mean()).isCloseTo(17 / 14.0, within(1e-12));
    assertThat(sum.atLeast(7, 7)).isCloseTo(75977169 / Math.pow(14, 7), within(1e-12));
    assertThat(sum.atLeast(1, 1)).isCloseTo(9 / 14.0, within(1e-12));
    assertThat(sum.atLeast(5, 0)).isEqualTo(1);
    assertThat(sum.atLeast(5, 21)).isEqualTo(0);
    assertThat(sum.daysFor(10, 0.5, 20)).as("exact fractions").isEqualTo(8);
    assertThat(sum.daysFor(10, 0.8, 20)).isEqualTo(11);
    assertThat(sum.daysFor(10, 0.9, 20)).isEqualTo(13);
  }

  @Test
  void drawn_or_not_is_a_negative_binomial_question() {
    var sum = new CountSum(new double[] {0.7, 0.3}, 30);
    double atMost20Failures = PascalDistribution.of(10, 0.3).cumulativeProbability(20);
    assertThat(sum.atLeast(30, 10)).isCloseTo(atMost20Failures, within(1e-12));
    assertThat(sum.atLeast(30, 10)).as("R and scipy").isCloseTo(0.4111913147593, within(1e-12));
    var library = BinomialDistribution.of(30, 0.3);
    for (int needed = 1; needed <= 30; needed++) {
      assertThat(sum.atLeast(30, needed))
          .isCloseTo(library.survivalProbability(needed - 1), within(1e-12));
    }
  }

  @Property(tries = 60)
  void equals_plain_convolution(
      @ForAll @Size(min = 1, max = 12) int[] weights,
      @ForAll @IntRange(min = 1, max = 40) int days) {
    var positive = Arrays.stream(weights).mapToDouble(w -> Math.floorMod(w, 9)).toArray();
    positive[positive.length - 1] += 1;
    double total = Arrays.stream(positive).sum();
    var pmf = Arrays.stream(positive).map(p -> p / total).toArray();
    var sum = new CountSum(pmf, days);
    var plain = new double[] {1};
    for (int d = 0; d < days; d++) {
      plain = convolved(plain, pmf);
    }
    double tail = 0;
    for (int needed = plain.length - 1; needed >= 0; needed--) {
      tail += plain[needed];
      assertThat(sum.atLeast(days, needed)).isCloseTo(tail, within(1e-12));
    }
  }

  private static double[] convolved(double[] a, double[] b) {
    var c = new double[a.length + b.length - 1];
    for (int i = 0; i < a.length; i++) {
      for (int j = 0; j < b.length; j++) {
        c[i + j] += a[i] * b[j];
      }
    }
    return c;
  }

  /** What is found is the first day that suffices, and the last count that is reached. */
  @Property(tries = 100)
  void days_and_counts_are_exact_bounds(
      @ForAll @IntRange(min = 1, max = 150) int needed,
      @ForAll @IntRange(min = 1, max = 99) int percent) {
    var sum = new CountSum(UNEVEN, 200);
    double q = percent / 100.0;
    int days = sum.daysFor(needed, q, 200);
    if (days <= 200) {
      assertThat(sum.atLeast(days, needed)).isGreaterThanOrEqualTo(q);
    }
    assertThat(sum.atLeast(days - 1, needed)).isLessThan(q);
    int reached = sum.reached(50, q);
    assertThat(sum.atLeast(50, reached)).isGreaterThanOrEqualTo(q);
    assertThat(sum.atLeast(50, reached + 1)).isLessThan(q);
  }

  @Test
  void a_long_promise_keeps_its_precision() {
    int days = 365;
    var ways = new BigInteger[] {BigInteger.ONE};
    for (int d = 0; d < days; d++) {
      ways = oneMore(ways);
    }
    var sum = new CountSum(new double[] {0.25, 0.25, 0.25, 0.25}, days);
    for (int needed : new int[] {500, 540, 548, 560, 620}) {
      assertThat(sum.atLeast(days, needed))
          .as("%d of 4^365 in whole numbers", needed)
          .isCloseTo(share(ways, needed, days), within(1e-12));
    }
  }

  /** How many ways there are to each sum with a throw of 0 to 3 more. */
  private static BigInteger[] oneMore(BigInteger[] ways) {
    var more = new BigInteger[ways.length + 3];
    Arrays.fill(more, BigInteger.ZERO);
    for (int i = 0; i < ways.length; i++) {
      for (int face = 0; face < 4; face++) {
        more[i + face] = more[i + face].add(ways[i]);
      }
    }
    return more;
  }

  private static double share(BigInteger[] ways, int needed, int days) {
    var tail = Arrays.stream(ways, needed, ways.length).reduce(BigInteger.ZERO, BigInteger::add);
    return new BigDecimal(tail)
        .divide(new BigDecimal(BigInteger.valueOf(4).pow(days)), new MathContext(20))
        .doubleValue();
  }

  @Test
  void nothing_is_ever_reached_by_drawing_nothing() {
    var sum = new CountSum(new double[] {1}, 10);
    assertThat(sum.atLeast(10, 1)).isZero();
    assertThat(sum.daysFor(1, 0.5, 10)).isEqualTo(11);
    assertThat(sum.reached(10, 0.9)).isZero();
    assertThatThrownBy(() -> new CountSum(new double[] {0.5, 0.4}, 3))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
