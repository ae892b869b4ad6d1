package humblequill.core.day.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Counts by day, summed by hand. */
class TallyTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final LocalDate TUESDAY = MONDAY.plusDays(1);
  private static final LocalDate FRIDAY = MONDAY.plusDays(4);
  private static final Tally TALLY = Tally.of(Map.of(MONDAY, 0, TUESDAY, 4, FRIDAY, 3));

  @Test
  void spans_hold_both_their_ends() {
    assertThat(TALLY.between(TUESDAY, FRIDAY)).isEqualTo(7);
    assertThat(TALLY.between(TUESDAY.plusDays(1), FRIDAY)).isEqualTo(3);
    assertThat(TALLY.between(TUESDAY, FRIDAY.minusDays(1))).isEqualTo(4);
    assertThat(TALLY.between(FRIDAY, TUESDAY)).isZero();
    assertThat(TALLY.before(TUESDAY)).isZero();
    assertThat(TALLY.before(FRIDAY)).isEqualTo(4);
    assertThat(TALLY.total()).isEqualTo(7);
  }

  @Test
  void a_day_with_nothing_is_there_until_zeros_are_taken_out() {
    assertThat(TALLY.has(MONDAY)).isTrue();
    assertThat(TALLY.has(MONDAY.minusDays(1))).isFalse();
    assertThat(TALLY.on(MONDAY.minusDays(1))).isZero();
    assertThat(TALLY.withoutZeros().byDay()).containsOnlyKeys(TUESDAY, FRIDAY);
    assertThat(TALLY.firstDay()).contains(TUESDAY);
    assertThat(Tally.NONE.firstDay()).isEmpty();
    assertThat(Tally.of(Map.of(MONDAY, 0)).firstDay()).isEmpty();
  }

  @Test
  void two_are_added_day_by_day() {
    var both = TALLY.plus(Tally.of(Map.of(TUESDAY, 1, TUESDAY.plusDays(1), 2)));
    assertThat(both.byDay())
        .isEqualTo(Map.of(MONDAY, 0, TUESDAY, 5, TUESDAY.plusDays(1), 2, FRIDAY, 3));
    assertThat(TALLY.on(TUESDAY)).as("the first is as it was").isEqualTo(4);
  }

  @Test
  void sums_stop_at_the_largest_number() {
    var huge = Tally.of(Map.of(MONDAY, Integer.MAX_VALUE, TUESDAY, 1));
    assertThat(huge.total()).isEqualTo(Integer.MAX_VALUE);
    assertThat(huge.plus(huge).on(MONDAY)).isEqualTo(Integer.MAX_VALUE);
    var summed = Tally.sum(List.of(2_000_000_000, 2_000_000_000), n -> MONDAY, n -> n);
    assertThat(summed.on(MONDAY)).isEqualTo(Integer.MAX_VALUE);
  }

  @Test
  void no_count_is_negative_and_no_map_changes_it_later() {
    assertThatThrownBy(() -> Tally.of(Map.of(MONDAY, -1))).hasMessageContaining("-1");
    assertThatThrownBy(() -> TALLY.byDay().put(MONDAY, 3))
        .isInstanceOf(UnsupportedOperationException.class);
  }
}
