package humblequill.core.bench;

/**
 * Where a landmark lies once the attempt is laid over.
 *
 * @param right share of the size to the right of its place, negative to the left
 * @param down share of the size below it, negative above
 * @param off whether it is farther than the tolerance
 */
public record LandmarkFigure(Template.Landmark landmark, double right, double down, boolean off) {
  /** Share of the size from its place. */
  public double distance() {
    return Math.hypot(right, down);
  }
}
