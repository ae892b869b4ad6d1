package humblequill.core.day.entry;

/** How a resource was used. */
public enum HowUsed {
  WATCHED,
  READ,
  COPIED,
  /** Drawn before its solution was seen, then held beside it. */
  ATTEMPTED_FIRST,
  /** What the plate leaves out, finished. */
  FINISHED_PLATE,
  FROM_MEMORY
}
