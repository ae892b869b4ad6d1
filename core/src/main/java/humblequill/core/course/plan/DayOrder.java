package humblequill.core.course.plan;

import humblequill.core.course.ExerciseKind;
import java.util.List;

/**
 * The order of work within a day; schools differ on whether the lesson or timed poses open it.
 * Common practice.
 */
public enum DayOrder {
  /**
   * Lesson, then drills and timed poses, then studies and applied work: understand first, with a
   * fresh head.
   */
  LESSON_FIRST(
      ExerciseKind.WARM_UP,
      ExerciseKind.LESSON,
      ExerciseKind.DRILL,
      ExerciseKind.TIMED_POSES,
      ExerciseKind.STUDY,
      ExerciseKind.APPLIED,
      ExerciseKind.CHECKPOINT,
      ExerciseKind.FREE),
  /** Timed poses as the opener: loosen hand and eye before anything is explained. */
  POSES_FIRST(
      ExerciseKind.WARM_UP,
      ExerciseKind.TIMED_POSES,
      ExerciseKind.LESSON,
      ExerciseKind.DRILL,
      ExerciseKind.STUDY,
      ExerciseKind.APPLIED,
      ExerciseKind.CHECKPOINT,
      ExerciseKind.FREE);

  private final List<ExerciseKind> kinds;

  DayOrder(ExerciseKind... kinds) {
    this.kinds = List.of(kinds);
  }

  /**
   * The place of work in the day, the lowest first. What is drawn unaided at the beginning comes
   * before anything is learned that day, in both schools; nothing but a warm-up stands before it.
   */
  int rank(Work work) {
    return work.opensTheWeek()
        ? 2 * kinds.indexOf(ExerciseKind.WARM_UP) + 1
        : 2 * kinds.indexOf(work.kind());
  }
}
