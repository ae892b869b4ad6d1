package humblequill.core.course.plan;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.ExerciseKind;
import humblequill.core.day.entry.Poses;
import humblequill.core.ground.calendar.Availability;
import humblequill.core.ground.calendar.WeekPattern;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is in the way of appointments, at the edges. By hand. */
class ClashTest {
  private static final LocalDate THURSDAY = LocalDate.of(2026, 3, 5);
  private static final Availability TWO_HOURS =
      new Availability(
          List.of(WeekPattern.everyDay(LocalDate.EPOCH, 120)), Map.of(), Set.of(), List.of());

  private static Appointment weekly(String title, int hour, int minutes, Poses.Row... poses) {
    return new Appointment(
        title,
        title,
        Optional.of(DayOfWeek.THURSDAY),
        THURSDAY,
        Optional.empty(),
        LocalTime.of(hour, 0),
        minutes,
        new Poses(List.of(poses)));
  }

  private static List<Appointments.Clash> clashes(Appointment... all) {
    return new Appointments(List.of(all)).clashes(THURSDAY, THURSDAY, TWO_HOURS);
  }

  @Test
  void one_that_fills_the_day_fits_and_a_minute_more_does_not() {
    assertThat(clashes(weekly("Group", 19, 120))).isEmpty();
    assertThat(clashes(weekly("Group", 19, 121)))
        .containsExactly(
            new Appointments.Clash(
                THURSDAY, "Group", Appointments.Obstacle.OVER_THE_DAY, 121, 120, ""));
  }

  @Test
  void one_after_another_is_no_clash_and_one_within_another_is() {
    assertThat(clashes(weekly("A", 18, 60), weekly("B", 19, 30))).isEmpty();
    assertThat(clashes(weekly("A", 18, 61), weekly("B", 19, 30)))
        .containsExactly(
            new Appointments.Clash(THURSDAY, "B", Appointments.Obstacle.OVERLAP, 30, 120, "A"));
  }

  @Test
  void the_same_clash_of_many_weeks_is_told_once_with_its_number() {
    var all = new Appointments(List.of(weekly("Group", 19, 121)));
    var told = all.repeatedClashes(THURSDAY, THURSDAY.plusWeeks(3), TWO_HOURS);
    assertThat(told).hasSize(1);
    assertThat(told.get(0).times()).isEqualTo(4);
    assertThat(told.get(0).first().date()).isEqualTo(THURSDAY);
  }

  /** Two minutes are about as long as anything from 80 s to three minutes. */
  @ParameterizedTest
  @CsvSource({"79, 0", "80, 6", "120, 6", "180, 6", "181, 0"})
  void poses_count_for_work_at_most_half_as_long_again(int secondsEach, int counted) {
    var all = new Appointments(List.of(weekly("Group", 19, 60, new Poses.Row(6, 120))));
    var work = new Work("w", ExerciseKind.STUDY, 9, secondsEach, 1, Optional.empty());
    assertThat(all.satisfiedOn(THURSDAY, List.of(work), Map.of("w", 9)).getOrDefault("w", 0))
        .isEqualTo(counted);
    assertThat(all.withoutPoses().satisfiedOn(THURSDAY, List.of(work), Map.of("w", 9))).isEmpty();
    assertThat(all.withoutPoses().minutesOn(THURSDAY)).isEqualTo(60);
  }

  /** Six poses of two lengths go to the same work, no more than are left of it. */
  @Test
  void work_is_satisfied_by_several_rows_no_further_than_it_goes() {
    var all =
        new Appointments(
            List.of(weekly("Group", 19, 60, new Poses.Row(3, 120), new Poses.Row(3, 150))));
    var work = new Work("w", ExerciseKind.STUDY, 5, 120, 1, Optional.empty());
    assertThat(all.satisfiedOn(THURSDAY, List.of(work), Map.of("w", 5))).isEqualTo(Map.of("w", 5));
  }
}
