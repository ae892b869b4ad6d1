package humblequill.core.bench;

import humblequill.core.book.picture.Spot;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.List;

/**
 * A move, a turn and a change of size, never a mirror: a point x goes to s·R(θ)·x + t.
 *
 * <p>S. Umeyama, "Least-squares estimation of transformation parameters between two point
 * patterns", 1991, for the plane and without reflection.
 *
 * @param scale s, above 0
 * @param degrees θ, from −180 to 180; with y downward clockwise is positive
 * @param x of t
 * @param y of t
 */
public record Similarity(double scale, double degrees, double x, double y) {
  /** Below this scale all points fall on one. */
  private static final double LEAST = 1e-9;

  /** What leaves all where it is. */
  public static final Similarity NONE = new Similarity(1, 0, 0, 0);

  /**
   * The one that brings points nearest to others, in the sum of squares. Fewer than two points, or
   * points that all lie on one, are only moved.
   *
   * @param from points, as many as {@code to}
   */
  public static Similarity of(List<Spot> from, List<Spot> to) {
    if (from.size() != to.size()) {
      throw new InvalidException(
          Message.of("bench.unevenPoints", "from", from.size(), "to", to.size()));
    }
    if (from.isEmpty()) {
      return NONE;
    }
    var a = mean(from);
    var b = mean(to);
    double along = 0;
    double across = 0;
    double spread = 0;
    for (int i = 0; i < from.size(); i++) {
      double fx = from.get(i).x() - a.x();
      double fy = from.get(i).y() - a.y();
      double tx = to.get(i).x() - b.x();
      double ty = to.get(i).y() - b.y();
      along += fx * tx + fy * ty;
      across += fx * ty - fy * tx;
      spread += fx * fx + fy * fy;
    }
    double length = Math.hypot(along, across);
    boolean known = spread > 0 && length / spread > LEAST;
    double scale = known ? length / spread : 1;
    double turn = known ? Math.atan2(across, along) : 0;
    double cos = scale * Math.cos(turn);
    double sin = scale * Math.sin(turn);
    return new Similarity(
        scale,
        Math.toDegrees(turn),
        b.x() - cos * a.x() + sin * a.y(),
        b.y() - sin * a.x() - cos * a.y());
  }

  /** Where a point goes. */
  public Spot apply(Spot p) {
    double cos = scale * Math.cos(Math.toRadians(degrees));
    double sin = scale * Math.sin(Math.toRadians(degrees));
    return new Spot(cos * p.x() - sin * p.y() + x, sin * p.x() + cos * p.y() + y);
  }

  /** The way back. */
  public Similarity back() {
    double cos = Math.cos(Math.toRadians(-degrees)) / scale;
    double sin = Math.sin(Math.toRadians(-degrees)) / scale;
    return new Similarity(1 / scale, -degrees, -(cos * x - sin * y), -(sin * x + cos * y));
  }

  /** Sum of the squares that are left between points brought over and those they belong to. */
  public double left(List<Spot> from, List<Spot> to) {
    double sum = 0;
    for (int i = 0; i < from.size(); i++) {
      var p = apply(from.get(i));
      sum += squared(p, to.get(i));
    }
    return sum;
  }

  static double squared(Spot a, Spot b) {
    double dx = a.x() - b.x();
    double dy = a.y() - b.y();
    return dx * dx + dy * dy;
  }

  static double distance(Spot a, Spot b) {
    return Math.sqrt(squared(a, b));
  }

  static Spot mean(List<Spot> points) {
    return new Spot(
        points.stream().mapToDouble(Spot::x).average().orElseThrow(),
        points.stream().mapToDouble(Spot::y).average().orElseThrow());
  }

  /** S: sum of squared distances from the mean. */
  static double spread(List<Spot> points) {
    var mean = mean(points);
    return points.stream().mapToDouble(p -> squared(p, mean)).sum();
  }
}
