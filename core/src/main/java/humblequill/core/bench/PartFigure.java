package humblequill.core.bench;

/**
 * What is measured of a part.
 *
 * @param part the part
 * @param ratio its length against all others; 1 is true
 * @param tilt of the reference, from the nearer of plumb and level, −45 to 45 degrees
 * @param drawnTilt of the attempt, from the same axis
 * @param off degrees from what was aimed at, clockwise positive
 * @param longEnough whether it is at least a tenth of the size, so that its figures say something
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
    boolean length,
    boolean turned) {}
