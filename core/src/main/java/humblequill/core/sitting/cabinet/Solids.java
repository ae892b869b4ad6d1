package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Simple solids about the origin, about one unit large, with their landmarks. Our own shapes. */
final class Solids {
  private static final int AROUND = 48;

  /**
   * A solid.
   *
   * @param parts its surfaces
   * @param landmarks named points
   */
  record Solid(List<Mesh> parts, Map<String, Vector3D> landmarks) {
    /** The same, turned about the origin and moved. */
    Solid placed(Rotation turn, Vector3D at) {
      var moved = new LinkedHashMap<String, Vector3D>();
      landmarks.forEach((name, p) -> moved.put(name, turn.applyTo(p).add(at)));
      return new Solid(parts.stream().map(m -> moved(m, turn, at)).toList(), moved);
    }

    static Mesh moved(Mesh m, Rotation turn, Vector3D at) {
      return new Mesh(
          moved(m.points(), turn, at),
          m.faces(),
          m.crease(),
          m.planes(),
          m.within(),
          m.lines(),
          moved(m.axis(), turn, at),
          m.reach());
    }

    private static Vector3D[] moved(Vector3D[] points, Rotation turn, Vector3D at) {
      var moved = new Vector3D[points.length];
      for (int i = 0; i < points.length; i++) {
        moved[i] = turn.applyTo(points[i]).add(at);
      }
      return moved;
    }

    /** The lowest point. */
    double low() {
      double low = Double.MAX_VALUE;
      for (var part : parts) {
        for (var p : part.points()) {
          low = Math.min(low, p.getY());
        }
      }
      return low;
    }
  }

  private Solids() {}

  static Solid box(double width, double height, double depth) {
    var points = new Vector3D[8];
    var landmarks = new LinkedHashMap<String, Vector3D>();
    for (int i = 0; i < points.length; i++) {
      points[i] =
          new Vector3D(
              ((i & 1) == 0 ? -width : width) / 2,
              ((i & 2) == 0 ? -height : height) / 2,
              ((i & 4) == 0 ? -depth : depth) / 2);
      landmarks.put("corner " + (i + 1), points[i]);
    }
    int[][] faces = {
      {0, 2, 3, 1}, {4, 5, 7, 6}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 4, 6, 2}, {1, 3, 7, 5}
    };
    return new Solid(List.of(Mesh.planes(points, List.of(faces))), landmarks);
  }

  /** A cylinder or, with a small top, a cone. */
  static Solid turned(double bottom, double top, double height) {
    var rings = new ArrayList<Vector3D[]>();
    int steps = 4;
    for (int i = 0; i <= steps; i++) {
      double t = (double) i / steps;
      rings.add(circle(AROUND, bottom + (top - bottom) * t, (t - 0.5) * height, 0));
    }
    var body = Mesh.loft(rings, false, new int[] {1, 2, 3}, new int[] {});
    var landmarks = new LinkedHashMap<String, Vector3D>();
    landmarks.put("middle of the foot", new Vector3D(0, -height / 2, 0));
    landmarks.put("middle of the top", new Vector3D(0, height / 2, 0));
    String[] quarters = {"right", "front", "left", "back"};
    for (int i = 0; i < quarters.length; i++) {
      landmarks.put("foot " + quarters[i], rings.get(0)[i * AROUND / 4]);
      landmarks.put("top " + quarters[i], rings.get(steps)[i * AROUND / 4]);
    }
    return new Solid(List.of(body), landmarks);
  }

  private static Vector3D[] circle(int around, double radius, double y, double z) {
    var ring = new Vector3D[around];
    for (int i = 0; i < around; i++) {
      double angle = 2 * Math.PI * i / around;
      ring[i] = new Vector3D(radius * Math.cos(angle), y, z + radius * Math.sin(angle));
    }
    return ring;
  }
}
