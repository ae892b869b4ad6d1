package humblequill.core.ground.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Intervals, the sign test and many tests at once, against published examples and R. */
class StudentTTest {
  /** Student 1908, the sleep data, as computed by R and scipy. */
  @Test
  void the_sleep_data_of_student() {
    var values = List.of(1.2, 2.4, 1.3, 1.3, 0.0, 1.0, 1.8, 0.8, 4.6, 1.4);
    var mean = MeanInterval.of(values, 0.95);
    assertThat(mean.mean()).isCloseTo(1.58, within(1e-12));
    assertThat(mean.p()).isCloseTo(0.0028328902, within(1e-9));
    assertThat(mean.low()).isCloseTo(0.7001142367, within(1e-8));
    assertThat(mean.high()).isCloseTo(2.4598857633, within(1e-8));
    assertThat(StudentT.quantile(0.95, 9)).isCloseTo(2.2621571627, within(1e-8));
  }

  /** Tendency of nine ratios, as computed by R. */
  @Test
  void a_tendency_of_ratios() {
    var logs =
        List.of(.88, .93, .90, 1.02, .89, .92, .87, .94, .86).stream().map(Math::log).toList();
    var mean = MeanInterval.of(logs, 0.95);
    assertThat(Math.exp(mean.mean())).isCloseTo(.911109, within(1e-6));
    assertThat(Math.exp(mean.low())).isCloseTo(.875430, within(1e-6));
    assertThat(Math.exp(mean.high())).isCloseTo(.948242, within(1e-6));
    assertThat(mean.p()).isCloseTo(.000666477, within(1e-9));
    assertThat(SignTest.twoSided(8, 9)).isCloseTo(.0390625, within(1e-15));
  }

  /** Exact values from R, scipy and whole numbers; 13 of 15 are Darwin's maize plants. */
  @ParameterizedTest
  @CsvSource({
    "9, 9, .00390625",
    "13, 15, .00738525390625",
    "8, 10, .109375",
    "3, 13, .09228515625",
    "1, 2, 1",
    "0, 0, 1"
  })
  void the_sign_test_is_exact(int one, int of, double chance) {
    assertThat(SignTest.twoSided(one, of)).isCloseTo(chance, within(1e-15));
  }

  /** Of 100, 101 and 1,000, by whole numbers in Python. */
  @Test
  void large_splits_are_as_exact() {
    assertThat(SignTest.twoSided(60, 100)).isCloseTo(0.05688793364098079, within(1e-13));
    assertThat(SignTest.twoSided(61, 101)).isCloseTo(0.046044066929342806, within(1e-12));
    assertThat(SignTest.twoSided(530, 1000)).isCloseTo(0.06202319509836318, within(1e-12));
  }

  /** The example of Benjamini and Hochberg 1995, adjusted as by R's p.adjust. */
  @Test
  void many_tests_at_once() {
    var chances =
        List.of(
            .0459, .0001, .0004, .0019, .0095, .0201, .0278, .0298, .0344, .3240, .4262, .5719,
            .6528, .7590, 1.0);
    var adjusted = FalseDiscoveries.adjusted(chances);
    var expected =
        new double[] {.0765, .0015, .003, .0095, .035625, .0603, .063857, .063857, .0645};
    for (int i = 0; i < expected.length; i++) {
      assertThat(adjusted.get(i)).as("number %d", i).isCloseTo(expected[i], within(1e-6));
    }
    assertThat(adjusted.stream().filter(p -> p <= .05)).hasSize(4);
    assertThat(adjusted.stream().filter(p -> p <= .1)).hasSize(9);
  }
}
