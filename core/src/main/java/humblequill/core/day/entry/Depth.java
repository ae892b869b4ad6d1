package humblequill.core.day.entry;

/** How deep a drawing goes into its topic; each area says what it means by these. */
public enum Depth {
  /** Landmarks and blocks. */
  SIMPLE,
  /** The main masses. */
  GROUPED,
  /** All that shows. */
  DETAILED
}
