package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.DoubleStream;
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
  private static final double FAR = 60;
  private static final double HAIR = 0.0008;

  /** Forms thinner than twice this share of the picture get a finer outline. */
  private static final double SMALL = 0.012;

  private final Camera camera;
  private final Vector3D light;

  /**
   * @param light direction the light comes from, away from the surface
   */
  Renderer(Camera camera, Vector3D light) {
    this.camera = camera;
    this.light = light.normalize();
  }

  /**
   * The picture of all surfaces.
   *
   * @param grounded whether they stand on level ground, which shows their shadow and the eye level
   */
  Drawing draw(List<Mesh> meshes, boolean grounded) {
    var shapes = new ArrayList<Drawing.Shape>();
    double level = camera.eyeLevel();
    if (grounded && level > 0 && level < camera.size()) {
      shapes.add(
          new Drawing.Shape(
              Drawing.Ink.LEVEL, List.of(new double[] {0, level, camera.size(), level})));
    }
    if (grounded) {
      shapes.add(new Drawing.Shape(Drawing.Ink.CAST, cast(meshes)));
    }
    var views = meshes.stream().map(mesh -> new SeenMesh(mesh, camera, light)).toList();
    for (var view : DrawOrder.of(views, camera)) {
      paint(view, shapes);
    }
    return new Drawing(camera.size(), shapes.stream().filter(s -> !s.rows().isEmpty()).toList());
  }

  /** The picture of what lies within a figure: forms without a ground, lines over all. */
  Drawing draw(Within within) {
    var shapes = new ArrayList<>(draw(within.forms(), false).shapes());
    if (!within.lines().isEmpty()) {
      shapes.add(
          new Drawing.Shape(Drawing.Ink.CONTOUR, within.lines().stream().map(this::seen).toList()));
    }
    return new Drawing(camera.size(), shapes);
  }

  private double[] seen(List<Vector3D> line) {
    return line.stream()
        .map(camera::see)
        .flatMapToDouble(p -> DoubleStream.of(p.x(), p.y()))
        .toArray();
  }

  private void paint(SeenMesh view, List<Drawing.Shape> shapes) {
    var faces = view.mesh.faces();
    var seen = new ArrayList<Integer>();
    for (int f = 0; f < faces.size(); f++) {
      if (view.front[f]) {
        seen.add(f);
      }
    }
    if (view.mesh.planes()) {
      var within = view.mesh.within();
      seen.sort(
          Comparator.comparing((Integer f) -> !within.get(f))
              .thenComparing(f -> -view.nearest(faces.get(f))));
      for (int f : seen) {
        paintPlane(view, f, shapes);
      }
    } else {
      boolean small = view.mesh.reach() * camera.scaleAt(view.depth) < SMALL * camera.size();
      paint(view, seen, small ? Drawing.Ink.FINE_CONTOUR : Drawing.Ink.CONTOUR, shapes);
      shapes.add(new Drawing.Shape(Drawing.Ink.CROSS, Contours.across(view, camera.eye())));
    }
  }

  private void paint(
      SeenMesh view, List<Integer> seen, Drawing.Ink ink, List<Drawing.Shape> shapes) {
    var lit = new Region();
    var tones = List.of(new Region(), new Region(), new Region());
    for (int f : seen) {
      var area = view.outline(view.mesh.faces().get(f));
      lit.add(area);
      var brightness = view.brightness(f);
      for (int i = 0; i < LIMITS.length; i++) {
        tones.get(i).add(Areas.darker(area, brightness, LIMITS[i]));
      }
    }
    shapes.add(new Drawing.Shape(Drawing.Ink.LIGHT, lit.outline()));
    for (int i = 0; i < LIMITS.length; i++) {
      shapes.add(new Drawing.Shape(TONES[i], tones.get(i).outline()));
    }
    shapes.add(new Drawing.Shape(ink, Contours.of(view, seen)));
  }

  /**
   * A plane by itself, in the lightest tone that is seen of it: a lighter one below would shine
   * through along its edge over the plane behind.
   */
  private void paintPlane(SeenMesh view, int f, List<Drawing.Shape> shapes) {
    var area = Areas.grown(view.outline(view.mesh.faces().get(f)), HAIR * camera.size());
    var brightness = view.brightness(f);
    double lightest = Arrays.stream(brightness).max().orElseThrow();
    if (lightest >= LIMITS[0]) {
      shapes.add(new Drawing.Shape(Drawing.Ink.LIGHT, List.of(area)));
    }
    for (int i = 0; i < LIMITS.length; i++) {
      boolean covered = i + 1 < LIMITS.length && lightest < LIMITS[i + 1];
      var part = Areas.darker(area, brightness, LIMITS[i]);
      if (!covered && part.length >= 6) {
        shapes.add(new Drawing.Shape(TONES[i], List.of(part)));
      }
    }
    shapes.add(new Drawing.Shape(Drawing.Ink.CONTOUR, Contours.of(view, List.of(f))));
    shapes.add(new Drawing.Shape(Drawing.Ink.CROSS, Contours.acrossFace(view, f)));
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
        if (SeenMesh.dot(normals[f], light) <= 0) {
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
}
