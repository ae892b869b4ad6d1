package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Round forms about a line: what limbs, fingers and toes are made of. */
final class Tube {
  private Tube() {}

  /** A ring of points in the x-z plane of a turn, shifted to its front. */
  static Vector3D[] ring(
      int around, Vector3D at, Rotation turn, double breadth, double depth, double shift) {
    return twisted(around, at, turn, 0, breadth, depth, shift);
  }

  /** A ring turned about its line; its points stay over those of the rings before. */
  private static Vector3D[] twisted(
      int around,
      Vector3D at,
      Rotation turn,
      double twist,
      double breadth,
      double depth,
      double shift) {
    var whole = twist == 0 ? turn : Turns.then(turn, Turns.y(twist));
    var ring = new Vector3D[around];
    for (int i = 0; i < around; i++) {
      double angle = 2 * Math.PI * i / around + Math.toRadians(twist);
      ring[i] =
          at.add(
              whole.applyTo(
                  new Vector3D(breadth * Math.cos(angle), 0, shift + depth * Math.sin(angle))));
    }
    return ring;
  }

  /**
   * A form from one point to another.
   *
   * @param turn of its rings
   * @param twist degrees that the last ring is turned about the line more than the first
   * @param rows place between the points (0 to 1 and a little beyond), half breadth, half depth,
   *     shift to the front
   * @param girth factor on breadth and depth
   * @param cross rows that are drawn as lines across the form
   */
  static Mesh along(
      int around,
      Vector3D from,
      Vector3D to,
      Rotation turn,
      double twist,
      double[][] rows,
      double girth,
      int... cross) {
    var rings = new ArrayList<Vector3D[]>();
    var way = to.subtract(from);
    for (double[] row : rows) {
      rings.add(
          twisted(
              around,
              from.add(way.scalarMultiply(row[0])),
              turn,
              twist * Math.max(0, Math.min(1, row[0])),
              row[1] * girth,
              row[2] * girth,
              row[3]));
    }
    return Mesh.loft(rings, false, cross, new int[] {}).rounded();
  }
}
