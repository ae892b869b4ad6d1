package humblequill.core.ground.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Student's t at 0.975: 4.303 with 2 degrees of freedom, 2.447 with 6 (printed tables). */
class MeanIntervalTest {
  @Test
  void an_interval_reaches_as_far_as_the_printed_t_times_the_standard_error() {
    var interval = MeanInterval.of(List.of(2.0, 3.0, 7.0), .95);
    assertThat(interval.mean()).isEqualTo(4);
    assertThat(interval.high() - 4).isCloseTo(4.303 * Math.sqrt(7.0 / 3), within(0.001));
    assertThat(MeanInterval.ofWhole(List.of(2.0, 3.0, 7.0), .95)).isEqualTo(interval);
  }

  @Test
  void the_same_whole_number_seven_times_is_not_certain() {
    var interval = MeanInterval.ofWhole(List.of(1.0, 1.0, 1.0, 1.0, 1.0, 1.0, 1.0), .95);
    assertThat(interval.mean()).isEqualTo(1);
    assertThat(interval.low()).isCloseTo(1 - 2.447 * Math.sqrt(1.0 / 12 / 7), within(0.001));
    assertThat(interval.high()).isCloseTo(1 + 2.447 * Math.sqrt(1.0 / 12 / 7), within(0.001));
  }
}
