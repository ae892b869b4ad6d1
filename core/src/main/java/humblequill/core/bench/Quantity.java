package humblequill.core.bench;

/**
 * Something that is measured of one comparison after the other; 0 is true.
 *
 * @param kind what is measured, and in which unit
 * @param of the part, left and right as one; empty for the whole
 */
public record Quantity(Kind kind, String of) {
  /** What is measured. */
  public enum Kind {
    /** ln of the length ratio; below 0 is short. */
    LENGTH,
    /** Degrees beyond the tilt of the reference; below 0 is tamed. */
    TILT,
    /** Degrees beyond the lean of the reference. */
    LEAN,
    /** Share of the tilts that is drawn, less 1. */
    TILT_RESPONSE,
    /** Share of the foreshortening that is drawn, less 1. */
    DEPTH,
    /** ln of how much of a narrowing is drawn; above 0 the far end is too broad. */
    TAPER,
    /** ln of an area's ratio; above 0 is too large. */
    AREA
  }
}
