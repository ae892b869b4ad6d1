package humblequill.core.course.plan;

import static humblequill.core.course.plan.PlannerTest.rooms;
import static humblequill.core.course.plan.PlannerTest.work;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Units that make way for others. By hand; common practice, no published source. */
class RepairTest {
  /** Two of 200 s, done before what waits for them gets a day. */
  private static final Work FIRST = work("first", ExerciseKind.DRILL, 2, 200, 1, null);

  private static final Work WAITS = work("waits", ExerciseKind.DRILL, 1, 200, 1, "first");

  private static Spread spread(List<DayRoom> days, Work... works) {
    return Planner.spread(List.of(works), days, DayOrder.LESSON_FIRST);
  }

  private static int[] counts(Spread spread, String id) {
    return spread.days().stream().mapToInt(day -> day.countOf(id)).toArray();
  }

  private static Work longOne(int seconds) {
    return work("long", ExerciseKind.DRILL, 1, seconds, 1, null);
  }

  /** The roomier second day takes what waits; a unit of 500 s needs that place. */
  @Test
  void a_shorter_unit_moves_to_the_day_that_still_holds_it() {
    var spread = spread(rooms(10, 10), FIRST, WAITS, longOne(500));
    assertThat(spread.shortfalls()).isEmpty();
    assertThat(counts(spread, "first")).containsExactly(2, 0);
    assertThat(counts(spread, "waits")).containsExactly(1, 0);
    assertThat(counts(spread, "long")).containsExactly(0, 1);
  }

  @Test
  void where_nothing_can_make_way_all_stays_as_it_was_and_the_rest_is_told() {
    var spread = spread(rooms(10, 10), FIRST, WAITS, longOne(601));
    assertThat(spread.shortfalls())
        .containsExactly(new Shortfall("long", 1, 601, Shortfall.Reason.UNIT_TOO_LONG));
    assertThat(counts(spread, "waits")).as("taken back").containsExactly(0, 1);
  }

  @Test
  void work_that_belongs_to_a_day_makes_no_way() {
    var pinned =
        new Work(
            "pinned",
            ExerciseKind.CHECKPOINT,
            1,
            200,
            1,
            Optional.empty(),
            Optional.of(Exercise.Pinned.LAST_DAY));
    var spread = spread(rooms(6, 10), pinned, longOne(500));
    assertThat(counts(spread, "pinned")).containsExactly(0, 1);
    assertThat(spread.shortfalls())
        .containsExactly(new Shortfall("long", 1, 500, Shortfall.Reason.NO_ROOM));
  }

  /** Pinned to the last day, and what comes first is longest: 5 + 5 and 3 fit into 10 and 3. */
  @Test
  void longer_units_are_placed_before_shorter_ones() {
    var spread =
        spread(
            rooms(10, 3),
            work("short", ExerciseKind.DRILL, 1, 180, 1, null),
            work("five", ExerciseKind.DRILL, 2, 300, 1, null));
    assertThat(spread.fits()).isTrue();
    assertThat(counts(spread, "five")).containsExactly(2, 0);
    assertThat(counts(spread, "short")).containsExactly(0, 1);
  }

  @Test
  void two_minutes_without_a_day_are_slight_and_more_is_not() {
    assertThat(new Shortfall("a", 2, 120, Shortfall.Reason.NO_ROOM).isSlight()).isTrue();
    assertThat(new Shortfall("a", 1, 121, Shortfall.Reason.NO_ROOM).isSlight()).isFalse();
  }
}
