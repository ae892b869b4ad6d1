package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.calendar.Availability;
import humblequill.core.ground.calendar.Pause;
import humblequill.core.ground.calendar.WeekPattern;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Four weeks of forty minutes a day. Limits are common practice, no published source. */
class WeekdayMinutesTest {
  private static final int PLANNED = 40;
  private static final LocalDate SUNDAY = LocalDate.of(2026, 3, 29);
  private static final LocalDate FIRST_TUESDAY = LocalDate.of(2026, 3, 3);
  private static final WeekPattern EVERY_DAY =
      WeekPattern.everyDay(LocalDate.of(2026, 1, 1), PLANNED);

  /** As planned on every day, but for four Tuesdays. */
  private static Tally drawn(int... tuesdays) {
    var minutes = new TreeMap<LocalDate, Integer>();
    for (var day = FIRST_TUESDAY.minusDays(1); !day.isAfter(SUNDAY); day = day.plusDays(1)) {
      minutes.put(day, PLANNED);
    }
    for (int i = 0; i < tuesdays.length; i++) {
      minutes.put(FIRST_TUESDAY.plusWeeks(i), tuesdays[i]);
    }
    return new Tally(minutes);
  }

  private static Availability days(Map<LocalDate, Integer> others, Pause... pauses) {
    return new Availability(List.of(EVERY_DAY), others, Set.of(), List.of(pauses));
  }

  @ParameterizedTest
  @CsvSource({
    "0, 0, 0, 0, 0",
    "0, 20, 0, 0, 0",
    "0, 20, 10, 14, 10",
    "20, 20, 20, 20, 20",
    "50, 52, 54, 60, 50",
    "40, 90, 90, 90, 75",
  })
  void it_is_offered_what_is_drawn_on_it(int a, int b, int c, int d, int instead) {
    assertThat(WeekdayMinutes.of(drawn(a, b, c, d), days(Map.of()), 0, SUNDAY))
        .hasValue(new WeekdayMinutes(DayOfWeek.TUESDAY, PLANNED, (a + b + c + d) / 4.0, instead));
  }

  @ParameterizedTest
  @CsvSource({
    "20, 20, 20, 24", // just above half of it
    "0, 90, 90, 90", // one time less tells of no habit of more
    "45, 45, 45, 45", // not a quarter more
  })
  void near_the_plan_it_stays(int a, int b, int c, int d) {
    assertThat(WeekdayMinutes.of(drawn(a, b, c, d), days(Map.of()), 0, SUNDAY)).isEmpty();
  }

  @Test
  void a_pause_other_minutes_and_what_lies_before_the_first_drawing_tell_nothing() {
    var nothing = drawn(0, 0, 0, 0);
    var away = new Pause(FIRST_TUESDAY.plusWeeks(2), FIRST_TUESDAY.plusWeeks(2), "away");
    assertThat(WeekdayMinutes.of(nothing, days(Map.of(), away), 0, SUNDAY)).isEmpty();
    assertThat(WeekdayMinutes.of(nothing, days(Map.of(FIRST_TUESDAY, 10)), 0, SUNDAY)).isEmpty();
    var young = new TreeMap<>(nothing.byDay().tailMap(FIRST_TUESDAY.plusDays(1)));
    assertThat(WeekdayMinutes.of(new Tally(young), days(Map.of()), 0, SUNDAY)).isEmpty();
    assertThat(WeekdayMinutes.of(Tally.NONE, days(Map.of()), 0, SUNDAY)).isEmpty();
  }

  /**
   * 8 drawn and 6 of setting up twice in four times are 7 minutes a time; 12 and 6 each time are
   * 18.
   */
  @Test
  void setting_up_takes_its_time_where_something_was_drawn() {
    var days = days(Map.of());
    assertThat(WeekdayMinutes.of(drawn(8, 0, 8, 0), days, 6, SUNDAY).orElseThrow().instead())
        .as("less than ten minutes is no day to plan with")
        .isZero();
    assertThat(WeekdayMinutes.of(drawn(12, 12, 12, 12), days, 6, SUNDAY))
        .hasValue(new WeekdayMinutes(DayOfWeek.TUESDAY, PLANNED, 12, 20));
    assertThat(WeekdayMinutes.of(drawn(12, 12, 12, 12), days, 10, SUNDAY))
        .as("22 of 40 on Tuesdays are more than half; 40 and 10 on the other days are not 40")
        .hasValue(new WeekdayMinutes(DayOfWeek.MONDAY, PLANNED, 40, 50));
  }

  @Test
  void of_several_the_one_that_is_furthest_off_counts() {
    var minutes = new TreeMap<>(drawn(10, 10, 10, 10).byDay());
    for (int i = 0; i < WeekdayMinutes.TIMES; i++) {
      minutes.put(FIRST_TUESDAY.plusWeeks(i).plusDays(2), 0);
    }
    assertThat(WeekdayMinutes.of(new Tally(minutes), days(Map.of()), 0, SUNDAY).orElseThrow().day())
        .isEqualTo(DayOfWeek.THURSDAY);
  }
}
