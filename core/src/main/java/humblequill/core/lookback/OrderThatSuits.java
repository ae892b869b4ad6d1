package humblequill.core.lookback;

import humblequill.core.course.ExerciseKind;
import humblequill.core.course.plan.DayOrder;
import humblequill.core.ground.stats.MeanInterval;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * The order of the day in which lessons and studies turn out better: after timed poses, or without
 * any before them. Said where the intervals of the mean marks stand apart.
 *
 * @param order that suits
 * @param marks mean mark of lessons, drills, studies and applied work in it
 * @param otherwise the same in the other order
 */
public record OrderThatSuits(DayOrder order, double marks, double otherwise) {
  /** Fewer marked sittings in either order say nothing of it. */
  private static final int ENOUGH = 5;

  private static final double WITHIN = 0.95;
  private static final Set<ExerciseKind> LEARNED =
      Set.of(ExerciseKind.LESSON, ExerciseKind.DRILL, ExerciseKind.STUDY, ExerciseKind.APPLIED);

  /**
   * A sitting on an exercise.
   *
   * @param place in its row, from 1
   * @param mark 1 to 5; 0 without one
   */
  public record Sat(ExerciseKind kind, int place, int mark) {}

  /**
   * The order that suits, where it is not the present one.
   *
   * @param sittings in order of time
   */
  public static Optional<OrderThatSuits> of(List<Sat> sittings, DayOrder present) {
    var after = new ArrayList<Double>();
    var without = new ArrayList<Double>();
    boolean posed = false;
    for (var sat : sittings) {
      posed = posed && sat.place() > 1;
      if (LEARNED.contains(sat.kind()) && sat.mark() > 0) {
        (posed ? after : without).add((double) sat.mark());
      }
      posed |= sat.kind() == ExerciseKind.TIMED_POSES;
    }
    if (Math.min(after.size(), without.size()) < ENOUGH) {
      return Optional.empty();
    }
    var posesFirst = MeanInterval.ofWhole(after, WITHIN);
    var lessonFirst = MeanInterval.ofWhole(without, WITHIN);
    return present == DayOrder.LESSON_FIRST
        ? apart(DayOrder.POSES_FIRST, posesFirst, lessonFirst)
        : apart(DayOrder.LESSON_FIRST, lessonFirst, posesFirst);
  }

  private static Optional<OrderThatSuits> apart(
      DayOrder order, MeanInterval marks, MeanInterval otherwise) {
    return marks.low() > otherwise.high()
        ? Optional.of(new OrderThatSuits(order, marks.mean(), otherwise.mean()))
        : Optional.empty();
  }
}
