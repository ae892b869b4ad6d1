package humblequill.core.course.placement;

/** What becomes of work that a missed day leaves behind. Common practice, no published source. */
public enum MissedWork {
  /** Caught up inside the week: the days left carry more, the end date stays. */
  SPREAD,
  /**
   * Everything moves by the missed days: the days stay as full as they were, the end date moves.
   */
  SLIDE,
  /** Dropped: the days stay as full as they were, the end date stays. */
  LET_GO
}
