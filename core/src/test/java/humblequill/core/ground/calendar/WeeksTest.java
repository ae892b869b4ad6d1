package humblequill.core.ground.calendar;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class WeeksTest {
  // ISO 8601 week dates; values agree between Python's isocalendar, R's %G-W%V-%u and the
  // standard's own rule.
  @ParameterizedTest
  @CsvSource({
    "2005-01-01, 2004-W53-6", "2005-01-02, 2004-W53-7", "2005-12-31, 2005-W52-6",
        "2007-01-01, 2007-W01-1",
    "2007-12-30, 2007-W52-7", "2007-12-31, 2008-W01-1", "2008-12-28, 2008-W52-7",
        "2008-12-29, 2009-W01-1",
    "2008-12-31, 2009-W01-3", "2009-12-31, 2009-W53-4", "2010-01-03, 2009-W53-7",
        "2010-01-04, 2010-W01-1",
    "2020-12-31, 2020-W53-4", "2021-01-03, 2020-W53-7", "2024-12-30, 2025-W01-1",
        "2026-12-31, 2026-W53-4",
    "1977-01-01, 1976-W53-6"
  })
  void names_days_as_iso_8601_does(LocalDate date, String name) {
    assertThat(Weeks.isoName(date)).isEqualTo(name);
  }

  // ISO 8601: years with 53 weeks between 2000 and 2040, and 71 of them in 400 years.
  @Test
  void knows_the_years_of_53_weeks() {
    assertThat(IntStream.rangeClosed(2000, 2040).filter(this::has53Weeks))
        .containsExactly(2004, 2009, 2015, 2020, 2026, 2032, 2037);
    assertThat(IntStream.range(2000, 2400).filter(this::has53Weeks).count()).isEqualTo(71);
  }

  /** By counting; ISO 8601 itself names a week by its Thursday, the middle of one from Monday. */
  @ParameterizedTest
  @EnumSource(DayOfWeek.class)
  void a_week_from_any_day_has_the_number_of_most_of_its_days(DayOfWeek weekStart) {
    for (var from = Weeks.startOf(LocalDate.of(2019, 12, 1), weekStart);
        from.getYear() < 2028;
        from = from.plusWeeks(1)) {
      int number = Weeks.numberOf(from);
      assertThat(from.datesUntil(from.plusDays(7)).filter(d -> Weeks.isoNumber(d) == number))
          .as("week of %s", from)
          .hasSizeGreaterThanOrEqualTo(4);
    }
  }

  /** By counting days; ISO 8601 puts weeks into years in the same way. */
  @ParameterizedTest
  @EnumSource(DayOfWeek.class)
  void every_week_is_of_the_month_that_most_of_its_days_lie_in(DayOfWeek weekStart) {
    var expected = Weeks.of(YearMonth.of(2024, 1), weekStart).get(0);
    for (var month = YearMonth.of(2024, 1); month.getYear() < 2027; month = month.plusMonths(1)) {
      for (var from : Weeks.of(month, weekStart)) {
        assertThat(from).as("no week twice or left out").isEqualTo(expected);
        var same = month;
        assertThat(from.datesUntil(from.plusDays(7)).filter(d -> YearMonth.from(d).equals(same)))
            .as("week of %s", from)
            .hasSizeGreaterThanOrEqualTo(4);
        expected = expected.plusWeeks(1);
      }
    }
  }

  private boolean has53Weeks(int year) {
    return Weeks.isoNumber(LocalDate.of(year, 12, 31)) == 53;
  }

  @Test
  void a_week_begins_where_the_learner_says() {
    var thursday = LocalDate.of(2026, 3, 5);
    assertThat(Weeks.startOf(thursday, DayOfWeek.MONDAY)).isEqualTo("2026-03-02");
    assertThat(Weeks.startOf(thursday, DayOfWeek.SUNDAY)).isEqualTo("2026-03-01");
    assertThat(Weeks.startOf(thursday, DayOfWeek.THURSDAY)).isEqualTo("2026-03-05");
  }
}
