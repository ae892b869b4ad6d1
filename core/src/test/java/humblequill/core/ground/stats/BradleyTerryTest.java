package humblequill.core.ground.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.ground.stats.BradleyTerry.Choice;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Abilities from choices. */
class BradleyTerryTest {
  /** Citations among four journals, S. M. Stigler 1994, as shipped with BradleyTerry2 1.1-2. */
  private static final int[][] CITED = {
    {0, 730, 498, 221}, {33, 0, 68, 17}, {320, 813, 0, 142}, {284, 276, 325, 0}
  };

  private static List<Choice> citations() {
    var choices = new ArrayList<Choice>();
    for (int i = 0; i < CITED.length; i++) {
      for (int j = 0; j < CITED.length; j++) {
        choices.addAll(Collections.nCopies(CITED[i][j], new Choice(i, j)));
      }
    }
    return choices;
  }

  /** By BTm of R 4.2.2 and by a fit of another kind. */
  @Test
  void journals_without_the_prior() {
    var fit = BradleyTerry.withoutPrior(4, citations());
    double[] expected = {0, -2.9490724968, -0.4795697698, 0.2689540558};
    for (int i = 0; i < 4; i++) {
      assertThat(fit.ability(i) - fit.ability(0)).isCloseTo(expected[i], within(1e-6));
    }
    assertThat(Math.sqrt(fit.variance(1, 0))).isCloseTo(0.102545, within(1e-5));
    assertThat(Math.sqrt(fit.variance(3, 0))).isCloseTo(0.070830, within(1e-5));
  }

  /** By R 4.2.2 with half a win and half a loss against a phantom each. */
  @Test
  void journals_with_the_prior() {
    var fit = BradleyTerry.of(4, citations());
    double[] expected = {0, -2.94518043, -.47914767, .26841382};
    for (int i = 0; i < 4; i++) {
      assertThat(fit.ability(i) - fit.ability(0)).isCloseTo(expected[i], within(1e-7));
    }
  }

  /** One choice between two: ±.75630761; three in a row: ±ln 3 and 0, by hand. */
  @Test
  void few_choices_stay_finite() {
    var two = BradleyTerry.of(2, List.of(new Choice(0, 1)));
    assertThat(two.ability(0)).isCloseTo(.75630761, within(1e-8));
    assertThat(two.ability(1)).isCloseTo(-.75630761, within(1e-8));
    var three = BradleyTerry.of(3, List.of(new Choice(0, 1), new Choice(1, 2)));
    assertThat(three.ability(0)).isCloseTo(Math.log(3), within(1e-9));
    assertThat(three.ability(1)).isCloseTo(0, within(1e-9));
    assertThat(BradleyTerry.of(3, List.of()).ability(1)).isZero();
  }

  @Test
  void an_item_that_always_won_stays_finite_however_often() {
    var fit = BradleyTerry.of(3, Collections.nCopies(500, new Choice(0, 1)));
    assertThat(fit.ability(0)).isFinite().isPositive();
    assertThat(fit.ability(2)).isCloseTo(0, within(1e-9));
    assertThat(fit.chance(0, 1)).isGreaterThan(0.99);
  }
}
