package humblequill.core.course.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.course.ExerciseKind;
import humblequill.core.day.entry.Poses;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class AppointmentTest {
  private static final LocalDate THURSDAY = LocalDate.of(2026, 3, 5);

  private static Appointment weekly(LocalDate to, Poses.Row... poses) {
    return new Appointment(
        "g",
        "Life group",
        Optional.of(DayOfWeek.THURSDAY),
        THURSDAY,
        Optional.ofNullable(to),
        LocalTime.of(19, 0),
        120,
        new Poses(List.of(poses)));
  }

  private static Work poses(String id, int quantity, int secondsEach) {
    return new Work(id, ExerciseKind.TIMED_POSES, quantity, secondsEach, 1, Optional.empty());
  }

  @Test
  void a_weekly_one_takes_place_on_its_weekday_between_its_dates() {
    var group = weekly(THURSDAY.plusDays(14));
    assertThat(group.on(THURSDAY)).isTrue();
    assertThat(group.on(THURSDAY.plusDays(14))).isTrue();
    assertThat(group.on(THURSDAY.plusDays(21))).isFalse();
    assertThat(group.on(THURSDAY.minusDays(7))).isFalse();
    assertThat(group.on(THURSDAY.plusDays(1))).isFalse();
    assertThat(weekly(null).on(THURSDAY.plusDays(7_000))).isTrue();
  }

  @Test
  void what_cannot_be_is_refused_with_the_value() {
    assertThatThrownBy(() -> weekly(THURSDAY.minusDays(1))).hasMessageContaining("2026-03-04");
    assertThatThrownBy(() -> new Poses.Row(0, 60)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void poses_count_for_work_of_about_their_length_in_order_and_only_once() {
    var appointments = new Appointments(List.of(weekly(null, new Poses.Row(10, 120))));
    var works = List.of(poses("quick", 50, 30), poses("two", 6, 120), poses("three", 30, 170));
    var left = Map.of("quick", 50, "two", 6, "three", 30);
    assertThat(appointments.satisfiedOn(THURSDAY, works, left))
        .as("half a minute is too short; two and about three are alike")
        .isEqualTo(Map.of("two", 6, "three", 4));
    assertThat(appointments.satisfiedOn(THURSDAY.plusDays(1), works, left)).isEmpty();
  }

  @Test
  void drills_are_not_done_by_poses() {
    var appointments = new Appointments(List.of(weekly(null, new Poses.Row(10, 120))));
    var drill = PlannerTest.drill("lines", 20, 120);
    assertThat(appointments.satisfiedOn(THURSDAY, List.of(drill), Map.of("lines", 20))).isEmpty();
  }
}
