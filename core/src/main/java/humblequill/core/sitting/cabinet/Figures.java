package humblequill.core.sitting.cabinet;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Poses figures. Every figure keeps its joints within their ranges and its parts apart; a standing
 * one has its weight over its feet. The same seed gives the same figure.
 */
public final class Figures {
  private static final int TRIES = 400;
  private static final int BALANCING = 14;
  private static final double MARGIN = 0.008;
  private static final double SEAT_TO_HIP = 0.062;
  private static final double ON_GROUND = 0.025;
  static final double SEAT_BREADTH = 0.30;
  static final double SEAT_DEPTH = 0.26;
  static final double SEAT_BACK = -0.05;

  /** What the figure does. */
  public enum Action {
    /** On both feet, at rest or reaching. */
    STANDING,
    /** On a seat or on the ground. */
    SITTING,
    /** On its back, its front or its side. */
    LYING,
    /** Moving: balance is not kept. */
    ACTION
  }

  /**
   * A posed figure.
   *
   * @param seat height of the seat it sits on; 0 without one
   */
  public record Figure(Skeleton skeleton, Action action, double seat) {}

  private final SplittableRandom random;
  private final Body body;

  private Figures(SplittableRandom random) {
    this.random = random;
    this.body = Body.of(random);
  }

  /** A figure of this kind. */
  public static Figure of(long seed, Action action) {
    var source = new SplittableRandom(seed);
    for (int i = 0; i < TRIES; i++) {
      var figure = new Figures(source.split()).attempt(action);
      if (figure.isPresent() && sound(figure.get())) {
        return figure.get();
      }
    }
    return new Figure(upright(), Action.STANDING, 0);
  }

  /** Whether a figure could be: joints in range, parts apart, weight over the feet it stands on. */
  static boolean sound(Figure f) {
    return f.skeleton().posture().allowed()
        && Flesh.apart(f.skeleton())
        && Flesh.bars(f.skeleton()).stream().allMatch(b -> b.low() > -ON_GROUND)
        && besideSeat(f)
        && (f.action() != Action.STANDING || Balance.stands(f.skeleton(), MARGIN / 2));
  }

  /** Whether the arms keep out of the seat. */
  private static boolean besideSeat(Figure f) {
    return f.skeleton().arms().values().stream()
        .flatMap(a -> Stream.of(a.elbow(), a.wrist(), a.tip()))
        .noneMatch(
            p ->
                p.getY() < f.seat()
                    && Math.abs(p.getX()) < SEAT_BREADTH / 2
                    && Math.abs(p.getZ() - SEAT_BACK) < SEAT_DEPTH / 2);
  }

  /** The neutral pose, with arms a little off the body. */
  static Skeleton upright() {
    var posture = new Posture();
    for (var side : Side.values()) {
      posture.set(Motion.SHOULDER_OUT, side, 10);
    }
    var root = new Skeleton.Frame(new Vector3D(0, Body.AVERAGE.hipHeight(), 0), Turns.y(0));
    return Skeleton.posed(Body.AVERAGE, root, posture, Map.of()).orElseThrow();
  }

  private Optional<Figure> attempt(Action action) {
    return switch (action) {
      case STANDING -> standing().map(s -> new Figure(s, action, 0));
      case SITTING -> sitting();
      case LYING -> lying().map(s -> new Figure(s, action, 0));
      case ACTION -> moving().map(s -> new Figure(s, action, 0));
    };
  }

  private double between(double from, double to) {
    return from + (to - from) * random.nextDouble();
  }

  private boolean chance(double share) {
    return random.nextDouble() < share;
  }

  private Optional<Skeleton> standing() {
    double width = between(0.07, 0.26);
    double step = between(-0.13, 0.13);
    double shift = between(-1, 1);
    double drop = 9 * shift * between(0.3, 1);
    boolean crouched = chance(0.2);
    double bend = crouched ? between(40, 105) : between(3, 12);
    double stoop = crouched ? between(15, 50) : between(-8, 14);
    var posture = new Posture();
    posture.set(Motion.TRUNK_FLEX, stoop);
    posture.set(Motion.TRUNK_SIDE, -drop * between(1, 1.9));
    posture.set(Motion.TRUNK_TURN, between(-28, 28));
    head(posture, crouched ? -25 : 0);
    arms(posture);
    var stands = new EnumMap<Side, Skeleton.Stand>(Side.class);
    for (var side : Side.values()) {
      var ankle = new Vector3D(side.sign() * width / 2, body.ankleHeight(), side.sign() * step / 2);
      stands.put(side, new Skeleton.Stand(ankle, side.sign() * between(2, 28)));
    }
    var turn =
        Turns.then(
            Turns.y(between(-14, 14)),
            Turns.x(crouched ? between(5, 25) : between(-6, 8)),
            Turns.z(drop));
    double weight = 0.5 + 0.38 * shift;
    var target =
        stands
            .get(Side.LEFT)
            .ankle()
            .scalarMultiply(weight)
            .add(stands.get(Side.RIGHT).ankle().scalarMultiply(1 - weight))
            .add(new Vector3D(0, 0, 0.03));
    return balanced(posture, stands, new Skeleton.Frame(target, turn), target, bend);
  }

