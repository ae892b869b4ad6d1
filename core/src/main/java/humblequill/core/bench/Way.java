package humblequill.core.bench;

/** How an attempt came about. */
public enum Way {
  /** A first impression, without help. */
  UNAIDED,
  /** With own guidelines. */
  GUIDED,
  /** With guidelines corrected after the reference. */
  CORRECTED,
  /** Traced. */
  TRACED,
  /** From memory. */
  MEMORY,
  /** An own try before a lesson's solution was shown. */
  OWN,
  /** The copy after a lesson's solution. */
  AFTER;

  /** Whether it shows what the learner does without help, so that habits can be read off it. */
  public boolean unaided() {
    return this == UNAIDED || this == OWN;
  }
}
