package humblequill.core.ground.name;

/** What a medium is like, where a caution or a rule depends on it. */
public enum MediumProperty {
  /** Its dust hangs in the air. */
  DUSTY,
  /** It wets the paper. */
  WET,
  /** It holds or needs a solvent whose fumes are breathed. */
  SOLVENT,
  /** It is sharpened with a blade. */
  NEEDS_BLADE,
  /** What is drawn stays. */
  CANNOT_BE_ERASED
}
