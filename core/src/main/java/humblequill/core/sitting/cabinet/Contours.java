package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The lines of a surface: outlines, edges between planes, and lines across the form. */
final class Contours {
  private Contours() {}

  /** Edges of these faces: where the outside turns away, and where planes meet. */
  static List<double[]> of(SeenMesh view, List<Integer> seen) {
    var next = new HashMap<Integer, Integer>();
    var loose = new ArrayList<double[]>();
    for (int f : seen) {
      var face = view.mesh.faces().get(f);
      for (int i = 0; i < face.length; i++) {
        int a = face[i];
        int b = face[(i + 1) % face.length];
        int other = beyond(view, f, a, b);
        boolean turnsAway = other >= 0 && !view.front[other];
        boolean edge =
            other >= 0 && SeenMesh.dot(view.normals[f], view.normals[other]) < view.mesh.crease();
        if (turnsAway && next.putIfAbsent(a, b) == null) {
          continue;
        }
        if (turnsAway || edge) {
          loose.add(line(view, a, b));
        }
      }
    }
    return joined(view, next, loose);
  }

  /** The face on the other side of an edge; -1 where there is none. */
  private static int beyond(SeenMesh view, int f, int a, int b) {
    for (int g : view.facesAt[a]) {
      if (g == f) {
        continue;
      }
      for (int i : view.mesh.faces().get(g)) {
        if (i == b) {
          return g;
        }
      }
    }
    return -1;
  }

  /** Follows the edges of the outline, so that they become a few long lines. */
  private static List<double[]> joined(
      SeenMesh view, HashMap<Integer, Integer> next, List<double[]> loose) {
    var rows = new ArrayList<double[]>(loose);
    while (!next.isEmpty()) {
      int at = next.keySet().iterator().next();
      var points = new ArrayList<Integer>();
      points.add(at);
      for (Integer to = next.remove(at); to != null; to = next.remove(to)) {
        points.add(to);
      }
      var row = new double[2 * points.size()];
      for (int i = 0; i < points.size(); i++) {
        row[2 * i] = view.seen[points.get(i)].x();
        row[2 * i + 1] = view.seen[points.get(i)].y();
      }
      rows.add(view.mesh.planes() ? row : SoftLine.through(row));
    }
    return rows;
  }

  private static double[] line(SeenMesh view, int a, int b) {
    return new double[] {view.seen[a].x(), view.seen[a].y(), view.seen[b].x(), view.seen[b].y()};
  }

  /** Lines across the form, where they face the eye. */
  static List<double[]> across(SeenMesh view, Vector3D eye) {
    var rows = new ArrayList<double[]>();
    for (var line : view.mesh.lines()) {
      var points = new ArrayList<Double>();
      for (int i : line) {
        var p = view.mesh.points()[i];
        var normal = Vector3D.ZERO;
        for (int f : view.facesAt[i]) {
          normal = normal.add(view.normals[f]);
        }
        boolean facing = SeenMesh.dot(normal, eye.subtract(p)) > 0;
        if (facing) {
          points.add(view.seen[i].x());
          points.add(view.seen[i].y());
        } else {
          flush(points, rows);
        }
      }
      flush(points, rows);
    }
    return rows;
  }

  /** The edges of a face that lines across the form run along. */
  static List<double[]> acrossFace(SeenMesh view, int f) {
    var rows = new ArrayList<double[]>();
    var face = view.mesh.faces().get(f);
    for (var line : view.mesh.lines()) {
      for (int i = 0; i + 1 < line.length; i++) {
        if (isEdge(face, line[i], line[i + 1])) {
          rows.add(line(view, line[i], line[i + 1]));
        }
      }
    }
    return rows;
  }

  private static boolean isEdge(int[] face, int a, int b) {
    for (int i = 0; i < face.length; i++) {
      int from = face[i];
      int to = face[(i + 1) % face.length];
      if (from == a && to == b || from == b && to == a) {
        return true;
      }
    }
    return false;
  }

  private static void flush(List<Double> points, List<double[]> rows) {
    if (points.size() >= 4) {
      rows.add(SoftLine.through(points.stream().mapToDouble(d -> d).toArray()));
    }
    points.clear();
  }
}
