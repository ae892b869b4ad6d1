package humblequill.core.ground.calendar;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

class AvailabilityTest {
  private static final LocalDate SUNDAY = LocalDate.of(2026, 3, 8);
  private static final WeekPattern SEVENTY =
      new WeekPattern(
          LocalDate.of(2026, 1, 1),
          WeekPattern.everyDay(SUNDAY, 70).minutes(),
          Set.of(DayOfWeek.SUNDAY));

  @Test
  void a_rest_weekday_has_no_minutes_and_is_neutral() {
    var plain = new Availability(List.of(SEVENTY), Map.of(), Set.of(), List.of());
    assertThat(plain.minutesOn(SUNDAY)).isZero();
    assertThat(plain.isNeutral(SUNDAY)).isTrue();
    assertThat(plain.minutesOn(SUNDAY.plusDays(1))).isEqualTo(70);
    assertThat(plain.isNeutral(SUNDAY.plusDays(1))).isFalse();
  }

  @Test
  void minutes_given_to_one_sunday_lift_its_rest() {
    var lifted = new Availability(List.of(SEVENTY), Map.of(SUNDAY, 30), Set.of(), List.of());
    assertThat(lifted.minutesOn(SUNDAY)).isEqualTo(30);
    assertThat(lifted.isNeutral(SUNDAY)).isFalse();
    assertThat(lifted.isNeutral(SUNDAY.plusWeeks(1))).isTrue();
  }

  @Test
  void a_pause_and_a_single_rest_day_beat_an_override() {
    var away = new Pause(SUNDAY.plusDays(2), SUNDAY.plusDays(3), "away");
    var all =
        new Availability(
            List.of(SEVENTY),
            Map.of(SUNDAY.plusDays(1), 200, SUNDAY.plusDays(2), 200),
            Set.of(SUNDAY.plusDays(1)),
            List.of(away));
    assertThat(all.minutesOn(SUNDAY.plusDays(1))).isZero();
    assertThat(all.minutesOn(SUNDAY.plusDays(2))).isZero();
    assertThat(all.isNeutral(SUNDAY.plusDays(3))).isTrue();
    assertThat(all.isNeutral(SUNDAY.plusDays(4))).isFalse();
  }

  @Test
  void what_pauses_take_of_a_week_is_told_day_by_day() {
    var away = new Pause(SUNDAY.plusDays(6), SUNDAY.plusDays(20), "away");
    var ill = new Pause(SUNDAY.plusDays(1), SUNDAY.plusDays(1), "ill");
    var all = new Availability(List.of(SEVENTY), Map.of(), Set.of(), List.of(away, ill));
    assertThat(all.pausesWithin(SUNDAY, SUNDAY.plusDays(6)))
        .containsExactly(ill, new Pause(SUNDAY.plusDays(6), SUNDAY.plusDays(6), "away"));
    assertThat(all.pausesWithin(SUNDAY.plusDays(7), SUNDAY.plusDays(13)))
        .containsExactly(new Pause(SUNDAY.plusDays(7), SUNDAY.plusDays(13), "away"));
    assertThat(all.pausesWithin(SUNDAY.minusDays(6), SUNDAY)).isEmpty();
  }

  @Test
  void a_new_pattern_leaves_earlier_weeks_as_they_were() {
    var everyDay = WeekPattern.everyDay(SUNDAY.plusDays(1), 20);
    var changed = new Availability(List.of(everyDay, SEVENTY), Map.of(), Set.of(), List.of());
    assertThat(changed.isNeutral(SUNDAY)).isTrue();
    assertThat(changed.minutesOn(SUNDAY.minusDays(1))).isEqualTo(70);
    assertThat(changed.isNeutral(SUNDAY.plusWeeks(1))).isFalse();
    assertThat(changed.minutesOn(SUNDAY.plusWeeks(1))).isEqualTo(20);
  }

  @Test
  void impossible_values_are_refused_by_name() {
    assertThatThrownBy(() -> WeekPattern.everyDay(SUNDAY, 961)).hasMessageContaining("961");
    assertThatThrownBy(() -> new Pause(SUNDAY, SUNDAY.minusDays(1), ""))
        .hasMessageContaining("2026-03-07");
    assertThatThrownBy(() -> new Availability(List.of(), Map.of(), Set.of(), List.of()))
        .hasMessageContaining("ground.noWeekPattern");
  }
}
