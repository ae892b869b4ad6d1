package humblequill.core.sitting.cabinet;

/** The fifteen points by which two drawings of a figure are compared. */
public enum Landmark {
  /** Top of the head. */
  HEAD_TOP,
  /** Chin. */
  CHIN,
  /** Pit of the neck. */
  NECK_PIT,
  /** Left shoulder. */
  LEFT_SHOULDER,
  /** Right shoulder. */
  RIGHT_SHOULDER,
  /** Left elbow. */
  LEFT_ELBOW,
  /** Right elbow. */
  RIGHT_ELBOW,
  /** Left wrist. */
  LEFT_WRIST,
  /** Right wrist. */
  RIGHT_WRIST,
  /** Left hip. */
  LEFT_HIP,
  /** Right hip. */
  RIGHT_HIP,
  /** Left knee. */
  LEFT_KNEE,
  /** Right knee. */
  RIGHT_KNEE,
  /** Left ankle. */
  LEFT_ANKLE,
  /** Right ankle. */
  RIGHT_ANKLE
}
