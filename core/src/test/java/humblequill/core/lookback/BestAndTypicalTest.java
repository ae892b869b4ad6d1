package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a time was mostly, what the best share and what lies between two drawings; by hand. */
class BestAndTypicalTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

  @Test
  void a_time_is_told_by_what_took_most_of_its_minutes() {
    var typical =
        Typical.of(
            List.of(
                Drawns.with(Drawns.of(DAY, "hulls", 3, 60), "pencil", "life"),
                Drawns.with(Drawns.of(DAY, "ropes", 9, 20), "pen", "photo"),
                Drawns.with(Drawns.of(DAY, "ropes", 1, 20), "pen", null)));
    assertThat(typical.topic()).contains("hulls");
    assertThat(typical.medium()).contains("pencil");
    assertThat(typical.mediumShare()).isCloseTo(0.6, within(1e-12));
    assertThat(typical.source()).contains("life");
    assertThat(typical.drawings()).isEqualTo(13);
  }

  @Test
  void a_time_without_minutes_has_no_share() {
    assertThat(Typical.of(List.of()).mediumShare()).isZero();
    assertThat(
            Typical.of(List.of(Drawns.with(Drawns.of(DAY, "hulls", 1, 0), "pen", null)))
                .mediumShare())
        .isZero();
  }

  @Test
  void what_two_of_the_best_share_is_held_against_the_rest() {
    var pen = Drawns.with(Drawns.of(DAY, "hulls", 1, 10), "pen", "life");
    var pencil = Drawns.with(Drawns.of(DAY, "ropes", 1, 10), "pencil", "photo");
    var shared =
        SharedByTop.of(
            List.of(
                Optional.of(pen),
                Optional.of(pen),
                Optional.of(pencil),
                Optional.of(pen),
                Optional.of(pencil),
                Optional.empty()),
            3);
    assertThat(shared)
        .contains(new SharedByTop(SharedByTop.What.MEDIUM, "pen", 2, 3, 1, 3))
        .contains(new SharedByTop(SharedByTop.What.SOURCE, "life", 2, 3, 1, 3));
  }

  @Test
  void how_long_it_took_and_what_it_shows_may_be_shared_too() {
    var front = Drawns.showing(Drawns.of(DAY, "heads", 1, 12), "front", "old");
    var side = Drawns.showing(Drawns.of(DAY, "heads", 5, 10), "side");
    var shared =
        SharedByTop.of(List.of(Optional.of(front), Optional.of(front), Optional.of(side)), 2);
    assertThat(shared)
        .contains(new SharedByTop(SharedByTop.What.LENGTH, "LONG", 2, 2, 0, 1))
        .contains(new SharedByTop(SharedByTop.What.FACET, "old", 2, 2, 0, 1));
  }

  @Test
  void the_best_without_anything_in_common_share_nothing() {
    var one = Drawns.with(Drawns.of(DAY, "hulls", 1, 10), "pen", null);
    var other = Drawns.with(Drawns.of(DAY, "ropes", 1, 30), "pencil", null);
    assertThat(SharedByTop.of(List.of(Optional.of(one), Optional.of(other)), 2)).isEmpty();
  }

  @Test
  void the_two_drawings_themselves_do_not_lie_between() {
    var first = Drawns.of(DAY, "hulls", 1, 30);
    var last = Drawns.of(DAY.plusDays(40), "hulls", 1, 35);
    var ledger =
        Ledger.of(
            List.of(
                first,
                last,
                Drawns.of(DAY, "ropes", 2, 10),
                Drawns.of(DAY.plusDays(7), "hulls", 5, 50),
                Drawns.of(DAY.plusDays(41), "hulls", 9, 90)));
    assertThat(Between.of(ledger, DAY, DAY.plusDays(40), Set.of(first.entry(), last.entry())))
        .isEqualTo(new Between(40, 60, 7));
  }
}
