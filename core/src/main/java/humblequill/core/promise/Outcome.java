package humblequill.core.promise;

/** How a promise goes or went. */
public enum Outcome {
  /** Under way. */
  RUNNING,
  /** The count is reached, or that of every week. */
  FINISHED,
  /** Ended before its last day, short of the count. */
  STOPPED,
  /** The last day is over, short of the count. */
  RUN_OUT,
  /** Missed work was let go until nothing was left to draw, and nothing had been drawn. */
  LET_GO
}
