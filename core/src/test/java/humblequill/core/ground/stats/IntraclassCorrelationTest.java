package humblequill.core.ground.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;

class IntraclassCorrelationTest {
  /**
   * Shrout &amp; Fleiss 1979, table 2: six persons, four judges; one-way, 448/2703, printed .17.
   */
  @Test
  void six_persons_and_four_judges() {
    var persons =
        List.of(
            List.of(9, 2, 5, 8),
            List.of(6, 1, 3, 2),
            List.of(8, 4, 6, 8),
            List.of(7, 1, 2, 6),
            List.of(10, 5, 6, 9),
            List.of(6, 2, 4, 7));
    assertThat(IntraclassCorrelation.of(persons).orElseThrow())
        .isCloseTo(448 / 2703.0, within(1e-12));
  }

  /** By hand: groups (0, 2) and (4): MSB 6, MSW 2, n₀ = 4/3; (6 − 2) ÷ (6 + 2/3) = 0.6. */
  @Test
  void groups_of_different_sizes() {
    assertThat(IntraclassCorrelation.of(List.of(List.of(0, 2), List.of(4))).orElseThrow())
        .isCloseTo(0.6, within(1e-12));
  }

  @Test
  void groups_that_differ_and_do_not_vary_are_wholly_alike() {
    assertThat(IntraclassCorrelation.of(List.of(List.of(1, 1), List.of(5, 5))).orElseThrow())
        .isCloseTo(1, within(1e-12));
  }

  @Test
  void what_tells_nothing_has_none() {
    assertThat(IntraclassCorrelation.of(List.of())).isEmpty();
    assertThat(IntraclassCorrelation.of(List.of(List.of(1, 2, 3)))).isEmpty();
    assertThat(IntraclassCorrelation.of(List.of(List.of(1), List.of(2)))).isEmpty();
    assertThat(IntraclassCorrelation.of(List.of(List.of(3, 3), List.of(3, 3)))).isEmpty();
  }
}
