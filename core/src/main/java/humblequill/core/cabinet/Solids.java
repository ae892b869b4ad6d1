package humblequill.core.cabinet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Simple solids about the origin, about one unit large, with their landmarks. Our own shapes. */
final class Solids {
  private static final int AROUND = 48;
  private static final int SECTION = 14;

  /** The sides turn fastest at the keel, so the points of a section stand closer there. */
  private static final double CLOSER_AT_KEEL = 1.5;

  private static final int NECK = 8;

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

    private static Mesh moved(Mesh m, Rotation turn, Vector3D at) {
      return new Mesh(
          moved(m.points(), turn, at),
          m.faces(),
          m.crease(),
          m.planes(),
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

  /** Corners of the planes at each height: across and to the front, from the middle of the face. */
  private static final double[][] HEAD_PLANES = {
    {-0.50, 0.07, 0.40, 0.12, 0.36, 0.14, 0.28, 0.10, 0.22, 0.03, 0.20},
    {-0.42, 0.09, 0.44, 0.15, 0.38, 0.22, 0.22, 0.20, 0.08, 0.05, 0.02},
    {-0.30, 0.10, 0.45, 0.20, 0.36, 0.28, 0.16, 0.27, -0.02, 0.06, -0.08},
    {-0.16, 0.09, 0.43, 0.24, 0.35, 0.31, 0.14, 0.31, -0.10, 0.08, -0.22},
    {-0.02, 0.10, 0.40, 0.27, 0.34, 0.345, 0.12, 0.34, -0.16, 0.14, -0.40},
    {0.06, 0.09, 0.36, 0.23, 0.30, 0.335, 0.14, 0.35, -0.20, 0.17, -0.45},
    {0.13, 0.12, 0.44, 0.25, 0.38, 0.34, 0.12, 0.36, -0.22, 0.19, -0.47},
    {0.30, 0.14, 0.41, 0.25, 0.32, 0.33, 0.08, 0.35, -0.22, 0.19, -0.46},
    {0.43, 0.11, 0.28, 0.19, 0.20, 0.25, 0.02, 0.26, -0.20, 0.14, -0.37},
    {0.50, 0.06, 0.10, 0.10, 0.07, 0.13, -0.03, 0.12, -0.15, 0.06, -0.22}
  };

  static Solid headInPlanes() {
    var rings = new ArrayList<Vector3D[]>();
    for (var row : HEAD_PLANES) {
      int corners = (row.length - 1) / 2;
      var ring = new Vector3D[2 * corners];
      for (int i = 0; i < corners; i++) {
        var p = new Vector3D(row[1 + 2 * i], row[0], row[2 + 2 * i]);
        ring[i] = p;
        ring[2 * corners - 1 - i] = new Vector3D(-p.getX(), p.getY(), p.getZ());
      }
      rings.add(ring);
    }
    var skull = Mesh.loft(rings, true, new int[] {}, new int[] {});
    var root = new Vector3D(0, 0.08, 0.40);
    var tip = new Vector3D(0, -0.13, 0.56);
    var left = new Vector3D(0.08, -0.17, 0.42);
    var right = new Vector3D(-0.08, -0.17, 0.42);
    var nose =
        Mesh.planes(
            new Vector3D[] {root, tip, left, right},
            List.of(
                new int[] {0, 2, 1},
                new int[] {0, 1, 3},
                new int[] {1, 2, 3},
                new int[] {0, 3, 2}));
    var landmarks = new LinkedHashMap<String, Vector3D>();
    landmarks.put("top", new Vector3D(0, 0.50, -0.05));
    landmarks.put("brow", new Vector3D(0, 0.13, 0.44));
    landmarks.put("root of the nose", root);
    landmarks.put("tip of the nose", tip);
    landmarks.put("chin", new Vector3D(0, -0.46, 0.42));
    landmarks.put("left cheekbone", new Vector3D(0.27, -0.02, 0.34));
    landmarks.put("right cheekbone", new Vector3D(-0.27, -0.02, 0.34));
    landmarks.put("left angle of the jaw", new Vector3D(0.31, -0.16, -0.10));
    landmarks.put("right angle of the jaw", new Vector3D(-0.31, -0.16, -0.10));
    var neck =
        Mesh.loft(
            List.of(
                circle(NECK, 0.26, -0.85, -0.17),
                circle(NECK, 0.20, -0.62, -0.14),
                circle(NECK, 0.185, -0.25, -0.08)),
            true,
            new int[] {},
            new int[] {});
    return new Solid(List.of(skull.with(nose).with(neck)), landmarks);
  }

  /**
   * A working boat along z, its stem at the front.
   *
   * @param beam breadth, as a share of its length
   * @param sheer how far the ends rise above the middle
   */
  static Solid hull(double beam, double sheer) {
    int stations = 25;
    var rings = new ArrayList<Vector3D[]>();
    for (int i = 0; i < stations; i++) {
      double t = (double) i / (stations - 1);
      double half = beam / 2 * Math.pow(Math.sin(Math.PI * Math.min(1, 0.22 + 0.78 * t)), 0.75);
      half = Math.max(0.004, half);
      double rail = 0.16 + sheer * Math.pow(2 * t - 0.9, 2);
      double keel = -0.10 + 0.10 * Math.pow(Math.max(0, (t - 0.78) / 0.22), 2);
      double z = -0.5 + t;
      rings.add(section(half, rail, keel, z, 0.10 * t * t * t));
    }
    var body = Mesh.loft(rings, false, new int[] {6, 12, 18}, new int[] {0, 2 * SECTION});
    var landmarks = new LinkedHashMap<String, Vector3D>();
    var stern = rings.get(0);
    var middle = rings.get(stations / 2);
    var stem = rings.get(stations - 1);
    landmarks.put("stern rail left", stern[2 * SECTION]);
    landmarks.put("stern rail right", stern[0]);
    landmarks.put("stern keel", stern[SECTION]);
    landmarks.put("rail amidships left", middle[2 * SECTION]);
    landmarks.put("rail amidships right", middle[0]);
    landmarks.put("keel amidships", middle[SECTION]);
    landmarks.put("stem head", stem[0]);
    landmarks.put("forefoot", stem[SECTION]);
    return new Solid(List.of(body), landmarks);
  }

  /** A section from rail to keel to rail, then back over a slightly arched deck. */
  private static Vector3D[] section(double half, double rail, double keel, double z, double rake) {
    var points = new ArrayList<Vector3D>();
    for (int i = 0; i <= 2 * SECTION; i++) {
      double even = (double) (i - SECTION) / SECTION;
      double u = Math.signum(even) * Math.pow(Math.abs(even), CLOSER_AT_KEEL);
      double down = 1 - Math.abs(u);
      double breadth = half * Math.pow(1 - Math.pow(down, 2.2), 0.6) * Math.signum(u);
      double y = rail + (keel - rail) * down;
      points.add(new Vector3D(breadth, y, z + rake * (1 - down)));
    }
    for (int i = 1; i < 4; i++) {
      double u = 1 - i / 2.0;
      points.add(new Vector3D(half * u, rail + 0.06 * half * (1 - u * u), z + rake));
    }
    return points.toArray(new Vector3D[0]);
  }
}
