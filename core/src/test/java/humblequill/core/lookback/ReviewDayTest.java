package humblequill.core.lookback;

import static java.time.DayOfWeek.MONDAY;
import static java.time.DayOfWeek.SATURDAY;
import static java.time.DayOfWeek.SUNDAY;
import static java.time.DayOfWeek.WEDNESDAY;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Which week a day looks back on, told from the calendar: 2 March 2026 is a Monday. */
class ReviewDayTest {
  private static final LocalDate MARCH_2 = LocalDate.of(2026, 3, 2);

  @Test
  void without_a_choice_the_last_day_of_the_week_looks_back() {
    assertThat(ReviewDay.usual(MONDAY)).isEqualTo(SUNDAY);
    assertThat(ReviewDay.usual(SUNDAY)).isEqualTo(SATURDAY);
  }

  @Test
  void the_running_week_is_looked_back_on_from_its_day_on() {
    assertThat(ReviewDay.week(LocalDate.of(2026, 3, 8), MONDAY, SUNDAY)).isEqualTo(MARCH_2);
    assertThat(ReviewDay.week(LocalDate.of(2026, 3, 7), MONDAY, SUNDAY))
        .isEqualTo(MARCH_2.minusDays(7));
    assertThat(ReviewDay.week(LocalDate.of(2026, 3, 4), MONDAY, WEDNESDAY)).isEqualTo(MARCH_2);
    assertThat(ReviewDay.week(LocalDate.of(2026, 3, 3), MONDAY, WEDNESDAY))
        .isEqualTo(MARCH_2.minusDays(7));
  }

  /** Of any seven days in a row each week is first looked back on once, whatever day is chosen. */
  @ParameterizedTest
  @EnumSource(DayOfWeek.class)
  void a_new_week_is_looked_back_on_once_in_seven_days(DayOfWeek day) {
    for (var start : DayOfWeek.values()) {
      int turns = 0;
      for (int i = 0; i < 7; i++) {
        var before = ReviewDay.week(MARCH_2.plusDays(i), start, day);
        var then = ReviewDay.week(MARCH_2.plusDays(i + 1), start, day);
        assertThat(then.getDayOfWeek()).isEqualTo(start);
        turns += then.equals(before) ? 0 : 1;
        if (!then.equals(before)) {
          assertThat(then).isEqualTo(before.plusDays(7));
          assertThat(MARCH_2.plusDays(i + 1).getDayOfWeek()).isEqualTo(day);
        }
      }
      assertThat(turns).isEqualTo(1);
    }
  }
}
