package humblequill.core.sitting.cabinet;

/** What a figure is built up from, in the order of a staged study. */
public enum StudyLayer {
  /** One line through head, spine and the leg that bears the weight. */
  GESTURE,
  /** Lines from joint to joint: shoulders, hips, the middle line, limbs. */
  AXES,
  /** Head, chest, pelvis, hands and feet as blocks, limbs as cylinders. */
  BLOCKS,
  /** The skeleton as simple forms. */
  BONES
}
