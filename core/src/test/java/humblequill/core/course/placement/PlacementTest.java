package humblequill.core.course.placement;

import static humblequill.core.course.Courses.drill;
import static humblequill.core.course.Courses.drills;
import static humblequill.core.course.Courses.week;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.course.Baseline;
import humblequill.core.course.Course;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Elastic weeks. Common practice, no published source. */
class PlacementTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private final Placement plan = Placement.of(drills(4, 12, 60), MONDAY);

  private static List<String> keys(Placement plan) {
    return plan.weeks().stream().map(PlacedWeek::key).toList();
  }

  @Test
  void a_stretched_week_moves_those_after_it_and_the_end() {
    var longer = plan.after(new PlanChange.Stretch("2", 21));
    assertThat(longer.week("2").orElseThrow().to()).isEqualTo("2026-03-29");
    assertThat(longer.week("3").orElseThrow().from()).isEqualTo("2026-03-30");
    assertThat(longer.end()).isEqualTo(plan.end().plusDays(14));
    assertThat(longer.after(new PlanChange.Stretch("2", 7))).isEqualTo(plan);
    assertThatThrownBy(() -> plan.after(new PlanChange.Stretch("2", 121)))
        .isInstanceOf(PlanChangeException.class)
        .hasMessageContaining("121");
    assertThatThrownBy(() -> plan.after(new PlanChange.Stretch("9", 7)))
        .hasMessageContaining("week=9");
  }

  @Test
  void an_exercise_served_its_week_whenever_it_was_drawn() {
    assertThat(plan.weekOf("d2", MONDAY.plusDays(8)).orElseThrow().key()).isEqualTo("2");
    assertThat(plan.weekOf("d2", MONDAY.plusDays(20)).orElseThrow().key())
        .as("later")
        .isEqualTo("2");
    assertThat(plan.weekOf("nothing", MONDAY)).isEmpty();
  }

  @Test
  void a_repeated_week_has_work_of_its_own() {
    var twice = plan.after(new PlanChange.Repeat("2", "r"));
    assertThat(keys(twice)).containsExactly("1", "2", "r", "3", "4");
    assertThat(twice.week("r").orElseThrow().week().exercises())
        .extracting(Exercise::id)
        .containsExactly("d2-again2");
    var thrice = twice.after(new PlanChange.Repeat("r", "r2"));
    assertThat(thrice.week("r2").orElseThrow().week().exercises())
        .extracting(Exercise::id)
        .containsExactly("d2-again3");
    assertThatThrownBy(() -> twice.after(new PlanChange.Repeat("2", "r")))
        .isInstanceOf(PlanChangeException.class);
  }

  @Test
  void a_skipped_week_that_has_begun_keeps_its_days_so_far() {
    assertThat(keys(plan.after(new PlanChange.Skip("3", MONDAY)))).containsExactly("1", "2", "4");
    var begun = plan.after(new PlanChange.Skip("1", MONDAY.plusDays(3)));
    assertThat(begun.week("1").orElseThrow().days()).isEqualTo(3);
    assertThat(begun.week("2").orElseThrow().from()).isEqualTo(MONDAY.plusDays(3));
    assertThat(begun.samePast(plan, MONDAY.plusDays(3))).isTrue();
    assertThat(begun.exercise("d3")).isPresent();
    assertThat(plan.after(new PlanChange.Skip("3", MONDAY)).exercise("d3"))
        .as("entries of a skipped week still know their exercise")
        .isPresent();
  }

  @Test
  void the_last_week_cannot_be_left_out() {
    var one = Placement.of(drills(1, 5, 60), MONDAY);
    assertThatThrownBy(() -> one.after(new PlanChange.Skip("1", MONDAY)))
        .hasMessageContaining("course.onlyWeek");
  }

  @Test
  void swapped_weeks_take_their_lengths_along() {
    var swapped = plan.after(new PlanChange.Stretch("2", 10)).after(new PlanChange.Swap("2", "4"));
    assertThat(keys(swapped)).containsExactly("1", "4", "3", "2");
    assertThat(swapped.week("2").orElseThrow().days()).isEqualTo(10);
    assertThat(swapped.end()).isEqualTo(plan.end().plusDays(3));
  }

  @Test
  void a_detour_stands_before_the_week_that_needs_it() {
    var ellipses = week("Ellipses", List.of("ellipses"), drill("d3", 5, 60), drill("e", 5, 60));
    var more = week("More", List.of("ellipses"), drill("f", 5, 60));
    var detour = plan.after(new PlanChange.Detour("3", "x", List.of(ellipses, more)));
    assertThat(keys(detour)).containsExactly("1", "2", "x", "x-2", "3", "4");
    assertThat(detour.week("x").orElseThrow().role()).isEqualTo(PlacedWeek.Role.DETOUR);
    assertThat(detour.week("x").orElseThrow().week().exercises())
        .as("an id that the plan has already gets a new name")
        .extracting(Exercise::id)
        .containsExactly("d3-again2", "e-again2");
    assertThat(detour.end()).isEqualTo(plan.end().plusDays(14));
  }

  @Test
  void a_pause_closes_dates_and_gives_the_week_as_many() {
    var dates = Set.of(MONDAY.plusDays(2), MONDAY.plusDays(3));
    var paused = plan.after(new PlanChange.Pause("1", dates)).week("1").orElseThrow();
    assertThat(paused.days()).isEqualTo(9);
    assertThat(paused.closed()).isEqualTo(dates);
    assertThatThrownBy(() -> plan.after(new PlanChange.Pause("1", Set.of(MONDAY.plusDays(7)))))
        .hasMessageContaining("2026-03-09");
  }

  @Test
  void less_work_another_pace_and_one_more_exercise() {
    var changed =
        plan.after(new PlanChange.Drop("1", Map.of("d1", 4)))
            .after(new PlanChange.Pace("1", "d1", 80))
            .after(new PlanChange.Add("1", drill("warm-up", 3, 60)));
    assertThat(changed.week("1").orElseThrow().week().seconds()).isEqualTo(8 * 80 + 3 * 60);
    assertThat(
            plan.after(new PlanChange.Drop("1", Map.of("d1", 12))).week("1").orElseThrow().week())
        .extracting(CourseWeek::exercises)
        .isEqualTo(List.of());
    assertThatThrownBy(() -> plan.after(new PlanChange.Pace("1", "d2", 80)))
        .hasMessageContaining("exercise=d2");
    assertThatThrownBy(() -> plan.after(new PlanChange.Pace("1", "d1", 0)))
        .isInstanceOf(PlanChangeException.class);
    assertThatThrownBy(() -> plan.after(new PlanChange.Add("1", drill("d4", 1, 60))))
        .isInstanceOf(PlanChangeException.class);
  }

  @Test
  void a_baseline_is_asked_for_at_the_start_half_way_and_at_the_end() {
    var subjects = List.of("a crate", "a gull");
    var baseline = new Baseline(subjects, 20, Set.of(Baseline.Moment.MIDDLE, Baseline.Moment.END));
    var course =
        new Course("c", "C", "", drills(4, 12, 60).weeks(), java.util.Optional.of(baseline))
            .withCheckpoints();
    var ids = course.weeks().stream().map(w -> w.exercises().stream().map(Exercise::id).toList());
    assertThat(ids)
        .containsExactly(
            List.of("baseline-start-1", "baseline-start-2", "d1"),
            List.of("d2"),
            List.of("baseline-middle-1", "baseline-middle-2", "d3"),
            List.of("d4", "baseline-end-1", "baseline-end-2"));
    assertThat(course.exercise("baseline-end-2").orElseThrow().again())
        .contains("baseline-start-2");
  }
}
