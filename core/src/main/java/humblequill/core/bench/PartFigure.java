package humblequill.core.bench;

/**
 * What is measured of a part.
 *
 * @param part the part
 * @param ratio its length against all others; 1 is true
 * @param tilt of the reference, from the nearer of plumb and level, −45 to 45 degrees
 * @param drawnTilt of the attempt, from the same axis
 * @param off degrees from what was aimed at, clockwise positive
 * @param longEnough whether it is at least a tenth of the size, so that others are measured by it
 * @param tolerance by how much more it may be off than a long part: a place that is a little off
 *     turns a short part far; infinite for what is too short to be judged
 * @param length whether its length differs by more than the tolerance
 * @param turned whether its direction does
 */
public record PartFigure(
    Template.Part part,
    double ratio,
    double tilt,
    double drawnTilt,
    double off,
    boolean longEnough,
    double tolerance,
    boolean length,
    boolean turned) {
  /** Whether it is long enough that something can be said of it. */
  public boolean judged() {
    return Double.isFinite(tolerance);
  }
}
