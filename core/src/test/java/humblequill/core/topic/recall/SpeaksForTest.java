package humblequill.core.topic.recall;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Depth;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

class SpeaksForTest {
  private static final LocalDate BEGUN = LocalDate.of(2026, 3, 1);

  /** The dates of Recall in reference-values, each asked on its day and right. */
  @Test
  void what_was_there_over_a_week_a_month_and_a_season_speaks_for_ever_more_depth() {
    var asking = Asking.takenUp(BEGUN);
    int[] held = {0, 1, 3, 7, 16, 35, 80};
    Depth[] depths = {null, null, null, Depth.SIMPLE, Depth.SIMPLE, Depth.GROUPED, Depth.DETAILED};
    for (int i = 0; i < held.length; i++) {
      assertThat(SpeaksFor.held(asking)).isEqualTo(held[i]);
      assertThat(SpeaksFor.depth(held[i]).orElse(null)).isEqualTo(depths[i]);
      asking = asking.after(Asking.Result.RIGHT, asking.due());
    }
  }

  @Test
  void what_was_not_there_speaks_for_nothing() {
    var asking =
        new Asking(5, BEGUN, BEGUN.plusDays(80)).after(Asking.Result.WRONG, BEGUN.plusDays(80));
    assertThat(SpeaksFor.depth(SpeaksFor.held(asking))).isEmpty();
  }
}
