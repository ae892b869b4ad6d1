package humblequill.core.cabinet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Draws surfaces as a pencil would: lit areas, half tone, shade and its core, the shadow on the
 * ground, outlines, and lines across the form.
 */
final class Renderer {
  private static final double[] LIMITS = {0.52, 0.10, -0.42};
  private static final Drawing.Ink[] TONES = {
    Drawing.Ink.HALF, Drawing.Ink.SHADE, Drawing.Ink.CORE
  };
  private static final int STEPS = 8;
  private static final double FAR = 60;
  private static final double HAIR = 0.0008;

  private final Camera camera;
  private final Vector3D light;

  /**
   * @param light direction the light comes from, away from the surface
   */
  Renderer(Camera camera, Vector3D light) {
    this.camera = camera;
    this.light = light.normalize();
  }

  /** A surface with everything about it that the camera sees. */
  private final class View {
    final Mesh mesh;
    final Camera.Seen[] seen;
    final Vector3D[] normals;
    final int[][] facesAt;
    final boolean[] front;
    final double depth;
    final Camera.Seen[] axis = new Camera.Seen[STEPS + 1];
    final double[] soft;

    View(Mesh mesh) {
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
  }

  /** The library's own guards against rounding, which nobody sees here, at many times the cost. */
  private static double dot(Vector3D a, Vector3D b) {
    return a.getX() * b.getX() + a.getY() * b.getY() + a.getZ() * b.getZ();
  }

  /** The picture of all surfaces on level ground. */
  Drawing draw(List<Mesh> meshes) {
    var shapes = new ArrayList<Drawing.Shape>();
    double level = camera.eyeLevel();
    if (level > 0 && level < camera.size()) {
      shapes.add(
          new Drawing.Shape(
              Drawing.Ink.LEVEL, List.of(new double[] {0, level, camera.size(), level})));
    }
    shapes.add(new Drawing.Shape(Drawing.Ink.CAST, cast(meshes)));
    for (var view : ordered(meshes.stream().map(View::new).toList())) {
      paint(view, shapes);
    }
    return new Drawing(camera.size(), shapes.stream().filter(s -> !s.rows().isEmpty()).toList());
  }

  private void paint(View view, List<Drawing.Shape> shapes) {
    var faces = view.mesh.faces();
    var seen = new ArrayList<Integer>();
    for (int f = 0; f < faces.size(); f++) {
      if (view.front[f]) {
        seen.add(f);
      }
    }
    if (view.mesh.planes()) {
      seen.sort((a, b) -> Double.compare(view.nearest(faces.get(b)), view.nearest(faces.get(a))));
      for (int f : seen) {
        paintPlane(view, f, shapes);
      }
    } else {
      paint(view, seen, shapes);
      shapes.add(new Drawing.Shape(Drawing.Ink.CROSS, crossLines(view)));
    }
  }

  private void paint(View view, List<Integer> seen, List<Drawing.Shape> shapes) {
    var lit = new Region();
    var tones = List.of(new Region(), new Region(), new Region());
    for (int f : seen) {
      var area = view.outline(view.mesh.faces().get(f));
      lit.add(area);
      var brightness = view.brightness(f);
      for (int i = 0; i < LIMITS.length; i++) {
        tones.get(i).add(darker(area, brightness, LIMITS[i]));
      }
    }
    shapes.add(new Drawing.Shape(Drawing.Ink.LIGHT, lit.outline()));
    for (int i = 0; i < LIMITS.length; i++) {
      shapes.add(new Drawing.Shape(TONES[i], tones.get(i).outline()));
    }
    shapes.add(new Drawing.Shape(Drawing.Ink.CONTOUR, contours(view, seen)));
  }

  /**
   * A plane by itself, in the lightest tone that is seen of it: a lighter one below would shine
   * through along its edge over the plane behind.
   */
  private void paintPlane(View view, int f, List<Drawing.Shape> shapes) {
    var area = grown(view.outline(view.mesh.faces().get(f)));
    var brightness = view.brightness(f);
    double lightest = Arrays.stream(brightness).max().orElseThrow();
    if (lightest >= LIMITS[0]) {
      shapes.add(new Drawing.Shape(Drawing.Ink.LIGHT, List.of(area)));
    }
    for (int i = 0; i < LIMITS.length; i++) {
      boolean covered = i + 1 < LIMITS.length && lightest < LIMITS[i + 1];
      var part = darker(area, brightness, LIMITS[i]);
      if (!covered && part.length >= 6) {
        shapes.add(new Drawing.Shape(TONES[i], List.of(part)));
      }
    }
    shapes.add(new Drawing.Shape(Drawing.Ink.CONTOUR, contours(view, List.of(f))));
  }

  /** An area a hair wider, so that the paper does not show between it and the next one. */
  private double[] grown(double[] area) {
    int n = area.length / 2;
    double x = 0;
    double y = 0;
    for (int i = 0; i < n; i++) {
      x += area[2 * i] / n;
      y += area[2 * i + 1] / n;
    }
    var out = new double[area.length];
    double hair = HAIR * camera.size();
    for (int i = 0; i < n; i++) {
      double dx = area[2 * i] - x;
      double dy = area[2 * i + 1] - y;
      double wider = 1 + hair / Math.max(hair, Math.hypot(dx, dy));
      out[2 * i] = x + dx * wider;
      out[2 * i + 1] = y + dy * wider;
    }
    return out;
  }

