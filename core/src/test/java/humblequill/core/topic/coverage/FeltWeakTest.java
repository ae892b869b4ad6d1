package humblequill.core.topic.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Sums by hand. */
class FeltWeakTest {
  private static final LocalDate TOLD = LocalDate.of(2026, 3, 10);

  private static Drawn knots(int days, int drawings, int mark) {
    return Drawns.of(TOLD.plusDays(days), "knots", drawings, 10, 0, mark);
  }

  @Test
  void marks_of_four_weeks_before_stand_beside_those_since_and_what_comes_later_does_not_count() {
    var drawn =
        List.of(
            knots(-29, 9, 5),
            knots(-28, 1, 2),
            knots(-1, 2, 3),
            knots(0, 4, 0),
            knots(3, 3, 4),
            knots(12, 5, 3),
            knots(13, 7, 1));
    var felt = FeltWeak.of(drawn, TOLD, TOLD.plusDays(12));
    assertThat(felt.drawn()).isEqualTo(4 + 3 + 5);
    assertThat(felt.before()).isEqualTo(new FeltWeak.Marked(2, Optional.of(2.5)));
    assertThat(felt.since()).isEqualTo(new FeltWeak.Marked(2, Optional.of(3.5)));
  }

  @Test
  void without_marks_there_is_no_mean() {
    var felt = FeltWeak.of(List.of(knots(1, 2, 0)), TOLD, TOLD.plusDays(6));
    assertThat(felt.drawn()).isEqualTo(2);
    assertThat(felt.since()).isEqualTo(new FeltWeak.Marked(0, Optional.empty()));
  }
}
