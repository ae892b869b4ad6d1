package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.course.ExerciseKind;
import humblequill.core.course.plan.DayOrder;
import humblequill.core.lookback.OrderThatSuits.Sat;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Lessons with and without timed poses before them. */
class OrderThatSuitsTest {
  private static Sat poses(int place) {
    return new Sat(ExerciseKind.TIMED_POSES, place, 0);
  }

  private static Sat study(int place, int mark) {
    return new Sat(ExerciseKind.STUDY, place, mark);
  }

  /** Rows of poses and a study, then studies alone. */
  private static List<Sat> sat(List<Integer> after, List<Integer> alone) {
    var all = new ArrayList<Sat>();
    after.forEach(mark -> all.addAll(List.of(poses(1), study(2, mark))));
    alone.forEach(mark -> all.add(study(1, mark)));
    return all;
  }

  /**
   * Means 4.2 and 2.8, each with a deviation of 0.447; Student's t for 4 degrees and 95 % is 2.776
   * (any printed table), so that both spans reach 0.555 to each side and stand apart.
   */
  private static final List<Integer> HIGH = List.of(4, 4, 4, 4, 5);

  private static final List<Integer> LOW = List.of(3, 3, 3, 3, 2);

  @Test
  void the_order_in_which_studies_turn_out_better_is_told_where_it_is_not_the_present_one() {
    var found = OrderThatSuits.of(sat(HIGH, LOW), DayOrder.LESSON_FIRST).orElseThrow();
    assertThat(found.order()).isEqualTo(DayOrder.POSES_FIRST);
    assertThat(found.marks()).isCloseTo(4.2, within(1e-9));
    assertThat(found.otherwise()).isCloseTo(2.8, within(1e-9));
    assertThat(OrderThatSuits.of(sat(HIGH, LOW), DayOrder.POSES_FIRST)).isEmpty();
    assertThat(OrderThatSuits.of(sat(LOW, HIGH), DayOrder.POSES_FIRST).orElseThrow().order())
        .isEqualTo(DayOrder.LESSON_FIRST);
  }

  /** Means 4.2 and 3.4: 0.555 and 0.68 to each side overlap. */
  @Test
  void where_chance_may_explain_it_and_with_four_marks_nothing_is_told() {
    assertThat(OrderThatSuits.of(sat(HIGH, List.of(3, 3, 4, 3, 4)), DayOrder.LESSON_FIRST))
        .isEmpty();
    assertThat(OrderThatSuits.of(sat(HIGH.subList(0, 4), LOW), DayOrder.LESSON_FIRST)).isEmpty();
  }

  @Test
  void poses_of_an_earlier_row_and_after_the_study_do_not_count() {
    var all = new ArrayList<Sat>();
    for (int mark : HIGH) {
      all.addAll(List.of(study(1, mark), poses(2)));
    }
    LOW.forEach(mark -> all.addAll(List.of(poses(1), study(2, mark))));
    assertThat(OrderThatSuits.of(all, DayOrder.POSES_FIRST).orElseThrow().order())
        .isEqualTo(DayOrder.LESSON_FIRST);
  }
}
