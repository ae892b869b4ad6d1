package humblequill.core.course;

/** What sort of work an exercise is. */
public enum ExerciseKind {
  /** Loosening the hand before the work. */
  WARM_UP,
  /** Something read or watched with the pencil in hand. */
  LESSON,
  /** One thing many times over. */
  DRILL,
  /** Poses against the clock. */
  TIMED_POSES,
  /** A careful drawing to learn from. */
  STUDY,
  /** What was learned, put to use. */
  APPLIED,
  /** Unaided drawings to compare with earlier or later ones. */
  CHECKPOINT,
  /** Whatever one likes. */
  FREE
}
