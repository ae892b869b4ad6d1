package humblequill.core.cabinet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A reference from the cabinet: a picture and where its landmarks truly are on it.
 *
 * @param drawing the picture
 * @param landmarks their places on it, by name, in the drawing's units from the top left
 * @param cameraHeight height of the eye above the ground, in statures
 * @param lens focal length in millimetres
 * @param foreshortening mean share by which long parts look shorter than they are, 0 to 1
 */
public record Reference(
    Drawing drawing,
    Map<String, Camera.Seen> landmarks,
    double cameraHeight,
    double lens,
    double foreshortening) {
  private static final double SIZE = 1000;
  private static final int LOOKS = 24;

  /** What is shown. */
  public enum Kind {
    /** A figure on both feet. */
    STANDING,
    /** A figure that sits. */
    SITTING,
    /** A figure that lies. */
    LYING,
    /** A figure that moves. */
    ACTION,
    /** Boxes turned in space. */
    BOX,
    /** Cylinders. */
    CYLINDER,
    /** Cones. */
    CONE,
    /** A head in planes. */
    HEAD,
    /** A hull. */
    HULL;

    /** Whether it is a figure. */
    public boolean figure() {
      return ordinal() <= ACTION.ordinal();
    }
  }

  /** How much long parts point to or from the eye. */
  public enum Foreshortening {
    /** As the pose has it. */
    ANY,
    /** As little as there is. */
    LITTLE,
    /** As much as there is. */
    MUCH
  }

  /** The reference of a seed; the same seed and wishes give the same picture. */
  public static Reference of(long seed, Kind kind, Foreshortening foreshortening) {
    var random = new SplittableRandom(seed * 31 + kind.ordinal());
    return kind.figure()
        ? figure(random, kind, foreshortening)
        : solid(random, kind, foreshortening);
  }

  private static double between(SplittableRandom random, double from, double to) {
    return from + (to - from) * random.nextDouble();
  }

  private static Vector3D light(SplittableRandom random) {
    double side = between(random, 35, 75) * (random.nextBoolean() ? 1 : -1);
    double height = between(random, 35, 60);
    return Turns.then(Turns.y(side), Turns.x(-height)).applyTo(Turns.FRONT);
  }

  private static Reference figure(SplittableRandom random, Kind kind, Foreshortening wish) {
    var figure = Figures.of(random.nextLong(), Figures.Action.valueOf(kind.name()));
    var skeleton = figure.skeleton();
    var meshes = new ArrayList<Mesh>();
    if (figure.seat() > 0) {
      meshes.addAll(
          Solids.box(Figures.SEAT_BREADTH, figure.seat(), Figures.SEAT_DEPTH)
              .placed(Turns.y(0), new Vector3D(0, figure.seat() / 2, Figures.SEAT_BACK))
              .parts());
    }
    meshes.addAll(FigureMesh.of(skeleton));
    var marks = new LinkedHashMap<String, Vector3D>();
    skeleton
        .landmarks()
        .forEach((l, p) -> marks.put(l.name().toLowerCase(Locale.ROOT).replace('_', ' '), p));
    var limbs = new ArrayList<Vector3D[]>();
    for (var side : Side.values()) {
      var arm = skeleton.arms().get(side);
      var leg = skeleton.legs().get(side);
      limbs.add(new Vector3D[] {arm.shoulder(), arm.elbow()});
      limbs.add(new Vector3D[] {arm.elbow(), arm.wrist()});
      limbs.add(new Vector3D[] {leg.hip(), leg.knee()});
      limbs.add(new Vector3D[] {leg.knee(), leg.ankle()});
    }
    limbs.add(new Vector3D[] {skeleton.spineAt(0).at(), skeleton.spineAt(1).at()});
    return shown(random, meshes, marks, limbs, wish, new Around(180, 0.18, 1.25));
  }

  private static Reference solid(SplittableRandom random, Kind kind, Foreshortening wish) {
    var meshes = new ArrayList<Mesh>();
    var marks = new LinkedHashMap<String, Vector3D>();
    var axes = new ArrayList<Vector3D[]>();
    boolean several = kind == Kind.BOX || kind == Kind.CYLINDER || kind == Kind.CONE;
    int count = several ? 1 + random.nextInt(3) : 1;
    for (int i = 0; i < count; i++) {
      var solid = one(random, kind);
      boolean tilted = several && random.nextInt(3) > 0;
      var turn =
          Turns.then(
              Turns.y(between(random, 0, 360)),
              Turns.x(
                  tilted
                      ? between(random, -70, 70)
                      : kind == Kind.HEAD ? between(random, -22, 22) : 0),
              Turns.z(
                  tilted
                      ? between(random, -70, 70)
                      : kind == Kind.HEAD
                          ? between(random, -14, 14)
                          : kind == Kind.HULL ? between(random, -8, 8) : 0));
      var turned = solid.placed(turn, Vector3D.ZERO);
      double angle = Math.toRadians(between(random, 0, 40) + 360.0 * i / count);
      double away = count == 1 ? 0 : 0.85;
      var at = new Vector3D(away * Math.sin(angle), -turned.low(), away * Math.cos(angle));
      var placed = turned.placed(Turns.y(0), at);
      meshes.addAll(placed.parts());
      var prefix = count == 1 ? "" : (i + 1) + " ";
      placed.landmarks().forEach((name, p) -> marks.put(prefix + name, p));
      axes.add(
          new Vector3D[] {at, at.add(turn.applyTo(kind == Kind.HULL ? Turns.FRONT : Turns.UP))});
    }
    var around =
        switch (kind) {
          case HEAD -> new Around(105, 0.25, 1.6);
          case HULL -> new Around(180, 0.55, 1.6);
          default -> new Around(180, 0.05, 1.9);
        };
    return shown(random, meshes, marks, axes, wish, around);
  }

  private static Solids.Solid one(SplittableRandom random, Kind kind) {
    return switch (kind) {
      case BOX ->
          Solids.box(between(random, 0.4, 1), between(random, 0.4, 1), between(random, 0.4, 1));
      case CYLINDER -> {
        double r = between(random, 0.18, 0.42);
        yield Solids.turned(r, r, between(random, 0.5, 1.2));
      }
      case CONE -> Solids.turned(between(random, 0.25, 0.45), 0.0005, between(random, 0.6, 1.2));
      case HEAD -> Solids.headInPlanes();
      case HULL -> Solids.hull(between(random, 0.28, 0.42), between(random, 0.06, 0.16));
      default -> throw new IllegalArgumentException(kind + " is no solid");
    };
  }

  /**
   * Where the eye may stand.
   *
   * @param turn degrees to either side of the front
   * @param low lowest eye
   * @param high highest eye
   */
  private record Around(double turn, double low, double high) {}

  /** Walks around it and stops where the wish is met best. */
  private static Reference shown(
      SplittableRandom random,
      List<Mesh> meshes,
      Map<String, Vector3D> marks,
      List<Vector3D[]> limbs,
      Foreshortening wish,
      Around around) {
    var centre = centre(meshes);
    double radius = radius(meshes, centre);
    var light = light(random);
    int looks = wish == Foreshortening.ANY ? 1 : LOOKS;
    Camera chosen = null;
    double best = 0;
    double amount = 0;
    double facing = 0;
    for (int i = 0; i < looks; i++) {
      double lens =
          switch (wish) {
            case LITTLE -> between(random, 70, 110);
            case ANY -> between(random, 28, 85);
            case MUCH -> between(random, 20, 32);
          };
      double distance = 1.12 * radius * lens / 18;
      double angle = between(random, -around.turn(), around.turn());
      double height = between(random, around.low(), around.high());
      height = Math.min(height, centre.getY() + 0.85 * distance);
      var camera = Camera.around(centre, angle, height, distance, lens, SIZE);
      double here = foreshortening(camera, limbs);
      double merit = wish == Foreshortening.LITTLE ? -here : here;
      if (chosen == null || merit > best) {
        chosen = camera;
        best = merit;
        amount = here;
        facing = angle;
      }
    }
    var camera = framed(chosen, meshes);
    var drawing = new Renderer(camera, Turns.y(facing).applyTo(light)).draw(meshes);
    var seen = new LinkedHashMap<String, Camera.Seen>();
    marks.forEach((name, p) -> seen.put(name, camera.see(p)));
    return new Reference(drawing, seen, camera.eye().getY(), camera.lens(), amount);
  }

  private static Vector3D centre(List<Mesh> meshes) {
    double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
    double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
    for (var mesh : meshes) {
      for (var p : mesh.points()) {
        double[] at = p.toArray();
        for (int i = 0; i < at.length; i++) {
          low[i] = Math.min(low[i], at[i]);
          high[i] = Math.max(high[i], at[i]);
        }
      }
    }
    return new Vector3D((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
  }

  private static double radius(List<Mesh> meshes, Vector3D centre) {
    double radius = 0;
    for (var mesh : meshes) {
      for (var p : mesh.points()) {
        radius = Math.max(radius, p.distance(centre));
      }
    }
    return radius;
  }

  /** The same look, cropped so that all of it fills the sheet with a margin. */
  private static Camera framed(Camera camera, List<Mesh> meshes) {
    double off = 0;
    for (var mesh : meshes) {
      for (var p : mesh.points()) {
        var s = camera.see(p);
        off = Math.max(off, Math.max(Math.abs(s.x() - SIZE / 2), Math.abs(s.y() - SIZE / 2)));
      }
    }
    double crop = 0.45 * SIZE / off;
    return new Camera(camera.eye(), camera.target(), camera.lens() * crop, SIZE);
  }

  /** Mean of 1 − seen length ÷ length it would have across the line of sight. */
  static double foreshortening(Camera camera, List<Vector3D[]> limbs) {
    double sum = 0;
    for (var limb : limbs) {
      var a = camera.see(limb[0]);
      var b = camera.see(limb[1]);
      double scale = camera.scaleAt((a.depth() + b.depth()) / 2);
      double whole = limb[0].distance(limb[1]) * scale;
      sum += 1 - Math.min(1, Math.hypot(a.x() - b.x(), a.y() - b.y()) / whole);
    }
    return sum / limbs.size();
  }
}
