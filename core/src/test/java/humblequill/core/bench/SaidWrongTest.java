package humblequill.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.bench.SaidWrong.Along;
import humblequill.core.bench.Tendency.Standing;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Errors as they are told in words. */
class SaidWrongTest {
  @ParameterizedTest
  @CsvSource({
    "arms too thin,                        arm,      BREADTH, false",
    "far eye too high,                     far eye,  HEIGHT,  true",
    "The forearms are too short again,     forearm,  LENGTH,  false",
    "head TOO big.,                        head,     SIZE,    true",
    "too thick legs,                       leg,      BREADTH, true",
    "the stem stands too far left,         stem stand, SIDE,  false",
    "'left hand too small, rest fine',     left hand, SIZE,   false",
    "sheer too flat,                       sheer,    TILT,    false"
  })
  void a_part_and_a_direction_are_read(String note, String part, Along along, boolean more) {
    assertThat(SaidWrong.in(note)).containsExactly(new SaidWrong(part, along, more));
  }

  @Test
  void a_remark_without_a_part_is_of_the_part_before() {
    assertThat(SaidWrong.in("Arms too thin and too short; hands too small"))
        .containsExactly(
            new SaidWrong("arm", Along.BREADTH, false),
            new SaidWrong("arm", Along.LENGTH, false),
            new SaidWrong("hand", Along.SIZE, false));
  }

  @ParameterizedTest
  @CsvSource({
    "arms thin",
    "the arms too",
    "too",
    "me too",
    "too tired to go on",
    "''",
    "the line of the far shoulder of the second figure from behind too long"
  })
  void what_tells_no_direction_is_no_case(String note) {
    assertThat(SaidWrong.in(note)).isEmpty();
  }

  /** 2 × 0.5⁵ = 0.0625 and 2 × 0.5⁶ = 0.03125, by hand. */
  @Test
  void five_of_five_may_still_be_chance_and_six_of_six_hold() {
    var thin = new SaidWrong("arm", Along.BREADTH, false);
    var five = SaidHabit.of(Collections.nCopies(5, thin)).get(0);
    assertThat(five.sign()).isCloseTo(0.0625, within(1e-12));
    assertThat(five.standing()).isEqualTo(Standing.MAY_BE_CHANCE);
    var six = SaidHabit.of(Collections.nCopies(6, thin)).get(0);
    assertThat(six.sign()).isCloseTo(0.03125, within(1e-12));
    assertThat(six.standing()).isEqualTo(Standing.HOLDS);
    assertThat(SaidHabit.of(Collections.nCopies(4, thin)).get(0).standing())
        .isEqualTo(Standing.TOO_FEW);
  }

  @Test
  void words_enter_the_sign_test_of_the_same_quantity_and_leave_the_mean_alone() {
    var forearm = new Quantity(Quantity.Kind.LENGTH, "forearm");
    var cases =
        List.of(-0.1, -0.12, -0.08, -0.11, -0.09).stream()
            .map(v -> new Case(java.time.LocalDate.of(2026, 3, 5), Map.of(forearm, v)))
            .toList();
    var said =
        List.of(
            new SaidWrong("forearm", Along.LENGTH, false),
            new SaidWrong("forearm", Along.LENGTH, true),
            new SaidWrong("forearm", Along.BREADTH, false),
            new SaidWrong("thigh", Along.LENGTH, false));
    var measured = Tendency.of(cases).get(0);
    var both = Tendency.of(cases, said).get(0);
    assertThat(both.mean()).isEqualTo(measured.mean());
    assertThat(List.of(both.same(), both.signed(), both.told())).containsExactly(6, 7, 2);
    // P(at least 6 of 7 on one side) = 2 (7 + 1) / 128, by hand.
    assertThat(both.sign()).isCloseTo(0.125, within(1e-12));
  }
}
