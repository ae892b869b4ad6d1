package humblequill.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.bench.FindingChange.Became;
import java.util.HashMap;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A thigh drawn too long in one try, and in the next. */
class FindingChangeTest {
  private static final long SEED = 4;

  private static Compared thigh(double factor) {
    var reference = Benches.cabinet(SEED);
    return Benches.held(reference, Benches.longer(reference, "left ", factor));
  }

  private static List<FindingChange> from(double before, double now) {
    return FindingChange.between(thigh(before), thigh(now), Set.of());
  }

  @ParameterizedTest
  @CsvSource({"1.30, 1.15, LESS", "1.15, 1.30, MORE", "1.30, 1, GONE", "1, 1.30, NEW"})
  void it_is_told_what_became_of_it(double before, double now, Became became) {
    assertThat(from(before, now))
        .singleElement()
        .satisfies(
            c -> {
              assertThat(c.finding().subject()).isEqualTo("left thigh");
              assertThat(c.became()).isEqualTo(became);
            });
  }

  @Test
  void what_is_about_the_same_or_was_meant_so_is_left_out() {
    assertThat(from(1.30, 1.29)).isEmpty();
    assertThat(FindingChange.between(thigh(1.3), thigh(1), Set.of("length left thigh"))).isEmpty();
  }

  @Test
  void what_is_not_measured_is_not_gone() {
    var reference = Benches.cabinet(SEED);
    var quick = new HashMap<>(reference);
    quick.remove("left knee");
    assertThat(FindingChange.between(thigh(1.3), Benches.held(reference, quick), Set.of()))
        .isEmpty();
  }
}
