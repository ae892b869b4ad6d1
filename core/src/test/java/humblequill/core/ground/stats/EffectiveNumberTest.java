package humblequill.core.ground.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class EffectiveNumberTest {
  /** R package vegan 2.6, exp(diversity(c(4, 3, 2, 1))). */
  @Test
  void four_unequal_parts() {
    assertThat(EffectiveNumber.of(List.of(4., 3., 2., 1.))).isCloseTo(3.5961154666, within(1e-9));
  }

  /**
   * Spiders on girdled trees, the example of the R package iNEXT: published 12.060 (Chao et al.
   * 2014, Rarefaction and extrapolation with Hill numbers).
   */
  @Test
  void spiders_on_girdled_trees() {
    var counts =
        Stream.concat(
                IntStream.of(46, 22, 17, 15, 15, 9, 8, 6, 6, 4, 2, 2, 2, 2)
                    .mapToObj(n -> (double) n),
                Collections.nCopies(12, 1.).stream())
            .toList();
    assertThat(EffectiveNumber.of(counts)).isCloseTo(12.0596504989, within(1e-8));
  }

  @Test
  void equal_parts_count_themselves_and_nothing_is_none() {
    assertThat(EffectiveNumber.of(Collections.nCopies(8, 3.))).isCloseTo(8, within(1e-12));
    assertThat(EffectiveNumber.of(List.of(17., 0.))).isCloseTo(1, within(1e-12));
    assertThat(EffectiveNumber.of(List.of())).isZero();
    assertThat(EffectiveNumber.of(List.of(0., 0.))).isZero();
  }
}
