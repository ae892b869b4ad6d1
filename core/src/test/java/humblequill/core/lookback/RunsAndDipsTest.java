package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Tally;
import humblequill.core.day.streak.Run;
import humblequill.core.ground.calendar.Pause;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Long runs with what lay between, and marks that fell with something new; by hand. */
class RunsAndDipsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 1, 5);

  private static Run run(int from, int length) {
    return new Run(length, DAY.plusDays(from), DAY.plusDays(from + length - 1L));
  }

  @Test
  void what_lay_between_the_longest_runs_is_told() {
    var minutes = Tally.of(Map.of(DAY.plusDays(12), 20, DAY.plusDays(15), 10, DAY.plusDays(40), 5));
    var runs =
        RunsInOrder.of(
            List.of(run(0, 10), run(20, 30)),
            minutes,
            List.of(new Pause(DAY.plusDays(16), DAY.plusDays(19), "a cold")));
    assertThat(runs.get(0).before()).isEqualTo(RunsInOrder.Gap.NONE);
    assertThat(runs.get(1).before()).isEqualTo(new RunsInOrder.Gap(10, 2, 30, List.of("a cold")));
  }

  @Test
  void only_the_longest_are_told_in_order_of_time() {
    var all = new ArrayList<Run>();
    for (int i = 0; i < 9; i++) {
      all.add(run(40 * i, 3 + (i * 7) % 9));
    }
    var told = RunsInOrder.of(all, Tally.NONE, List.of());
    assertThat(told).hasSize(RunsInOrder.MOST);
    assertThat(told.stream().map(r -> r.run().from())).isSorted();
    assertThat(told.stream().map(r -> r.run().length())).doesNotContain(3, 4, 5);
    assertThat(RunsInOrder.of(List.of(), Tally.NONE, List.of())).isEmpty();
  }

  /** Two marks a week, and another topic from some week on. */
  private static Ledger marks(int... marks) {
    return newIn(6, marks);
  }

  private static Ledger newIn(int newWeek, int... marks) {
    var drawn = new ArrayList<Drawn>();
    for (int week = 0; week < marks.length; week++) {
      for (int i = 0; i < 2; i++) {
        drawn.add(
            Drawns.of(
                DAY.plusDays(7L * week + i),
                week < newWeek ? "hulls" : "bones",
                1,
                30,
                0,
                marks[week]));
      }
    }
    return Ledger.of(drawn);
  }

  @Test
  void a_dip_is_told_with_its_end() {
    var dips = Dip.of(marks(3, 4, 4, 4, 4, 4, 2, 3, 3, 4, 4, 4), DAY.plusDays(84));
    assertThat(dips).hasSize(1);
    assertThat(dips.get(0).topic()).isEqualTo("bones");
    assertThat(dips.get(0).before()).isEqualTo(4);
    assertThat(dips.get(0).endedAfter()).hasValue(3);
  }

  @Test
  void what_is_first_written_down_is_not_new_while_the_record_is_younger_than_three_weeks() {
    assertThat(Dip.of(newIn(2, 4, 4, 2, 2, 3, 3), DAY.plusDays(42))).isEmpty();
    assertThat(Dip.of(newIn(3, 4, 4, 4, 2, 2, 3), DAY.plusDays(42))).hasSize(1);
  }

  @Test
  void a_dip_that_lasts_has_no_end_yet_and_steady_marks_have_no_dip() {
    var lasting = Dip.of(marks(4, 4, 4, 4, 4, 4, 2, 3, 3, 3), DAY.plusDays(70));
    assertThat(lasting.get(0).endedAfter()).isEmpty();
    assertThat(Dip.of(marks(3, 4, 3, 4, 3, 4, 3, 4, 3), DAY.plusDays(63))).isEmpty();
    assertThat(Dip.of(Ledger.EMPTY, DAY)).isEmpty();
  }
}
