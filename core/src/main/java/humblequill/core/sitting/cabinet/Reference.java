package humblequill.core.sitting.cabinet;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.function.Supplier;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A reference from the cabinet: a square picture and where its landmarks truly are on it.
 *
 * @param picture draws it, which takes several times as long as all else
 * @param landmarks their places on it, by name, in the drawing's units from the top left
 * @param cameraHeight height of the eye above the ground, in statures; empty for what stands on
 *     none
 * @param lens focal length in millimetres
 * @param foreshortening mean share by which long parts look shorter than they are, 0 to 1
 */
public record Reference(
    Supplier<Drawing> picture,
    Map<String, Camera.Seen> landmarks,
    OptionalDouble cameraHeight,
    double lens,
    double foreshortening) {
  /** How wide and how high its picture is, in the drawing's units. */
  public static final double SIZE = 1000;

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
    HULL,
    /** A torso, the limbs cut off by the frame. */
    TORSO,
    /** A hand with its wrist. */
    HAND,
    /** Both feet. */
    FOOT;

    /** Whether it is a figure. */
    public boolean figure() {
      return ordinal() <= ACTION.ordinal();
    }

    /** Whether it has a front, so that a side of it can be asked for. */
    public boolean hasFront() {
      return switch (this) {
        case STANDING, SITTING, ACTION, HEAD, HULL, FOOT -> true;
        case LYING, TORSO, BOX, CYLINDER, CONE, HAND -> false;
      };
    }

    /** What shows a part of the body that is named in words; empty for parts it has not. */
    public static Optional<Kind> ofPart(String part) {
      var name = part.strip().toLowerCase(Locale.ROOT);
      return PARTS.entrySet().stream()
          .filter(e -> name.startsWith(e.getKey()))
          .map(Map.Entry::getValue)
          .findFirst();
    }

    private static final Map<String, Kind> PARTS =
        Map.of(
            "hand", HAND, "foot", FOOT, "feet", FOOT, "torso", TORSO, "trunk", TORSO, "head", HEAD);
  }

  /** The picture, drawn anew each time. */
  public Drawing drawing() {
    return picture.get();
  }

  /**
   * The reference of a seed; the same seed and wishes give the same picture.
   *
   * @param view a side of what has no front counts as any
   */
  public static Reference of(long seed, Kind kind, Emphasis emphasis, View view) {
    return of(seed, kind, emphasis, view, Optional.empty());
  }

  /**
   * What lies within a figure at one layer of a staged study, in the same place as the figure; only
   * of figures.
   */
  public static Reference within(
      long seed, Kind kind, Emphasis emphasis, View view, StudyLayer layer) {
    if (!kind.figure()) {
      throw new IllegalArgumentException(kind + " is no figure");
    }
    return of(seed, kind, emphasis, view, Optional.of(layer));
  }

  private static Reference of(
      long seed, Kind kind, Emphasis emphasis, View view, Optional<StudyLayer> within) {
    var random = new SplittableRandom(seed * 31 + kind.ordinal());
    var wish = kind.figure() || !emphasis.ofFigures() ? emphasis : Emphasis.ANY;
    return shown(random, Merit.subject(random, kind, wish), wish, view, within);
  }

  private static Vector3D light(SplittableRandom random) {
    double side = Lot.between(random, 35, 75) * (random.nextBoolean() ? 1 : -1);
    double height = Lot.between(random, 35, 60);
    return Turns.then(Turns.y(side), Turns.x(-height)).applyTo(Turns.FRONT);
  }

  /** Walks around it and stops where the wish is met best. */
  private static Reference shown(
      SplittableRandom random,
      Subject subject,
      Emphasis wish,
      View view,
      Optional<StudyLayer> within) {
    var around = subject.around();
    var centre = centre(subject.framed());
    double radius = radius(subject.framed(), centre);
    double clear = 1.15 * radius(subject.points(), centre);
    var light = light(random);
    int looks = wish == Emphasis.ANY ? 1 : LOOKS;
    Camera chosen = null;
    double best = 0;
    double facing = 0;
    for (int i = 0; i < looks; i++) {
      double lens =
          switch (wish) {
            case LITTLE -> Lot.between(random, 70, 110);
            case ANY, TILT -> Lot.between(random, 28, 85);
            case MUCH, LEGS, ARMS -> Lot.between(random, 20, 32);
          };
      double distance = Math.max(1.12 * radius * lens / 18, clear);
      double angle = angle(random, subject, view);
      double height =
          switch (view) {
            case ABOVE -> centre.getY() + distance * Lot.between(random, 0.45, 0.75);
            case BELOW -> around.low() * Lot.between(random, 0.1, 0.5);
            case ANY, FRONT, THREE_QUARTER, SIDE, BACK ->
                Lot.between(random, around.low(), around.high());
          };
      double most = 0.85 * distance;
      height = Math.max(centre.getY() - most, Math.min(height, centre.getY() + most));
      var camera = Camera.around(centre, angle, height, distance, lens, SIZE);
      double merit = Merit.of(wish, subject, camera);
      if (chosen == null || merit > best) {
        chosen = camera;
        best = merit;
        facing = angle;
      }
    }
    var camera = framed(chosen, subject.framed());
    var renderer = new Renderer(camera, Turns.y(facing).applyTo(light));
    Supplier<Drawing> picture =
        () ->
            within
                .map(layer -> Within.of(subject.figure().orElseThrow(), layer))
                .map(renderer::draw)
                .orElseGet(() -> renderer.draw(subject.meshes(), subject.grounded()));
    var seen = new LinkedHashMap<String, Camera.Seen>();
    subject.landmarks().forEach((name, p) -> seen.put(name, camera.see(p)));
    var height =
        subject.grounded() ? OptionalDouble.of(camera.eye().getY()) : OptionalDouble.empty();
    return new Reference(
        picture, seen, height, camera.lens(), Merit.foreshortening(chosen, subject.lengths()));
  }

  private static double angle(SplittableRandom random, Subject subject, View view) {
    var facing = subject.facing();
    if (facing.isEmpty() || !view.asksForSide()) {
      double turn = subject.around().turn();
      return Lot.between(random, -turn, turn);
    }
    var front = facing.get();
    return Math.toDegrees(Math.atan2(front.getX(), front.getZ())) + view.turn(random);
  }

  private static Vector3D centre(List<Vector3D> points) {
    double[] low = {Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE};
    double[] high = {-Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
    for (var p : points) {
      double[] at = p.toArray();
      for (int i = 0; i < at.length; i++) {
        low[i] = Math.min(low[i], at[i]);
        high[i] = Math.max(high[i], at[i]);
      }
    }
    return new Vector3D((low[0] + high[0]) / 2, (low[1] + high[1]) / 2, (low[2] + high[2]) / 2);
  }

  private static double radius(List<Vector3D> points, Vector3D centre) {
    double radius = 0;
    for (var p : points) {
      radius = Math.max(radius, p.distance(centre));
    }
    return radius;
  }

  /** The same look, cropped so that all of it fills the sheet with a margin. */
  private static Camera framed(Camera camera, List<Vector3D> points) {
    double off = 0;
    for (var p : points) {
      var s = camera.see(p);
      off = Math.max(off, Math.max(Math.abs(s.x() - SIZE / 2), Math.abs(s.y() - SIZE / 2)));
    }
    double crop = 0.45 * SIZE / off;
    return new Camera(camera.eye(), camera.target(), camera.lens() * crop, SIZE);
  }
}