  /** The part of an area that is darker than a limit, its brightness running evenly between. */
  static double[] darker(double[] area, double[] brightness, double limit) {
    int n = brightness.length;
    var out = new double[4 * n + 4];
    int k = 0;
    for (int i = 0; i < n; i++) {
      int j = (i + 1) % n;
      double a = brightness[i];
      double b = brightness[j];
      if (a < limit) {
        out[k++] = area[2 * i];
        out[k++] = area[2 * i + 1];
      }
      if (a < limit != b < limit) {
        // From the same end in both areas of an edge, so that they cut it at the very same point.
        int from = before(area, i, j) ? i : j;
        int to = i + j - from;
        double t = (limit - brightness[from]) / (brightness[to] - brightness[from]);
        out[k++] = area[2 * from] + t * (area[2 * to] - area[2 * from]);
        out[k++] = area[2 * from + 1] + t * (area[2 * to + 1] - area[2 * from + 1]);
      }
    }
    return Arrays.copyOf(out, k);
  }

  private static boolean before(double[] area, int i, int j) {
    double apart = area[2 * i] - area[2 * j];
    return apart == 0 ? area[2 * i + 1] < area[2 * j + 1] : apart < 0;
  }

  /** Edges of these faces: where the outside turns away, and where planes meet. */
  private static List<double[]> contours(View view, List<Integer> seen) {
    var next = new HashMap<Integer, Integer>();
    var loose = new ArrayList<double[]>();
    for (int f : seen) {
      var face = view.mesh.faces().get(f);
      for (int i = 0; i < face.length; i++) {
        int a = face[i];
        int b = face[(i + 1) % face.length];
        int other = across(view, f, a, b);
        boolean turnsAway = other >= 0 && !view.front[other];
        boolean edge = other >= 0 && dot(view.normals[f], view.normals[other]) < view.mesh.crease();
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
  private static int across(View view, int f, int a, int b) {
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
      View view, HashMap<Integer, Integer> next, List<double[]> loose) {
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

  private static double[] line(View view, int a, int b) {
    return new double[] {view.seen[a].x(), view.seen[a].y(), view.seen[b].x(), view.seen[b].y()};
  }

  private List<double[]> crossLines(View view) {
    var rows = new ArrayList<double[]>();
    for (var line : view.mesh.lines()) {
      var points = new ArrayList<Double>();
      for (int i : line) {
        var p = view.mesh.points()[i];
        var normal = Vector3D.ZERO;
        for (int f : view.facesAt[i]) {
          normal = normal.add(view.normals[f]);
        }
        boolean facing = dot(normal, camera.eye().subtract(p)) > 0;
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

  private static void flush(List<Double> points, List<double[]> rows) {
    if (points.size() >= 4) {
      rows.add(SoftLine.through(points.stream().mapToDouble(d -> d).toArray()));
    }
    points.clear();
  }

  /** What the light does not reach of the ground. */
  private List<double[]> cast(List<Mesh> meshes) {
    var rows = new ArrayList<double[]>();
    if (light.getY() < 0.05) {
      return rows;
    }
    for (var mesh : meshes) {
      var shadow = new Region();
      var normals = mesh.normals();
      for (int f = 0; f < normals.length; f++) {
        var face = mesh.faces().get(f);
        if (dot(normals[f], light) <= 0) {
          continue;
        }
        var row = new double[2 * face.length];
        boolean near = true;
        for (int i = 0; i < face.length; i++) {
          var p = mesh.points()[face[i]];
          var ground = p.subtract(light.scalarMultiply(Math.max(0, p.getY()) / light.getY()));
          var seen = camera.see(ground);
          near &= seen.depth() > 0.05 && Math.abs(seen.x()) < FAR * camera.size();
          row[2 * i] = seen.x();
          row[2 * i + 1] = seen.y();
        }
        if (near) {
          shadow.add(row);
        }
      }
      rows.addAll(shadow.outline());
    }
    return rows;
  }

  /** From the back to the front: of two that overlap, the one that is farther where they do. */
  private List<View> ordered(List<View> views) {
    int n = views.size();
    var behind = new boolean[n][n];
    for (int i = 0; i < n; i++) {
      for (int j = i + 1; j < n; j++) {
        int first = farther(views.get(i), views.get(j));
        behind[i][j] = first > 0;
        behind[j][i] = first < 0;
      }
    }
    var left = new ArrayList<Integer>();
    for (int i = 0; i < n; i++) {
      left.add(i);
    }
    left.sort((a, b) -> Double.compare(views.get(b).depth, views.get(a).depth));
    var order = new ArrayList<View>();
    while (!left.isEmpty()) {
      int pick = 0;
      for (int k = 0; k < left.size(); k++) {
        int candidate = left.get(k);
        if (left.stream().noneMatch(other -> behind[other][candidate])) {
          pick = k;
          break;
        }
      }
      order.add(views.get(left.remove(pick)));
    }
    return order;
  }

  /** Above 0 when a lies behind b where they overlap, below 0 the other way, 0 when neither. */
  private int farther(View a, View b) {
    double best = Double.MAX_VALUE;
    double difference = 0;
    for (int i = 0; i <= STEPS; i++) {
      var p = a.axis[i];
      for (int j = 0; j <= STEPS; j++) {
        var q = b.axis[j];
        double apart = Math.hypot(p.x() - q.x(), p.y() - q.y());
        if (apart < best) {
          best = apart;
          difference = p.depth() - q.depth();
        }
      }
    }
    double scale = camera.scaleAt(Math.min(a.depth, b.depth));
    boolean overlap = best < (a.mesh.reach() + b.mesh.reach()) * scale;
    if (!overlap) {
      return 0;
    }
    double clear = 0.15 * (a.mesh.reach() + b.mesh.reach());
    if (Math.abs(difference) < clear) {
      difference = a.depth - b.depth;
    }
    return (int) Math.signum(difference);
  }
}
