package humblequill.core.course.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.course.ExerciseKind;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/**
 * Examples of sharing out a week. Common practice, no published source, unless a source is named.
 */
class PlannerTest {
  static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  static Work work(
      String id, ExerciseKind kind, int quantity, int secondsEach, int chunk, String after) {
    return new Work(id, kind, quantity, secondsEach, chunk, Optional.ofNullable(after));
  }

  static Work drill(String id, int quantity, int secondsEach) {
    return work(id, ExerciseKind.DRILL, quantity, secondsEach, 1, null);
  }

  /** Days with nothing taken off. */
  static List<DayRoom> rooms(int... minutes) {
    return IntStream.range(0, minutes.length)
        .mapToObj(i -> new DayRoom(MONDAY.plusDays(i), minutes[i], 0, 0))
        .toList();
  }

  private static int[] counts(Spread spread, String id) {
    return spread.days().stream().mapToInt(day -> day.countOf(id)).toArray();
  }

  private static Spread spread(List<DayRoom> days, Work... works) {
    return Planner.spread(List.of(works), days, DayOrder.LESSON_FIRST);
  }

  @Test
  void a_hundred_and_eighty_in_seven_days() {
    var spread = spread(rooms(60, 60, 60, 60, 60, 60, 60), drill("hulls", 180, 90));
    assertThat(counts(spread, "hulls")).containsExactly(26, 26, 26, 26, 26, 25, 25);
    assertThat(spread.days().get(0).plannedSeconds()).isEqualTo(39 * 60);
  }

  @Test
  void effective_room_takes_off_overhead_and_the_free_share() {
    assertThat(new DayRoom(MONDAY, 70, 10, 0.2).effectiveSeconds()).isEqualTo(48 * 60);
    assertThat(new DayRoom(MONDAY, 70, 10, 0.2).freeSeconds()).isEqualTo(12 * 60);
    assertThat(new DayRoom(MONDAY, 8, 10, 0.2).effectiveSeconds()).isZero();
    assertThat(new DayRoom(MONDAY, 0, 10, 0.5).effectiveSeconds()).isZero();
  }

  @Test
  void a_longer_day_gets_more() {
    assertThat(counts(spread(rooms(30, 30, 0, 60), drill("posts", 8, 60)), "posts"))
        .containsExactly(2, 2, 0, 4);
  }

  @Test
  void nothing_comes_before_the_day_its_lesson_is_done() {
    var spread =
        spread(
            rooms(20, 30, 60, 30),
            work("study", ExerciseKind.STUDY, 6, 600, 1, "lesson"),
            work("lesson", ExerciseKind.LESSON, 1, 1500, 1, null));
    assertThat(counts(spread, "lesson")).containsExactly(0, 1, 0, 0);
    assertThat(counts(spread, "study")[0]).isZero();
    assertThat(spread.fits()).isTrue();
  }

  @Test
  void what_waits_for_work_that_does_not_fit_waits_too() {
    var spread =
        spread(
            rooms(20, 20),
            work("lesson", ExerciseKind.LESSON, 1, 1500, 1, null),
            work("study", ExerciseKind.STUDY, 1, 60, 1, "lesson"));
    assertThat(spread.shortfalls())
        .containsExactly(
            new Shortfall("lesson", 1, 1500, Shortfall.Reason.UNIT_TOO_LONG),
            new Shortfall("study", 1, 60, Shortfall.Reason.WAITS_FOR_ANOTHER));
  }

  @Test
  void the_order_of_the_day_is_a_setting() {
    var works =
        List.of(
            work("scene", ExerciseKind.APPLIED, 1, 60, 1, null),
            work("poses", ExerciseKind.TIMED_POSES, 1, 60, 1, null),
            work("lesson", ExerciseKind.LESSON, 1, 60, 1, null));
    var lessonFirst = Planner.spread(works, rooms(10), DayOrder.LESSON_FIRST).days().get(0);
    var posesFirst = Planner.spread(works, rooms(10), DayOrder.POSES_FIRST).days().get(0);
    assertThat(lessonFirst.shares())
        .extracting(Share::exerciseId)
        .containsExactly("lesson", "poses", "scene");
    assertThat(posesFirst.shares())
        .extracting(Share::exerciseId)
        .containsExactly("poses", "lesson", "scene");
  }

  @Test
  void a_share_below_the_chunk_moves_to_a_neighbour() {
    var spread =
        spread(
            rooms(60, 60, 60, 60, 60, 60, 60), work("ropes", ExerciseKind.DRILL, 12, 60, 4, null));
    assertThat(counts(spread, "ropes"))
        .containsOnly(0, 4)
        .satisfies(c -> assertThat(Arrays.stream(c).sum()).isEqualTo(12));
  }

  @Test
  void what_does_not_fit_is_said() {
    var spread = spread(rooms(10, 10), drill("crates", 25, 60));
    assertThat(counts(spread, "crates")).containsExactly(10, 10);
    assertThat(spread.shortfalls())
        .containsExactly(new Shortfall("crates", 5, 300, Shortfall.Reason.NO_ROOM));
    assertThat(spread.load()).isEqualTo(1.25);
  }

  @Test
  void small_units_make_way_for_a_long_one() {
    var spread =
        spread(
            rooms(20, 20, 20),
            drill("marks", 15, 60),
            drill("scene", 1, 1080),
            drill("quay", 1, 1080));
    assertThat(spread.fits()).isTrue();
  }

  @Test
  void no_days_and_no_work() {
    assertThat(spread(List.of()).fits()).isTrue();
    assertThat(spread(List.of(), drill("a", 1, 60)).shortfalls()).hasSize(1);
    assertThat(spread(rooms(0, 0), drill("a", 1, 60)).load()).isInfinite();
  }

  @Test
  void a_circle_of_waiting_is_refused() {
    var a = work("a", ExerciseKind.DRILL, 1, 60, 1, "b");
    var b = work("b", ExerciseKind.DRILL, 1, 60, 1, "a");
    assertThatThrownBy(() -> spread(rooms(10), a, b)).hasMessageContaining("circle");
    assertThatThrownBy(() -> spread(rooms(10), a.withQuantity(2), a)).hasMessageContaining("twice");
  }

  /**
   * The bound behind the promise that nothing is reported as not fitting without need: a day of 60
   * minutes holds four units of 13 minutes and no fifth, so 29 of them can not fit into seven such
   * days, although they take less than 90 % of the room and each is less than a quarter of a day.
   * By arithmetic.
   */
  @Test
  void units_of_a_quarter_day_can_be_short_at_ninety_percent() {
    var spread = spread(rooms(60, 60, 60, 60, 60, 60, 60), drill("studies", 29, 13 * 60));
    assertThat(spread.load()).isLessThan(0.9);
    assertThat(spread.shortfalls()).extracting(Shortfall::count).containsExactly(1);
  }
}