  /** Moves the hips until the weight is over the feet; a leg bends as much as the hips are low. */
  private Optional<Skeleton> balanced(
      Posture posture,
      Map<Side, Skeleton.Stand> stands,
      Skeleton.Frame begin,
      Vector3D target,
      double bend) {
    var hips = begin.at();
    Optional<Skeleton> best = Optional.empty();
    for (int i = 0; i < BALANCING; i++) {
      hips = new Vector3D(hips.getX(), height(begin, hips, stands, bend), hips.getZ());
      var posed = Skeleton.posed(body, new Skeleton.Frame(hips, begin.turn()), posture, stands);
      if (posed.isEmpty()) {
        return Optional.empty();
      }
      if (Balance.stands(posed.get(), MARGIN)) {
        best = posed;
        if (Balance.centre(posed.get()).subtract(target).getX() < MARGIN) {
          return best;
        }
      }
      var off = target.subtract(Balance.centre(posed.get()));
      hips = hips.add(new Vector3D(0.8 * off.getX(), 0, 0.8 * off.getZ()));
    }
    return best;
  }

  /** The height of the hips at which the straighter leg is bent as asked. */
  private double height(
      Skeleton.Frame root, Vector3D hips, Map<Side, Skeleton.Stand> stands, double bend) {
    double a = body.thigh();
    double b = body.shank();
    double reach = Math.sqrt(a * a + b * b + 2 * a * b * Math.cos(Math.toRadians(bend)));
    double height = Double.MAX_VALUE;
    for (var side : Side.values()) {
      var hip = root.turn().applyTo(new Vector3D(side.sign() * body.hipJoint(), 0, 0)).add(hips);
      var ankle = stands.get(side).ankle();
      double aside = Math.hypot(hip.getX() - ankle.getX(), hip.getZ() - ankle.getZ());
      double up = Math.sqrt(Math.max(0, reach * reach - aside * aside));
      height = Math.min(height, ankle.getY() + up - (hip.getY() - hips.getY()));
    }
    return height;
  }

  private void head(Posture posture, double flex) {
    posture.set(Motion.NECK_TURN, between(-45, 45));
    posture.set(Motion.NECK_FLEX, flex + between(-18, 22));
    posture.set(Motion.NECK_SIDE, between(-14, 14));
  }

  private void arms(Posture posture) {
    for (var side : Side.values()) {
      switch (random.nextInt(6)) {
        case 0 ->
            arm(posture, side, between(-15, 20), between(6, 18), between(-10, 20), between(5, 40));
        case 1 ->
            arm(
                posture,
                side,
                between(-25, 5),
                between(35, 55),
                between(-60, -35),
                between(85, 110));
        case 2 ->
            arm(posture, side, between(100, 170), between(0, 35), between(-20, 40), between(5, 70));
        case 3 ->
            arm(posture, side, between(35, 95), between(0, 30), between(-20, 20), between(10, 100));
        case 4 ->
            arm(
                posture,
                side,
                between(20, 55),
                between(5, 25),
                between(-65, -20),
                between(80, 135));
        default ->
            arm(posture, side, between(-20, 20), between(50, 88), between(-20, 60), between(5, 80));
      }
      posture.set(Motion.FOREARM, side, between(-65, 35));
      posture.set(Motion.WRIST, side, between(-25, 35));
      posture.grip(side, Grip.of(random));
    }
  }

  private static void arm(
      Posture posture, Side side, double flex, double out, double turn, double elbow) {
    posture.set(Motion.SHOULDER_FLEX, side, flex);
    posture.set(Motion.SHOULDER_OUT, side, out);
    posture.set(Motion.SHOULDER_TURN, side, turn);
    posture.set(Motion.ELBOW, side, elbow);
  }

