package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** A head of planes on its neck, about one unit high. Our own shape. */
final class PlaneHead {
  private static final int NECK = 8;

  /** Corners of the planes at each height: across and to the front, from the middle of the face. */
  private static final double[][] PLANES = {
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

  /**
   * A head in planes on its neck.
   *
   * @param breadth factor on all breadths, about 1
   * @param jaw factor on the breadth of the jaw, about 1
   * @param length factor on how far the face stands before the skull, about 1
   */
  static Solids.Solid of(double breadth, double jaw, double length) {
    var form = new HeadForm(breadth, jaw, length);
    var rings = new ArrayList<Vector3D[]>();
    for (var row : PLANES) {
      int corners = (row.length - 1) / 2;
      var ring = new Vector3D[2 * corners];
      for (int i = 0; i < corners; i++) {
        ring[i] = form.at(row[1 + 2 * i], row[0], row[2 + 2 * i]);
        ring[2 * corners - 1 - i] = form.at(-row[1 + 2 * i], row[0], row[2 + 2 * i]);
      }
      rings.add(ring);
    }
    var skull = Mesh.loft(rings, true, new int[] {}, new int[] {});
    var root = form.at(0, 0.08, 0.40);
    var tip = form.at(0, -0.13, 0.56);
    var nose = wedge(root, tip, form.at(0.08, -0.17, 0.42), form.at(-0.08, -0.17, 0.42));
    var landmarks = new LinkedHashMap<String, Vector3D>();
    landmarks.put("top", form.at(0, 0.50, -0.05));
    landmarks.put("brow", form.at(0, 0.13, 0.44));
    landmarks.put("root of the nose", root);
    landmarks.put("tip of the nose", tip);
    landmarks.put("chin", form.at(0, -0.46, 0.42));
    var parts = new ArrayList<>(List.of(skull.with(nose), neck(form)));
    for (int side = 1; side >= -1; side -= 2) {
      var name = side > 0 ? "left " : "right ";
      var lobe = form.at(side * 0.345, -0.14, 0.00);
      parts.add(
          wedge(
              form.at(side * 0.345, 0.12, 0.03),
              form.at(side * 0.41, 0.12, -0.11),
              lobe,
              form.at(side * 0.34, 0.03, -0.13)));
      landmarks.put(name + "cheekbone", form.at(side * 0.27, -0.02, 0.34));
      landmarks.put(name + "angle of the jaw", form.at(side * 0.31, -0.16, -0.10));
      landmarks.put(name + "ear lobe", lobe);
    }
    return new Solids.Solid(parts, landmarks);
  }

  /** How a head differs from the usual one. */
  private record HeadForm(double breadth, double jaw, double length) {
    Vector3D at(double x, double y, double z) {
      double wide = y < -0.1 ? breadth * (1 + (jaw - 1) * Math.min(1, (-0.1 - y) / 0.3)) : breadth;
      return new Vector3D(x * wide, y, z > 0 ? z * length : z);
    }
  }

  private static Mesh wedge(Vector3D a, Vector3D b, Vector3D c, Vector3D d) {
    return Mesh.planes(
        new Vector3D[] {a, b, c, d},
        List.of(
            new int[] {0, 1, 2}, new int[] {0, 2, 3}, new int[] {0, 3, 1}, new int[] {1, 3, 2}));
  }

  /** From the chest to the slanting underside of the skull, where it only touches. */
  private static Mesh neck(HeadForm form) {
    double[][] rows = {{-0.88, -0.20, 0.27, 0}, {-0.66, -0.16, 0.20, 10}, {-0.29, -0.06, 0.18, 38}};
    var rings = new ArrayList<Vector3D[]>();
    for (var row : rows) {
      var ring = new Vector3D[NECK];
      for (int i = 0; i < NECK; i++) {
        double angle = 2 * Math.PI * (i + 0.5) / NECK;
        double front = row[2] * Math.sin(angle);
        double tilt = Math.toRadians(row[3]);
        ring[i] =
            form.at(
                row[2] * Math.cos(angle),
                row[0] - front * Math.sin(tilt),
                row[1] + front * Math.cos(tilt));
      }
      rings.add(ring);
    }
    return Mesh.loft(rings, true, new int[] {}, new int[] {});
  }

  private PlaneHead() {}
}
