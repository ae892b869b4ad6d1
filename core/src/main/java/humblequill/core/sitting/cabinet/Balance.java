package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Whether a figure would stand: its centre of mass over its feet.
 *
 * <p>Masses and centres of segments: D. A. Winter, "Biomechanics and Motor Control of Human
 * Movement", segment table; typed from memory of the publication.
 */
public final class Balance {
  static final double HEAD_AND_NECK = 0.081;
  static final double TRUNK = 0.497;
  static final double UPPER_ARM = 0.028;
  static final double FOREARM = 0.016;
  static final double HAND = 0.006;
  static final double THIGH = 0.100;
  static final double SHANK = 0.0465;
  static final double FOOT = 0.0145;

  private Balance() {}

  /** The centre of mass. */
  public static Vector3D centre(Skeleton s) {
    var sum = s.headPoint(0, 0.03, 0).scalarMultiply(HEAD_AND_NECK);
    sum = sum.add(s.spineAt(0.5).at().scalarMultiply(TRUNK));
    for (var side : Side.values()) {
      var arm = s.arms().get(side);
      var leg = s.legs().get(side);
      sum = sum.add(along(arm.shoulder(), arm.elbow(), 0.436).scalarMultiply(UPPER_ARM));
      sum = sum.add(along(arm.elbow(), arm.wrist(), 0.430).scalarMultiply(FOREARM));
      sum = sum.add(along(arm.wrist(), arm.tip(), 0.506).scalarMultiply(HAND));
      sum = sum.add(along(leg.hip(), leg.knee(), 0.433).scalarMultiply(THIGH));
      sum = sum.add(along(leg.knee(), leg.ankle(), 0.433).scalarMultiply(SHANK));
      sum = sum.add(leg.footPoint(0, -0.02, 0.034).scalarMultiply(FOOT));
    }
    return sum;
  }

  private static Vector3D along(Vector3D a, Vector3D b, double share) {
    return a.add(b.subtract(a).scalarMultiply(share));
  }

  /** Whether the centre of mass lies over the outline of both soles, this far from its edge. */
  public static boolean stands(Skeleton s, double margin) {
    var outline = outline(s);
    var c = centre(s);
    for (int i = 0; i < outline.size(); i++) {
      var a = outline.get(i);
      var b = outline.get((i + 1) % outline.size());
      double length = Math.hypot(b.getX() - a.getX(), b.getZ() - a.getZ());
      double inside =
          ((b.getX() - a.getX()) * (c.getZ() - a.getZ())
                  - (b.getZ() - a.getZ()) * (c.getX() - a.getX()))
              / length;
      if (inside < margin) {
        return false;
      }
    }
    return true;
  }

  /** The convex outline of both soles on the ground, counter-clockwise in x and z. */
  static List<Vector3D> outline(Skeleton s) {
    var points = new ArrayList<Vector3D>();
    for (var side : Side.values()) {
      points.addAll(s.sole(side));
    }
    points.sort(Comparator.comparingDouble(Vector3D::getX).thenComparingDouble(Vector3D::getZ));
    var hull = new ArrayList<Vector3D>();
    for (int pass = 0; pass < 2; pass++) {
      int begin = hull.size();
      for (var p : points) {
        while (hull.size() >= begin + 2
            && cross(hull.get(hull.size() - 2), hull.get(hull.size() - 1), p) <= 0) {
          hull.remove(hull.size() - 1);
        }
        hull.add(p);
      }
      hull.remove(hull.size() - 1);
      java.util.Collections.reverse(points);
    }
    return hull;
  }

  private static double cross(Vector3D o, Vector3D a, Vector3D b) {
    return (a.getX() - o.getX()) * (b.getZ() - o.getZ())
        - (a.getZ() - o.getZ()) * (b.getX() - o.getX());
  }
}
