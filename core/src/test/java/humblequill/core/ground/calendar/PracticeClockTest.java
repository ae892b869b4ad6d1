package humblequill.core.ground.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PracticeClockTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");

  @Test
  void half_past_one_at_night_belongs_to_yesterday() {
    var clock = new PracticeClock(ZoneId.of("UTC"), 3);
    assertThat(clock.practiceDay(Instant.parse("2026-03-05T01:30:00Z"))).isEqualTo("2026-03-04");
    assertThat(clock.practiceDay(Instant.parse("2026-03-05T02:59:59Z"))).isEqualTo("2026-03-04");
    assertThat(clock.practiceDay(Instant.parse("2026-03-05T03:00:00Z"))).isEqualTo("2026-03-05");
  }

  // Summer time begins on the last Sunday of March at 01:00 UTC: Directive 2000/84/EC, article 2.
  @ParameterizedTest
  @CsvSource({
    "2026-03-29T01:59:59Z, 2026-03-28",
    "2026-03-29T02:00:00Z, 2026-03-29",
    "2026-10-25T02:59:59Z, 2026-10-24",
    "2026-10-25T03:00:00Z, 2026-10-25"
  })
  void rolls_over_by_the_wall_clock_when_summer_time_changes(Instant moment, LocalDate day) {
    assertThat(new PracticeClock(LISBON, 3).practiceDay(moment)).isEqualTo(day);
  }

  @Test
  void the_start_of_a_day_belongs_to_it_and_the_moment_before_does_not() {
    var clock = new PracticeClock(LISBON, 4);
    var day = LocalDate.of(2026, 7, 1);
    assertThat(clock.practiceDay(clock.startOf(day))).isEqualTo(day);
    assertThat(clock.practiceDay(clock.startOf(day).minusMillis(1))).isEqualTo(day.minusDays(1));
  }

  @Test
  void a_rollover_past_noon_is_refused() {
    assertThatThrownBy(() -> new PracticeClock(LISBON, 13))
        .hasMessageContaining("ground.rolloverWithin")
        .hasMessageContaining("13");
  }
}
