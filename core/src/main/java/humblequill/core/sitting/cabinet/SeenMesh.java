package humblequill.core.sitting.cabinet;

import java.util.Arrays;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** A surface with everything about it that the camera sees, and the light that falls on it. */
final class SeenMesh {
  static final int STEPS = 8;

  final Mesh mesh;
  final Camera.Seen[] seen;
  final Vector3D[] normals;
  final int[][] facesAt;
  final boolean[] front;
  final double depth;
  final Camera.Seen[] axis = new Camera.Seen[STEPS + 1];
  private final double[] soft;
  private final Vector3D light;

  SeenMesh(Mesh mesh, Camera camera, Vector3D light) {
    this.light = light;
    this.mesh = mesh;
    this.seen = new Camera.Seen[mesh.points().length];
    double sum = 0;
    for (int i = 0; i < seen.length; i++) {
      seen[i] = camera.see(mesh.points()[i]);
      sum += seen[i].depth();
    }
    this.depth = sum / seen.length;
    var ends = mesh.axis();
    for (int i = 0; i <= STEPS; i++) {
      double t = (double) i / STEPS;
      axis[i] = camera.see(ends[0].scalarMultiply(1 - t).add(ends[1].scalarMultiply(t)));
    }
    this.normals = mesh.normals();
    this.soft = new double[seen.length];
    Arrays.fill(soft, Double.NaN);
    this.facesAt = mesh.facesAt();
    this.front = new boolean[mesh.faces().size()];
    for (int f = 0; f < front.length; f++) {
      front[f] = area(mesh.faces().get(f)) < 0;
    }
  }

  /** Whether the axes lie farther apart than this on the picture, going by one direction alone. */
  boolean clearOf(SeenMesh other, double apart) {
    var a = axis[0];
    var b = axis[STEPS];
    var c = other.axis[0];
    var d = other.axis[STEPS];
    return beside(a.x(), b.x(), c.x(), d.x(), apart) || beside(a.y(), b.y(), c.y(), d.y(), apart);
  }

  private static boolean beside(double a, double b, double c, double d, double apart) {
    return Math.min(a, b) > Math.max(c, d) + apart || Math.min(c, d) > Math.max(a, b) + apart;
  }

  /** Twice the area on the picture; negative when the outside is seen, since y runs down. */
  private double area(int[] face) {
    double area = 0;
    for (int i = 0; i < face.length; i++) {
      var a = seen[face[i]];
      var b = seen[face[(i + 1) % face.length]];
      area += a.x() * b.y() - b.x() * a.y();
    }
    return area;
  }

  double[] outline(int[] face) {
    var row = new double[2 * face.length];
    for (int i = 0; i < face.length; i++) {
      row[2 * i] = seen[face[i]].x();
      row[2 * i + 1] = seen[face[i]].y();
    }
    return row;
  }

  /** How the light falls on the corners of a face, round where its neighbours go on. */
  double[] brightness(int f) {
    var face = mesh.faces().get(f);
    var values = new double[face.length];
    for (int i = 0; i < face.length; i++) {
      values[i] = mesh.crease() <= -1 ? soft(face[i]) : brightness(f, face[i]);
    }
    return values;
  }

  /** The brightness of a point where every face goes on round, worked out once. */
  private double soft(int point) {
    if (Double.isNaN(soft[point])) {
      soft[point] = brightness(-1, point);
    }
    return soft[point];
  }

  /** The brightness of a point as it belongs to a face; of all its faces for -1. */
  private double brightness(int f, int point) {
    double x = 0;
    double y = 0;
    double z = 0;
    for (int other : facesAt[point]) {
      if (f < 0 || dot(normals[other], normals[f]) >= mesh.crease()) {
        x += normals[other].getX();
        y += normals[other].getY();
        z += normals[other].getZ();
      }
    }
    double length = Math.sqrt(x * x + y * y + z * z);
    double along = x * light.getX() + y * light.getY() + z * light.getZ();
    return length < 1e-12 ? 0 : along / length;
  }

  double nearest(int[] face) {
    double sum = 0;
    for (int i : face) {
      sum += seen[i].depth();
    }
    return sum / face.length;
  }

  /** The library's own guards against rounding, which nobody sees here, at many times the cost. */
  static double dot(Vector3D a, Vector3D b) {
    return a.getX() * b.getX() + a.getY() * b.getY() + a.getZ() * b.getZ();
  }
}
