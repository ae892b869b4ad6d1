package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * What a reference shows, as it stands in space, before an eye looks at it.
 *
 * @param meshes its surfaces
 * @param landmarks named points of what is looked at
 * @param lengths pairs of ends of its long parts
 * @param framed points that the picture holds; what lies beyond runs out of it
 * @param around where the eye may stand
 * @param grounded whether it stands on ground that takes its shadow
 * @param figure how it is posed; empty for what is no figure
 * @param facing where its front points to; empty for what has none
 */
record Subject(
    List<Mesh> meshes,
    Map<String, Vector3D> landmarks,
    List<Vector3D[]> lengths,
    List<Vector3D> framed,
    Around around,
    boolean grounded,
    Optional<Skeleton> figure,
    Optional<Vector3D> facing) {

  /**
   * Where the eye may stand.
   *
   * @param turn degrees to either side of the front
   * @param low lowest eye
   * @param high highest eye
   */
  record Around(double turn, double low, double high) {}

  /** Feet nearer to each other than this, in statures, are one picture. */
  private static final double CLOSE = 0.22;

  /** A hand this far from the middle, in statures, leaves the trunk to be seen. */
  private static final double ASIDE = 0.16;

  private static final int TRIES = 40;

  private static final Around FIGURE = new Around(180, 0.18, 1.25);

  static Subject of(SplittableRandom random, Reference.Kind kind) {
    return switch (kind) {
      case STANDING, SITTING, LYING, ACTION -> figure(random, kind);
      case TORSO -> torso(random);
      case HAND -> hand(random);
      case FOOT -> feet(random);
      case BOX, CYLINDER, CONE, HEAD, HULL -> solids(random, kind);
    };
  }

  /** All points of its surfaces. */
  List<Vector3D> points() {
    return pointsOf(meshes);
  }

  private static List<Vector3D> pointsOf(List<Mesh> meshes) {
    return meshes.stream().flatMap(m -> Arrays.stream(m.points())).toList();
  }

  private static String name(Enum<?> name) {
    return name.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  private static Subject figure(SplittableRandom random, Reference.Kind kind) {
    var figure = Figures.of(random.nextLong(), Figures.Action.valueOf(kind.name()));
    var skeleton = figure.skeleton();
    var meshes = new ArrayList<>(seat(figure));
    meshes.addAll(FigureMesh.of(skeleton));
    var marks = new LinkedHashMap<String, Vector3D>();
    skeleton.landmarks().forEach((l, p) -> marks.put(name(l), p));
    var lengths = new ArrayList<Vector3D[]>();
    for (var side : Side.values()) {
      var arm = skeleton.arms().get(side);
      var leg = skeleton.legs().get(side);
      lengths.add(new Vector3D[] {arm.shoulder(), arm.elbow()});
      lengths.add(new Vector3D[] {arm.elbow(), arm.wrist()});
      lengths.add(new Vector3D[] {leg.hip(), leg.knee()});
      lengths.add(new Vector3D[] {leg.knee(), leg.ankle()});
    }
    lengths.add(trunk(skeleton));
    var facing = kind.hasFront() ? Optional.of(facing(skeleton)) : Optional.<Vector3D>empty();
    return new Subject(
        meshes, marks, lengths, pointsOf(meshes), FIGURE, true, Optional.of(skeleton), facing);
  }

  /** Where the chest points to. */
  private static Vector3D facing(Skeleton s) {
    return s.spineAt(1).turn().applyTo(Turns.FRONT);
  }

  private static Vector3D[] trunk(Skeleton s) {
    return new Vector3D[] {s.spineAt(0).at(), s.spineAt(1).at()};
  }

  private static List<Mesh> seat(Figures.Figure figure) {
    return figure.seat() == 0
        ? List.of()
        : Solids.box(Figures.SEAT_BREADTH, figure.seat(), Figures.SEAT_DEPTH)
            .placed(Turns.y(0), new Vector3D(0, figure.seat() / 2, Figures.SEAT_BACK))
            .parts();
  }

  /** A trunk as figures hold it, of a kind drawn by lot; limbs and head run out of the picture. */
  private static Subject torso(SplittableRandom random) {
    var actions = Figures.Action.values();
    var figure = Figures.of(random.nextLong(), actions[random.nextInt(actions.length)]);
    for (int i = 0; i < TRIES && !open(figure.skeleton()); i++) {
      figure = Figures.of(random.nextLong(), actions[random.nextInt(actions.length)]);
    }
    var s = figure.skeleton();
    var meshes = new ArrayList<>(seat(figure));
    meshes.addAll(FigureMesh.of(s));
    var marks = new LinkedHashMap<String, Vector3D>();
    for (var l :
        List.of(
            Landmark.CHIN,
            Landmark.NECK_PIT,
            Landmark.LEFT_SHOULDER,
            Landmark.RIGHT_SHOULDER,
            Landmark.LEFT_HIP,
            Landmark.RIGHT_HIP)) {
      marks.put(name(l), s.landmarks().get(l));
    }
    double front = 0.06 * s.body().girth();
    marks.put("end of the breastbone", s.spineAt(0.6).out(0, 0, front));
    marks.put("navel", s.spineAt(0.3).out(0, 0, front));
    var framed = new ArrayList<>(pointsOf(List.of(FigureMesh.trunk(s))));
    framed.addAll(marks.values());
    var lengths =
        List.of(
            trunk(s),
            new Vector3D[] {marks.get("left shoulder"), marks.get("right shoulder")},
            new Vector3D[] {marks.get("left hip"), marks.get("right hip")});
    return new Subject(
        meshes, marks, lengths, framed, FIGURE, true, Optional.empty(), Optional.empty());
  }

  /** Whether no hand is held before the trunk. */
  private static boolean open(Skeleton s) {
    var chest = s.spineAt(1);
    return s.arms().values().stream()
        .flatMap(arm -> Stream.of(arm.wrist(), arm.tip()))
        .map(p -> chest.turn().applyInverseTo(p.subtract(chest.at())))
        .noneMatch(p -> p.getZ() > 0 && p.getY() < 0.05 && Math.abs(p.getX()) < ASIDE);
  }

  /** One hand and its forearm, turned any way. */
  private static Subject hand(SplittableRandom random) {
    var side = random.nextBoolean() ? Side.LEFT : Side.RIGHT;
    var posture = new Posture().grip(side, Grip.of(random));
    posture.set(Motion.FOREARM, side, Lot.between(random, -70, 70));
    posture.set(Motion.WRIST, side, Lot.between(random, -45, 50));
    var pose =
        Skeleton.posed(
                Body.of(random), new Skeleton.Frame(Vector3D.ZERO, Turns.y(0)), posture, Map.of())
            .orElseThrow();
    // The elbow never lies before the hand, where the forearm would hide it.
    var turn =
        Turns.then(
            Turns.y(Lot.between(random, -90, 90)),
            Turns.x(Lot.between(random, -160, 0)),
            Turns.y(Lot.between(random, -180, 180)));
    var hand = FigureMesh.hand(pose, side);
    var solid = new Solids.Solid(hand.parts(), hand.landmarks()).placed(turn, Vector3D.ZERO);
    var arm = pose.arms().get(side);
    var forearm =
        new Solids.Solid(
                List.of(FigureMesh.forearm(arm, pose.body().girth())),
                Map.of("elbow", arm.elbow(), "wrist", arm.wrist(), "tip", arm.tip()))
            .placed(turn, Vector3D.ZERO);
    var meshes = new ArrayList<>(forearm.parts());
    meshes.addAll(solid.parts());
    var wrist = forearm.landmarks().get("wrist");
    var elbow = forearm.landmarks().get("elbow");
    var framed = new ArrayList<>(pointsOf(solid.parts()));
    framed.add(wrist.scalarMultiply(0.75).add(elbow.scalarMultiply(0.25)));
    var lengths =
        List.of(
            new Vector3D[] {elbow, wrist}, new Vector3D[] {wrist, forearm.landmarks().get("tip")});
    double middle = framed.stream().mapToDouble(Vector3D::getY).average().orElseThrow();
    var around = new Around(35, middle - 0.1, middle + 0.1);
    return new Subject(
        meshes,
        solid.landmarks(),
        lengths,
        framed,
        around,
        false,
        Optional.empty(),
        Optional.empty());
  }

  /** A foot of a figure, or both where they stand close, with what is seen of the shanks. */
  private static Subject feet(SplittableRandom random) {
    var actions = List.of(Figures.Action.STANDING, Figures.Action.SITTING, Figures.Action.ACTION);
    var figure = Figures.of(random.nextLong(), actions.get(random.nextInt(actions.size())));
    var s = figure.skeleton();
    var left = s.legs().get(Side.LEFT).ankle();
    var right = s.legs().get(Side.RIGHT).ankle();
    var shown =
        left.distance(right) < CLOSE
            ? List.of(Side.values())
            : List.of(left.getY() < right.getY() ? Side.LEFT : Side.RIGHT);
    var meshes = new ArrayList<Mesh>();
    var marks = new LinkedHashMap<String, Vector3D>();
    var lengths = new ArrayList<Vector3D[]>();
    var framed = new ArrayList<Vector3D>();
    var facing = Optional.<Vector3D>empty();
    for (var side : shown) {
      var leg = s.legs().get(side);
      var foot = new Foot(leg, side, s.body().ankleHeight());
      var prefix = shown.size() == 1 ? "" : name(side) + " foot, ";
      meshes.addAll(FigureMesh.lowerLeg(s, side));
      framed.addAll(pointsOf(foot.parts()));
      framed.add(leg.ankle().scalarMultiply(0.75).add(leg.knee().scalarMultiply(0.25)));
      foot.landmarks().forEach((name, p) -> marks.put(prefix + name, p));
      lengths.add(new Vector3D[] {leg.knee(), leg.ankle()});
      var heel = foot.landmarks().get("heel");
      var toe = foot.landmarks().get("tip of the big toe");
      lengths.add(new Vector3D[] {heel, toe});
      facing = Optional.of(toe.subtract(heel));
    }
    var around = new Around(180, 0.1, 1.0);
    return new Subject(meshes, marks, lengths, framed, around, true, Optional.empty(), facing);
  }

  private static Subject solids(SplittableRandom random, Reference.Kind kind) {
    var meshes = new ArrayList<Mesh>();
    var marks = new LinkedHashMap<String, Vector3D>();
    var axes = new ArrayList<Vector3D[]>();
    boolean head = kind == Reference.Kind.HEAD;
    boolean hull = kind == Reference.Kind.HULL;
    boolean several = !head && !hull;
    int count = several ? 1 + random.nextInt(3) : 1;
    var front = Turns.FRONT;
    for (int i = 0; i < count; i++) {
      var solid = one(random, kind);
      boolean tilted = several && random.nextInt(3) > 0;
      double round = Lot.between(random, 0, 360);
      double nod = tilted ? Lot.between(random, -70, 70) : head ? Lot.between(random, -22, 22) : 0;
      double lean =
          tilted
              ? Lot.between(random, -70, 70)
              : head ? Lot.between(random, -14, 14) : hull ? Lot.between(random, -8, 8) : 0;
      var turn = Turns.then(Turns.y(round), Turns.x(nod), Turns.z(lean));
      var turned = solid.placed(turn, Vector3D.ZERO);
      double angle = Math.toRadians(Lot.between(random, 0, 40) + 360.0 * i / count);
      double away = count == 1 ? 0 : 0.85;
      var at = new Vector3D(away * Math.sin(angle), -turned.low(), away * Math.cos(angle));
      var placed = turned.placed(Turns.y(0), at);
      meshes.addAll(placed.parts());
      var prefix = count == 1 ? "" : (i + 1) + " ";
      placed.landmarks().forEach((name, p) -> marks.put(prefix + name, p));
      axes.add(new Vector3D[] {at, at.add(turn.applyTo(hull ? Turns.FRONT : Turns.UP))});
      front = turn.applyTo(Turns.FRONT);
    }
    var around =
        switch (kind) {
          case HEAD -> new Around(105, 0.25, 1.6);
          case HULL -> new Around(180, 0.55, 1.6);
          case BOX, CYLINDER, CONE -> new Around(180, 0.05, 1.9);
          case STANDING, SITTING, LYING, ACTION, TORSO, HAND, FOOT -> throw noSolid(kind);
        };
    var facing = several ? Optional.<Vector3D>empty() : Optional.of(front);
    return new Subject(
        meshes, marks, axes, pointsOf(meshes), around, true, Optional.empty(), facing);
  }

  private static Solids.Solid one(SplittableRandom random, Reference.Kind kind) {
    return switch (kind) {
      case BOX ->
          Solids.box(
              Lot.between(random, 0.4, 1),
              Lot.between(random, 0.4, 1),
              Lot.between(random, 0.4, 1));
      case CYLINDER -> {
        double r = Lot.between(random, 0.18, 0.42);
        yield Solids.turned(r, r, Lot.between(random, 0.5, 1.2));
      }
      case CONE ->
          Solids.turned(Lot.between(random, 0.25, 0.45), 0.0005, Lot.between(random, 0.6, 1.2));
      case HEAD ->
          PlaneHead.of(
              Lot.between(random, 0.92, 1.08),
              Lot.between(random, 0.86, 1.1),
              Lot.between(random, 0.94, 1.06));
      case HULL -> Boat.of(Lot.between(random, 0.28, 0.42), Lot.between(random, 0.06, 0.16));
      case STANDING, SITTING, LYING, ACTION, TORSO, HAND, FOOT -> throw noSolid(kind);
    };
  }

  private static IllegalArgumentException noSolid(Reference.Kind kind) {
    return new IllegalArgumentException(kind + " is no solid");
  }
}