  private Optional<Figure> sitting() {
    boolean onGround = chance(0.3);
    double seat = onGround ? 0 : between(0.2, 0.29);
    var posture = new Posture();
    posture.set(Motion.TRUNK_FLEX, between(0, 40));
    posture.set(Motion.TRUNK_SIDE, between(-14, 14));
    posture.set(Motion.TRUNK_TURN, between(-30, 30));
    head(posture, -5);
    arms(posture);
    var stands = new EnumMap<Side, Skeleton.Stand>(Side.class);
    for (var side : Side.values()) {
      double ahead = onGround ? between(0.26, 0.44) : between(0.16, 0.38);
      stands.put(
          side,
          new Skeleton.Stand(
              new Vector3D(side.sign() * between(0.05, 0.16), body.ankleHeight(), ahead),
              side.sign() * between(0, 25)));
    }
    var hips = new Vector3D(0, seat + SEAT_TO_HIP * body.girth(), 0);
    var root =
        new Skeleton.Frame(hips, Turns.then(Turns.y(between(-10, 10)), Turns.x(between(-18, 12))));
    return Skeleton.posed(body, root, posture, stands)
        .map(s -> new Figure(s, Action.SITTING, seat));
  }

  private Optional<Skeleton> lying() {
    var posture = new Posture();
    posture.set(Motion.TRUNK_FLEX, between(-6, 12));
    posture.set(Motion.TRUNK_SIDE, between(-15, 15));
    posture.set(Motion.TRUNK_TURN, between(-18, 18));
    head(posture, 5);
    arms(posture);
    double roll =
        switch (random.nextInt(4)) {
          case 0, 1 -> between(-12, 12);
          case 2 -> between(70, 110) * (chance(0.5) ? 1 : -1);
          default -> 180 + between(-10, 10);
        };
    for (var side : Side.values()) {
      boolean drawnUp = chance(0.5);
      posture.set(Motion.HIP_FLEX, side, drawnUp ? between(25, 75) : between(-5, 15));
      posture.set(Motion.HIP_OUT, side, between(-2, 22));
      posture.set(Motion.HIP_TURN, side, between(-15, 25));
      posture.set(Motion.KNEE, side, drawnUp ? between(50, 120) : between(0, 20));
      posture.set(Motion.ANKLE, side, between(-40, 0));
    }
    var root = new Skeleton.Frame(Vector3D.ZERO, Turns.then(Turns.x(-90), Turns.y(roll)));
    return Skeleton.posed(body, root, posture, Map.of())
        .map(this::settled)
        .filter(s -> Flesh.bars(s).subList(0, 2).stream().allMatch(b -> b.low() < 2 * ON_GROUND));
  }

  private Optional<Skeleton> moving() {
    var posture = new Posture();
    posture.set(Motion.TRUNK_FLEX, between(-18, 40));
    posture.set(Motion.TRUNK_SIDE, between(-25, 25));
    posture.set(Motion.TRUNK_TURN, between(-40, 40));
    head(posture, -8);
    arms(posture);
    var front = chance(0.5) ? Side.LEFT : Side.RIGHT;
    for (var side : Side.values()) {
      boolean ahead = side == front;
      posture.set(Motion.HIP_FLEX, side, ahead ? between(35, 110) : between(-28, 15));
      posture.set(Motion.HIP_OUT, side, between(-5, 30));
      posture.set(Motion.HIP_TURN, side, between(-15, 25));
      posture.set(Motion.KNEE, side, ahead ? between(15, 115) : between(5, 95));
      posture.set(Motion.ANKLE, side, between(-40, 12));
    }
    double jump = chance(0.25) ? between(0.03, 0.18) : 0;
    var root =
        new Skeleton.Frame(
            Vector3D.ZERO,
            Turns.then(
                Turns.y(between(-20, 20)), Turns.x(between(-12, 30)), Turns.z(between(-14, 14))));
    return Skeleton.posed(body, root, posture, Map.of())
        .map(s -> settled(s).moved(new Vector3D(0, jump, 0)));
  }

  /** Lowers or lifts a figure until its lowest part touches the ground. */
  private Skeleton settled(Skeleton s) {
    double low = Flesh.bars(s).stream().mapToDouble(Flesh.Bar::low).min().orElse(0);
    return s.moved(new Vector3D(0, -low, 0));
  }
}
