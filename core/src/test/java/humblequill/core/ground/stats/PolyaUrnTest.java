package humblequill.core.ground.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.apache.commons.statistics.distribution.BinomialDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Draws of an urn against exact fractions by brute force, moments of the literature, a library. */
class PolyaUrnTest {
  private static final PolyaUrn FOUR =
      new PolyaUrn(new TreeMap<>(Map.of(0, .9, 1, .4, 2, .8, 4, .5)));
  private static final PolyaUrn DIE = PolyaUrn.of(Map.of(1, 1, 2, 1, 3, 1, 4, 1, 5, 1, 6, 1), 1);

  private static PolyaUrn.Draws after(PolyaUrn urn, int draws, int limit) {
    var all = urn.draws(limit);
    for (int i = 0; i < draws; i++) {
      all.next();
    }
    return all;
  }

  /** Every sequence of four draws enumerated in exact fractions (Python). */
  @ParameterizedTest
  @CsvSource({
    "0, 146771, 267904",
    "1, 125369, 175168",
    "2, 46981, 57408",
    "3, 9525, 10304",
    "4, 9525, 10304"
  })
  void four_draws_with_what_is_known_of_the_first(int first, double ways, double of) {
    assertThat(after(FOUR, 4, 6).sums(first).atLeast(6)).isCloseTo(ways / of, within(1e-12));
  }

  /** Exact fractions: a first draw of 5 is in the urn from then on, and one more is needed. */
  @Test
  void a_first_draw_beyond_all_that_was_seen() {
    assertThat(after(FOUR.drawn(5), 3, 1).atLeast(1)).isCloseTo(1 - 4959 / 92736.0, within(1e-12));
  }

  /** Exact fractions by counting compositions: a die's faces come again as they came. */
  @Test
  void dice_that_remember() {
    assertThat(after(DIE, 3, 13).atLeast(13)).isCloseTo(2 / 7.0, within(1e-12));
    assertThat(after(DIE, 10, 40).atLeast(40)).isCloseTo(892 / 3003.0, within(1e-12));
    assertThat(after(DIE.scaledTo(6e9), 3, 13).atLeast(13))
        .as("dice that hardly remember: 56 of 216")
        .isCloseTo(7 / 27.0, within(1e-7));
    assertThat(after(DIE.scaledTo(6e9), 10, 40).atLeast(40)).isCloseTo(.204968, within(1e-6));
  }

  /** Mosimann 1962: mean Dμ, variance Dσ²(A + D) ÷ (A + 1). */
  @ParameterizedTest
  @CsvSource({"1", "2", "7", "25"})
  void moments(int days) {
    double mean = (.4 + 1.6 + 2) / 2.6;
    double variance = (.4 + 3.2 + 8) / 2.6 - mean * mean;
    var draws = after(FOUR, days, 4 * days + 1);
    double first = 0;
    double second = 0;
    for (int s = 1; s <= 4 * days; s++) {
      first += draws.atLeast(s);
      second += (2 * s - 1) * draws.atLeast(s);
    }
    assertThat(FOUR.mean()).isCloseTo(mean, within(1e-12));
    assertThat(first).isCloseTo(days * mean, within(1e-9));
    assertThat(second - first * first)
        .isCloseTo(days * variance * (2.6 + days) / 3.6, within(1e-8));
  }

  /** Two counts, as good as independent: the binomial distribution of a library. */
  @Test
  void with_great_weights_draws_are_independent() {
    var urn = new PolyaUrn(new TreeMap<>(Map.of(0, .7, 1, .3))).scaledTo(1e12);
    var library = BinomialDistribution.of(30, 0.3);
    var draws = after(urn, 30, 30);
    for (int n = 1; n <= 30; n++) {
      assertThat(draws.atLeast(n)).isCloseTo(library.survivalProbability(n - 1), within(1e-9));
    }
  }

  @Property(tries = 200)
  void to_know_more_of_the_first_draw_never_lowers_a_chance(
      @ForAll @Size(min = 1, max = 6) java.util.Set<@IntRange(max = 9) Integer> counts,
      @ForAll @IntRange(min = 1, max = 12) int days,
      @ForAll @IntRange(min = 1, max = 60) int sum) {
    var weights = new TreeMap<Integer, Double>();
    counts.forEach(n -> weights.put(n, 0.3 + n % 3));
    var urn = new PolyaUrn(weights);
    var draws = after(urn, days, sum);
    double before = 0;
    for (int first = 0; first <= urn.most(); first++) {
      double chance = draws.sums(first).atLeast(sum);
      assertThat(chance).isGreaterThanOrEqualTo(before - 1e-12);
      before = chance;
    }
  }

  @Test
  void what_is_reached_is_the_largest_sum_that_is() {
    var draws = after(FOUR, 4, 17);
    for (double q : new double[] {.1, .5, .9}) {
      int reached = draws.sums(0).reached(q);
      assertThat(draws.atLeast(reached)).isGreaterThanOrEqualTo(q);
      assertThat(draws.atLeast(reached + 1)).isLessThan(q);
    }
    assertThat(after(FOUR, 0, 3).sums(0).reached(.1)).isZero();
    assertThat(draws.days()).isEqualTo(4);
  }

  @Test
  void what_is_no_urn_is_refused() {
    assertThatThrownBy(() -> new PolyaUrn(new TreeMap<>())).hasMessageContaining("urn");
    assertThatThrownBy(() -> new PolyaUrn(new TreeMap<>(Map.of(-1, 1.0))))
        .hasMessageContaining("urn");
    assertThatThrownBy(() -> new PolyaUrn(new TreeMap<>(Map.of(1, 0.0))))
        .hasMessageContaining("urn");
    assertThatThrownBy(() -> FOUR.draws(0)).hasMessageContaining("1 or more");
  }
}
