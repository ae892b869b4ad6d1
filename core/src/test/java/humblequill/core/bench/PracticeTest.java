package humblequill.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Sets of the cabinet that practise a habit. */
class PracticeTest {
  private static final int SEEDS = 40;

  @ParameterizedTest
  @CsvSource({
    "TILT,          shoulders,  TILT",
    "TILT_RESPONSE, '',         TILT",
    "LEAN,          '',         TILT",
    "DEPTH,         thighs,     LEGS",
    "DEPTH,         forearms,   ARMS",
    "DEPTH,         depths,     MUCH",
    "LENGTH,        forearm,    LITTLE"
  })
  void a_habit_of_figures_leads_to_what_shows_it(
      Quantity.Kind kind, String part, Emphasis emphasis) {
    assertThat(Practice.of(List.of(Reference.Kind.STANDING), new Quantity(kind, part)))
        .contains(new Practice(Reference.Kind.STANDING, emphasis));
  }

  @Test
  void of_what_is_no_figure_nothing_is_asked_that_it_has_not() {
    assertThat(
            Practice.of(
                List.of(Reference.Kind.HULL), new Quantity(Quantity.Kind.TILT, "sheer aft")))
        .contains(new Practice(Reference.Kind.HULL, Emphasis.ANY));
    assertThat(Practice.of(List.of(), new Quantity(Quantity.Kind.TILT, "sheer"))).isEmpty();
  }

  private static double tilt(Emphasis emphasis) {
    double sum = 0;
    for (long seed = 1; seed <= SEEDS; seed++) {
      var marks = Reference.of(seed, Reference.Kind.STANDING, emphasis, View.FRONT).landmarks();
      for (var pair : List.of("shoulder", "hip")) {
        var left = marks.get("left " + pair);
        var right = marks.get("right " + pair);
        sum += Math.abs(Math.toDegrees(Math.atan2(left.y() - right.y(), left.x() - right.x())));
      }
    }
    return sum / SEEDS / 2;
  }

  /** The true figures of the seeds have what was asked for: measured on their landmarks. */
  @Test
  void what_is_asked_to_tilt_tilts_more() {
    assertThat(tilt(Emphasis.TILT)).isGreaterThan(1.5 * tilt(Emphasis.ANY));
  }

  private static double nearer(Emphasis emphasis, String from, String to) {
    double sum = 0;
    for (long seed = 1; seed <= SEEDS; seed++) {
      var marks = Reference.of(seed, Reference.Kind.ACTION, emphasis, View.ANY).landmarks();
      double nearest = -1;
      for (var side : List.of("left ", "right ")) {
        nearest = Math.max(nearest, marks.get(side + from).depth() - marks.get(side + to).depth());
      }
      sum += nearest;
    }
    return sum / SEEDS;
  }

  @Test
  void limbs_asked_to_point_at_the_eye_end_nearer_to_it() {
    assertThat(nearer(Emphasis.LEGS, "hip", "ankle"))
        .isGreaterThan(0.1 + nearer(Emphasis.ANY, "hip", "ankle"));
    assertThat(nearer(Emphasis.ARMS, "shoulder", "wrist"))
        .isGreaterThan(0.1 + nearer(Emphasis.ANY, "shoulder", "wrist"));
  }
}
