package humblequill.core.bench.measure;

import humblequill.core.book.picture.Spot;
import java.util.Optional;

/**
 * Where edges that lead away meet, and the eye level through those places.
 *
 * @param left where the first pair of edges meets; empty where they are parallel in the picture
 * @param right where the second pair meets
 * @param degrees of the eye level against level, clockwise positive; empty without both
 */
public record EyeLevel(Optional<Spot> left, Optional<Spot> right, Optional<Double> degrees) {
  private static final double PARALLEL = 1e-9;

  /** An edge by its two ends. */
  public record Edge(Spot from, Spot to) {}

  /** The eye level of two pairs of edges, each pair parallel in space and level. */
  public static EyeLevel of(Edge a, Edge b, Edge c, Edge d) {
    var left = meet(a, b);
    var right = meet(c, d);
    return new EyeLevel(
        left,
        right,
        left.flatMap(
            p ->
                right.map(
                    q -> {
                      double turn = Math.toDegrees(Math.atan2(q.y() - p.y(), q.x() - p.x()));
                      return turn - 180 * Math.rint(turn / 180);
                    })));
  }

  /**
   * How far down it lies at a place across; empty without both places, or where it stands upright.
   */
  public Optional<Double> downAt(double x) {
    if (left.isEmpty() || right.isEmpty() || left.get().x() == right.get().x()) {
      return Optional.empty();
    }
    var p = left.get();
    var q = right.get();
    return Optional.of(p.y() + (q.y() - p.y()) * (x - p.x()) / (q.x() - p.x()));
  }

  /** Where the lines of two edges meet. */
  static Optional<Spot> meet(Edge a, Edge b) {
    double ax = a.to().x() - a.from().x();
    double ay = a.to().y() - a.from().y();
    double bx = b.to().x() - b.from().x();
    double by = b.to().y() - b.from().y();
    double cross = ax * by - ay * bx;
    if (Math.abs(cross) <= PARALLEL * Math.hypot(ax, ay) * Math.hypot(bx, by)) {
      return Optional.empty();
    }
    double t = ((b.from().x() - a.from().x()) * by - (b.from().y() - a.from().y()) * bx) / cross;
    return Optional.of(new Spot(a.from().x() + t * ax, a.from().y() + t * ay));
  }
}
