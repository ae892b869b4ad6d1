package humblequill.core.sitting.cabinet;

/** What a picture of the cabinet is asked to show. */
public enum Emphasis {
  /** As the pose has it. */
  ANY,
  /** As little foreshortening as there is. */
  LITTLE,
  /** As much foreshortening as there is. */
  MUCH,
  /** Legs that point towards the eye; only figures. */
  LEGS,
  /** Arms that point towards the eye; only figures. */
  ARMS,
  /** Shoulders and hips that tilt; only figures. */
  TILT;

  /** Whether it asks for what only a figure has. */
  public boolean ofFigures() {
    return ordinal() >= LEGS.ordinal();
  }
}
