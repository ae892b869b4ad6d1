package humblequill.core.ground.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WilsonTest {
  /** R. G. Newcombe, "Two-sided confidence intervals for the single proportion", 1998; R, Java. */
  @ParameterizedTest
  @CsvSource({
    "81, 263, 0.2552885199, 0.3662095770",
    "0, 20, 0, 0.1611251581",
    "1, 29, 0.0061132143, 0.1717552188",
    "8, 10, 0.4901624715, 0.9433178485"
  })
  void published_intervals(int cases, int of, double low, double high) {
    var wilson = Wilson.of(cases, of);
    assertThat(wilson.low()).isCloseTo(low, within(1e-9));
    assertThat(wilson.high()).isCloseTo(high, within(1e-9));
  }

  @Test
  void all_of_them_ends_at_one() {
    assertThat(Wilson.of(4, 4).high()).isEqualTo(1);
    assertThatThrownBy(() -> Wilson.of(1, 0)).hasMessageContaining("1 of 0");
  }
}
