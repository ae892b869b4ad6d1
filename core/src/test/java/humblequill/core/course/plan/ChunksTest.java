package humblequill.core.course.plan;

import static humblequill.core.course.plan.PlannerTest.drill;
import static humblequill.core.course.plan.PlannerTest.rooms;
import static humblequill.core.course.plan.PlannerTest.work;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.ExerciseKind;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Smallest shares worth sitting down for. By hand; common practice, no published source. */
class ChunksTest {
  private static int[] counts(Spread spread, String id) {
    return spread.days().stream().mapToInt(day -> day.countOf(id)).toArray();
  }

  private static Work chunked(int quantity, int secondsEach, int chunk) {
    return work("a", ExerciseKind.DRILL, quantity, secondsEach, chunk, null);
  }

  private static Spread spread(List<DayRoom> rooms, Work... works) {
    return Planner.spread(List.of(works), rooms, DayOrder.LESSON_FIRST);
  }

  /** Three chunks of 4 in seven equal days: the first three by the largest remainder. */
  @Test
  void whole_chunks_go_to_the_first_of_equal_days() {
    assertThat(counts(spread(rooms(60, 60, 60, 60, 60, 60, 60), chunked(12, 60, 4)), "a"))
        .containsExactly(4, 4, 4, 0, 0, 0, 0);
  }

  /** Two chunks of 5 and 3 left over: the days that have a chunk take them. */
  @Test
  void what_is_left_over_goes_where_a_chunk_is() {
    assertThat(counts(spread(rooms(60, 60, 60, 60), chunked(13, 60, 5)), "a"))
        .containsExactly(7, 6, 0, 0);
  }

  @Test
  void a_quantity_below_two_chunks_is_one_share() {
    assertThat(counts(spread(rooms(60, 60, 60), chunked(5, 60, 4)), "a")).containsExactly(5, 0, 0);
  }

  /** 8 on two days of 30 minutes would be 4 each: no share is below the chunk. */
  @Test
  void shares_that_are_large_enough_stay_even() {
    assertThat(counts(spread(rooms(30, 30), chunked(8, 60, 4)), "a")).containsExactly(4, 4);
    assertThat(counts(spread(rooms(30, 30), chunked(9, 60, 4)), "a")).containsExactly(5, 4);
  }

  /** A day of four minutes cannot hold a chunk of five. */
  @Test
  void a_day_that_holds_no_chunk_gets_none_where_others_do() {
    var counts = counts(spread(rooms(4, 60, 60), chunked(10, 60, 5)), "a");
    assertThat(counts).containsExactly(0, 5, 5);
  }

  @ParameterizedTest
  @CsvSource({"10, 60, 1", "10, 60, 3", "10, 60, 10", "17, 45, 4", "31, 20, 6"})
  void nothing_is_lost_and_no_share_below_the_chunk_stands_beside_room(
      int quantity, int secondsEach, int chunk) {
    var spread = spread(rooms(60, 60, 60, 60, 60, 60, 60), chunked(quantity, secondsEach, chunk));
    int sum = 0;
    for (int units : counts(spread, "a")) {
      assertThat(units == 0 || units >= chunk).as("%d units", units).isTrue();
      sum += units;
    }
    assertThat(sum).isEqualTo(quantity);
    assertThat(spread.fits()).isTrue();
  }

  /** Ten minutes of marks and a study of twenty: the study has one day that holds it. */
  @Test
  void small_work_moves_for_a_unit_that_only_one_day_holds() {
    var spread = spread(rooms(10, 20, 10), drill("marks", 20, 60), drill("study", 1, 1200));
    assertThat(counts(spread, "study")).containsExactly(0, 1, 0);
    assertThat(counts(spread, "marks")).containsExactly(10, 0, 10);
    assertThat(spread.fits()).isTrue();
  }

  /** Days are filled in the order of their work: what others wait for comes as early as it fits. */
  @Test
  void what_others_wait_for_comes_early_and_what_waits_as_late_as_it_must() {
    var lesson = work("lesson", ExerciseKind.LESSON, 3, 600, 1, null);
    var study = work("study", ExerciseKind.STUDY, 2, 600, 1, "lesson");
    var spread = spread(rooms(20, 20, 20), lesson, study);
    assertThat(counts(spread, "lesson")).containsExactly(2, 1, 0);
    assertThat(counts(spread, "study")[0]).isZero();
    assertThat(spread.fits()).isTrue();
  }

  private static int[] awaited(List<DayRoom> rooms, int quantity, int chunk) {
    var waits = work("b", ExerciseKind.APPLIED, 1, 60, 1, "a");
    return counts(spread(rooms, chunked(quantity, 60, chunk), waits), "a");
  }

  /** Seven of one minute: five fit on the first day, and two alone would be below the chunk. */
  @Test
  void work_that_others_wait_for_keeps_its_smallest_chunk_and_comes_as_early_as_it_can() {
    assertThat(awaited(rooms(5, 60, 60), 7, 3)).containsExactly(4, 3, 0);
    assertThat(awaited(rooms(2, 60, 60), 7, 3)).containsExactly(0, 7, 0);
    assertThat(awaited(rooms(60, 60, 60), 7, 3)).containsExactly(7, 0, 0);
  }

  /** Two and two fit nowhere else: a small share is better than none. */
  @Test
  void a_share_below_the_chunk_is_given_where_no_day_holds_a_chunk() {
    assertThat(awaited(rooms(2, 3, 0), 4, 4)).containsExactly(2, 2, 0);
  }

  /** Where every day holds two chunks less one unit, no share has to be smaller than a chunk. */
  @Property
  void awaited_shares_are_never_below_the_chunk_where_days_have_room(
      @ForAll @IntRange(min = 1, max = 8) int chunk,
      @ForAll @IntRange(min = 1, max = 60) int quantity,
      @ForAll @Size(min = 3, max = 9) List<@IntRange(min = 0, max = 20) Integer> more) {
    var rooms = rooms(more.stream().mapToInt(m -> 2 * chunk - 1 + m).toArray());
    for (int units : awaited(rooms, quantity, chunk)) {
      assertThat(units == 0 || units >= Math.min(chunk, quantity)).as("%d", units).isTrue();
    }
  }
}
