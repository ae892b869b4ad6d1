package humblequill.core.course.plan;

import static humblequill.core.course.plan.PlannerTest.drill;
import static humblequill.core.course.plan.PlannerTest.rooms;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Work that belongs to the first or the last day. Common practice, no published source. */
class PinnedWorkTest {
  private static Work pinned(String id, int quantity, int secondsEach, Exercise.Pinned on) {
    return new Work(
        id, ExerciseKind.CHECKPOINT, quantity, secondsEach, 1, Optional.empty(), Optional.of(on));
  }

  private static int[] counts(Spread spread, String id) {
    return spread.days().stream().mapToInt(day -> day.countOf(id)).toArray();
  }

  @Test
  void a_baseline_stands_on_the_first_day_and_its_redraw_on_the_last() {
    var spread =
        Planner.spread(
            List.of(
                drill("hulls", 40, 90),
                pinned("before", 1, 1200, Exercise.Pinned.FIRST_DAY),
                pinned("after", 1, 1200, Exercise.Pinned.LAST_DAY)),
            rooms(40, 40, 40, 40),
            DayOrder.LESSON_FIRST);
    assertThat(counts(spread, "before")).containsExactly(1, 0, 0, 0);
    assertThat(counts(spread, "after")).containsExactly(0, 0, 0, 1);
    assertThat(spread.fits()).isTrue();
  }

  /** Unaided means before the lesson: common practice, no published source. */
  @ParameterizedTest
  @EnumSource
  void what_is_drawn_unaided_comes_before_all_but_a_warm_up(DayOrder order) {
    var day =
        Planner.spread(
                List.of(
                    work("lesson", ExerciseKind.LESSON),
                    work("poses", ExerciseKind.TIMED_POSES),
                    pinned("before", 1, 600, Exercise.Pinned.FIRST_DAY),
                    pinned("after", 1, 600, Exercise.Pinned.LAST_DAY),
                    work("warm-up", ExerciseKind.WARM_UP)),
                rooms(60),
                order)
            .days()
            .get(0);
    assertThat(day.shares())
        .extracting(Share::exerciseId)
        .startsWith("warm-up", "before")
        .endsWith("after")
        .hasSize(5);
  }

  private static Work work(String id, ExerciseKind kind) {
    return new Work(id, kind, 1, 600, 1, Optional.empty());
  }

  @Test
  void without_room_on_that_day_it_takes_the_nearest_that_has() {
    var spread =
        Planner.spread(
            List.of(
                pinned("before", 1, 1200, Exercise.Pinned.FIRST_DAY),
                pinned("after", 2, 1200, Exercise.Pinned.LAST_DAY)),
            rooms(10, 20, 20, 25, 0),
            DayOrder.LESSON_FIRST);
    assertThat(counts(spread, "before")).containsExactly(0, 1, 0, 0, 0);
    assertThat(counts(spread, "after")).containsExactly(0, 0, 1, 1, 0);
  }

  @Test
  void a_course_of_several_gets_its_part_of_the_room_and_the_free_share_stays_whole() {
    var whole = new DayRoom(PlannerTest.MONDAY, 70, 10, 0.2);
    var part = whole.withCourseShare(0.3);
    assertThat(part.effectiveSeconds()).isEqualTo(48 * 60 * 3 / 10);
    assertThat(part.freeSeconds()).isEqualTo(whole.freeSeconds()).isEqualTo(12 * 60);
  }
}
