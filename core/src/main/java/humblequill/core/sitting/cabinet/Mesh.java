package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A surface, closed but where it is joined to another.
 *
 * @param points its points
 * @param faces corners of each face, counter-clockwise seen from outside
 * @param crease cosine of the angle from which two faces meet in an edge; what meets at less is
 *     round
 * @param planes whether it is made of planes, which may stand before each other
 * @param within faces that lie within the others and never before them: painted first
 * @param lines lines on the surface that show its turning, as rows of points
 * @param axis two points that stand for its place in depth
 * @param reach how far the surface is from that axis, about
 */
public record Mesh(
    Vector3D[] points,
    List<int[]> faces,
    double crease,
    boolean planes,
    BitSet within,
    List<int[]> lines,
    Vector3D[] axis,
    double reach) {
  private static final BitSet NONE = new BitSet();

  /** Round forms: only ends and rails are edges. */
  static final double ROUND = Math.cos(Math.toRadians(58));

  /** Planes: nearly all faces meet in edges. */
  static final double PLANES = Math.cos(Math.toRadians(11));

  /** The normals of all faces, pointing outside. */
  Vector3D[] normals() {
    var normals = new Vector3D[faces.size()];
    for (int f = 0; f < normals.length; f++) {
      normals[f] = normal(faces.get(f));
    }
    return normals;
  }

  private Vector3D normal(int[] face) {
    double x = 0;
    double y = 0;
    double z = 0;
    for (int i = 0; i < face.length; i++) {
      var a = points[face[i]];
      var b = points[face[i + 1 == face.length ? 0 : i + 1]];
      x += (a.getY() - b.getY()) * (a.getZ() + b.getZ());
      y += (a.getZ() - b.getZ()) * (a.getX() + b.getX());
      z += (a.getX() - b.getX()) * (a.getY() + b.getY());
    }
    double length = Math.sqrt(x * x + y * y + z * z);
    return length < 1e-18 ? Vector3D.ZERO : new Vector3D(x / length, y / length, z / length);
  }

  /** The faces at each point. */
  int[][] facesAt() {
    var count = new int[points.length];
    for (var face : faces) {
      for (int i : face) {
        count[i]++;
      }
    }
    var at = new int[points.length][];
    for (int i = 0; i < at.length; i++) {
      at[i] = new int[count[i]];
    }
    for (int f = 0; f < faces.size(); f++) {
      for (int i : faces.get(f)) {
        at[i][--count[i]] = f;
      }
    }
    return at;
  }

  /**
   * A surface through rings of points that all run the same way round, closed at both ends.
   *
   * @param rings as many points in each
   * @param planes whether it is made of planes
   * @param crossRings rings that are drawn as lines
   * @param meridians positions on the rings whose lines run lengthwise
   */
  static Mesh loft(List<Vector3D[]> rings, boolean planes, int[] crossRings, int[] meridians) {
    int n = rings.get(0).length;
    var points = new Vector3D[rings.size() * n];
    for (int r = 0; r < rings.size(); r++) {
      System.arraycopy(rings.get(r), 0, points, r * n, n);
    }
    var faces = new ArrayList<int[]>();
    for (int r = 0; r + 1 < rings.size(); r++) {
      for (int i = 0; i < n; i++) {
        int j = (i + 1) % n;
        faces.add(new int[] {r * n + i, r * n + j, (r + 1) * n + j, (r + 1) * n + i});
      }
    }
    var first = new int[n];
    var last = new int[n];
    for (int i = 0; i < n; i++) {
      first[i] = n - 1 - i;
      last[i] = (rings.size() - 1) * n + i;
    }
    faces.add(first);
    faces.add(last);
    var lines = new ArrayList<int[]>();
    for (int r : crossRings) {
      var line = new int[n + 1];
      for (int i = 0; i <= n; i++) {
        line[i] = r * n + i % n;
      }
      lines.add(line);
    }
    for (int m : meridians) {
      var line = new int[rings.size()];
      for (int r = 0; r < rings.size(); r++) {
        line[r] = r * n + m;
      }
      lines.add(line);
    }
    var axis = new Vector3D[] {mean(rings.get(0)), mean(rings.get(rings.size() - 1))};
    double reach = 0;
    for (var ring : rings) {
      reach = Math.max(reach, ring[0].distance(mean(ring)));
    }
    return new Mesh(
        points, outward(points, faces), planes ? PLANES : ROUND, planes, NONE, lines, axis, reach);
  }

  /** Plane faces that enclose a solid, all given the same way round. */
  static Mesh planes(Vector3D[] points, List<int[]> faces) {
    var middle = mean(points);
    double reach = 0;
    for (var p : points) {
      reach = Math.max(reach, p.distance(middle));
    }
    return new Mesh(
        points,
        outward(points, faces),
        PLANES,
        true,
        NONE,
        List.of(),
        new Vector3D[] {middle, middle},
        reach);
  }

  /** This surface painted face by face, because parts of it may lie before others. */
  Mesh faceByFace() {
    return new Mesh(points, faces, crease, true, within, lines, axis, reach);
  }

  /** This surface with faces that lie within the others. */
  Mesh holding(BitSet inner) {
    return new Mesh(points, faces, crease, planes, inner, lines, axis, reach);
  }

  /** This surface without any edge: round all over, its ends too. */
  Mesh rounded() {
    return new Mesh(points, faces, -1, planes, within, lines, axis, reach);
  }

  /** A loft whose first end is open: it is joined to another form there, and shows no line. */
  Mesh openAtStart() {
    var open = new ArrayList<>(faces);
    open.remove(faces.size() - 2);
    return new Mesh(points, open, crease, planes, within, lines, axis, reach);
  }

  /** This surface and another as one. */
  Mesh with(Mesh other) {
    var all = new Vector3D[points.length + other.points.length];
    System.arraycopy(points, 0, all, 0, points.length);
    System.arraycopy(other.points, 0, all, points.length, other.points.length);
    var both = new ArrayList<>(faces);
    for (var face : other.faces) {
      var moved = new int[face.length];
      for (int i = 0; i < face.length; i++) {
        moved[i] = face[i] + points.length;
      }
      both.add(moved);
    }
    var inner = (BitSet) within.clone();
    other.within.stream().forEach(f -> inner.set(f + faces.size()));
    return new Mesh(all, both, crease, planes, inner, lines, axis, reach);
  }

  /** Turns all faces round if they enclose a negative volume. */
  private static List<int[]> outward(Vector3D[] points, List<int[]> faces) {
    double volume = 0;
    for (var face : faces) {
      var a = points[face[0]];
      for (int i = 1; i < face.length - 1; i++) {
        var b = points[face[i]];
        var c = points[face[i + 1]];
        volume +=
            a.getX() * (b.getY() * c.getZ() - b.getZ() * c.getY())
                + a.getY() * (b.getZ() * c.getX() - b.getX() * c.getZ())
                + a.getZ() * (b.getX() * c.getY() - b.getY() * c.getX());
      }
    }
    return volume >= 0 ? faces : faces.stream().map(Mesh::turnedRound).toList();
  }

  private static int[] turnedRound(int[] face) {
    var turned = new int[face.length];
    for (int i = 0; i < face.length; i++) {
      turned[i] = face[face.length - 1 - i];
    }
    return turned;
  }

  private static Vector3D mean(Vector3D[] points) {
    var sum = Vector3D.ZERO;
    for (var p : points) {
      sum = sum.add(p);
    }
    return sum.scalarMultiply(1.0 / points.length);
  }
}
