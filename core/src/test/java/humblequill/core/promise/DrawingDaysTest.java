package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The one definition of a drawing day, counted on a calendar. */
class DrawingDaysTest {
  /** The first Monday of March 2026. */
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static final DrawingDays NO_SUNDAYS =
      new DrawingDays(day -> day.getDayOfWeek() != DayOfWeek.SUNDAY, Set.of());

  @Test
  void rest_of_a_promise_comes_on_top_of_the_learners_own() {
    var days = NO_SUNDAYS.without(Set.of(DayOfWeek.MONDAY)).without(Set.of(DayOfWeek.TUESDAY));
    assertThat(days.between(MONDAY, MONDAY.plusDays(6)))
        .containsExactly(
            MONDAY.plusDays(2), MONDAY.plusDays(3), MONDAY.plusDays(4), MONDAY.plusDays(5));
    assertThat(NO_SUNDAYS.count(MONDAY, MONDAY.plusDays(13))).isEqualTo(12);
    assertThat(NO_SUNDAYS.count(MONDAY, MONDAY)).isEqualTo(1);
    assertThat(NO_SUNDAYS.count(MONDAY, MONDAY.minusDays(1))).isZero();
  }

  @Test
  void the_nth_counts_its_first_day() {
    assertThat(NO_SUNDAYS.nth(MONDAY, 1)).isEqualTo(MONDAY);
    assertThat(NO_SUNDAYS.nth(MONDAY, 6)).isEqualTo(MONDAY.plusDays(5));
    assertThat(NO_SUNDAYS.nth(MONDAY, 7)).isEqualTo(MONDAY.plusDays(7));
    assertThat(NO_SUNDAYS.nth(MONDAY.plusDays(6), 1)).isEqualTo(MONDAY.plusDays(7));
    assertThat(NO_SUNDAYS.next(MONDAY.plusDays(5))).isEqualTo(MONDAY.plusDays(7));
  }

  @Test
  void the_search_ends_where_there_are_none() {
    var none = new DrawingDays(day -> false, Set.of());
    assertThat(none.nth(MONDAY, 3)).isEqualTo(MONDAY.plusDays(2));
    assertThat(none.next(MONDAY)).isEqualTo(MONDAY.plusDays(1));
  }
}
