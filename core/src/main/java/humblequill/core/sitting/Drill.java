package humblequill.core.sitting;

/** A constraint that makes one thing visible by forbidding another. Common practice. */
public enum Drill {
  /** None. */
  NONE,
  /** Straight lines only. */
  STRAIGHT_LINES,
  /** The outer shape, filled. */
  SILHOUETTES,
  /** Joints as dots, joined. */
  JOINTS_AS_DOTS,
  /** The reference stands on its head. */
  UPSIDE_DOWN,
  /** Only the shapes between. */
  NEGATIVE_SHAPES,
  /** The pen does not leave the paper. */
  PEN_WITHOUT_LIFTING
}
