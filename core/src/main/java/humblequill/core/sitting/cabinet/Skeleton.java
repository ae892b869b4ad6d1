package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A posed figure: where every joint is, and how every part is turned.
 *
 * @param body its build
 * @param posture its joints; those of planted legs follow from where the feet stand
 * @param spine points and turns along the spine, from the hips to the shoulder line
 * @param head turn of the head
 * @param headJoint where the head sits
 * @param arms by side
 * @param legs by side
 */
public record Skeleton(
    Body body,
    Posture posture,
    List<Frame> spine,
    Rotation head,
    Vector3D headJoint,
    Map<Side, Arm> arms,
    Map<Side, Leg> legs) {
  static final int SPINE_STEPS = 24;
  private static final double BEND_FROM = 0.15;
  private static final double BEND_TO = 0.75;
  private static final double CHIN_DROP = 0.02;
  private static final double HEEL = 0.042;

  /** A place with a turn. */
  public record Frame(Vector3D at, Rotation turn) {
    Vector3D out(double x, double y, double z) {
      return at.add(turn.applyTo(new Vector3D(x, y, z)));
    }
  }

  /**
   * An arm, from the shoulder to the fingertips.
   *
   * @param twist degrees about its length that the forearm turns from the elbow to the wrist
   * @param hand turn of the hand: fingers down, the palm to the front, the thumb outside
   */
  public record Arm(
      Vector3D shoulder,
      Vector3D elbow,
      Vector3D wrist,
      Vector3D tip,
      Rotation upper,
      Rotation lower,
      double twist,
      Rotation hand) {}

  /** A leg, from the hip to the toes. */
  public record Leg(
      Vector3D hip, Vector3D knee, Vector3D ankle, Rotation upper, Rotation lower, Rotation foot) {
    /** A point of the foot's frame; the sole lies an ankle's height below. */
    Vector3D footPoint(double x, double y, double z) {
      return ankle.add(foot.applyTo(new Vector3D(x, y, z)));
    }
  }

  /**
   * Where a foot stands.
   *
   * @param ankle place of the ankle
   * @param toesOut degrees that the toes point to the left of z
   */
  record Stand(Vector3D ankle, double toesOut) {}

  /**
   * Poses a figure.
   *
   * @param root the middle between the hips and its turn
   * @param stands feet that stand somewhere; the others follow the posture
   * @return empty when a leg does not reach its stand
   */
  static Optional<Skeleton> posed(Body body, Frame root, Posture posture, Map<Side, Stand> stands) {
    var spine = spine(body, root, posture);
    var top = spine.get(spine.size() - 1);
    var neck =
        Turns.then(
            top.turn(),
            Turns.y(posture.of(Motion.NECK_TURN) / 2),
            Turns.x(posture.of(Motion.NECK_FLEX) / 2),
            Turns.z(-posture.of(Motion.NECK_SIDE) / 2));
    var headJoint = top.at().add(neck.applyTo(new Vector3D(0, body.neck() + CHIN_DROP, 0)));
    var head =
        Turns.then(
            neck,
            Turns.y(posture.of(Motion.NECK_TURN) / 2),
            Turns.x(posture.of(Motion.NECK_FLEX) / 2),
            Turns.z(-posture.of(Motion.NECK_SIDE) / 2));
    var arms = new EnumMap<Side, Arm>(Side.class);
    var legs = new EnumMap<Side, Leg>(Side.class);
    for (var side : Side.values()) {
      arms.put(side, arm(body, top, posture, side));
      var stand = stands.get(side);
      var leg =
          stand == null
              ? Optional.of(leg(body, root, posture, side))
              : Planted.leg(body, root, posture, side, stand);
      if (leg.isEmpty()) {
        return Optional.empty();
      }
      legs.put(side, leg.get());
    }
    return Optional.of(new Skeleton(body, posture, spine, head, headJoint, arms, legs));
  }

  /** Bends evenly between the pelvis and the rib cage; every step keeps its length. */
  private static List<Frame> spine(Body body, Frame root, Posture p) {
    var frames = new ArrayList<Frame>();
    var at = root.at();
    double step = body.trunk() / SPINE_STEPS;
    for (int i = 0; i <= SPINE_STEPS; i++) {
      double t = (double) i / SPINE_STEPS;
      double bent = Math.max(0, Math.min(1, (t - BEND_FROM) / (BEND_TO - BEND_FROM)));
      var turn =
          Turns.then(
              root.turn(),
              Turns.y(bent * p.of(Motion.TRUNK_TURN)),
              Turns.x(bent * p.of(Motion.TRUNK_FLEX)),
              Turns.z(-bent * p.of(Motion.TRUNK_SIDE)));
      frames.add(new Frame(at, turn));
      at = at.add(turn.applyTo(new Vector3D(0, step, 0)));
    }
    return frames;
  }

  private static Arm arm(Body body, Frame top, Posture p, Side side) {
    var shoulder = top.out(side.sign() * body.shoulderHalf(), 0, 0);
    var upper =
        Turns.then(
            top.turn(),
            Turns.x(-p.of(Motion.SHOULDER_FLEX, side)),
            Turns.z(side.sign() * p.of(Motion.SHOULDER_OUT, side)),
            Turns.y(side.sign() * p.of(Motion.SHOULDER_TURN, side)));
    var elbow = shoulder.add(upper.applyTo(Turns.DOWN).scalarMultiply(body.upperArm()));
    var lower = Turns.then(upper, Turns.x(-p.of(Motion.ELBOW, side)));
    var wrist = elbow.add(lower.applyTo(Turns.DOWN).scalarMultiply(body.forearm()));
    double twist = -side.sign() * (90 - p.of(Motion.FOREARM, side));
    var hand = Turns.then(lower, Turns.y(twist), Turns.x(-p.of(Motion.WRIST, side)));
    var tip = wrist.add(hand.applyTo(Turns.DOWN).scalarMultiply(body.hand()));
    return new Arm(shoulder, elbow, wrist, tip, upper, lower, twist, hand);
  }

  private static Leg leg(Body body, Frame root, Posture p, Side side) {
    var hip = root.out(side.sign() * body.hipJoint(), 0, 0);
    var upper =
        Turns.then(
            root.turn(),
            Turns.x(-p.of(Motion.HIP_FLEX, side)),
            Turns.z(side.sign() * p.of(Motion.HIP_OUT, side)),
            Turns.y(side.sign() * p.of(Motion.HIP_TURN, side)));
    var knee = hip.add(upper.applyTo(Turns.DOWN).scalarMultiply(body.thigh()));
    var lower = Turns.then(upper, Turns.x(p.of(Motion.KNEE, side)));
    var ankle = knee.add(lower.applyTo(Turns.DOWN).scalarMultiply(body.shank()));
    var foot = Turns.then(lower, Turns.x(-p.of(Motion.ANKLE, side)));
    return new Leg(hip, knee, ankle, upper, lower, foot);
  }

  /** The same figure elsewhere. */
  Skeleton moved(Vector3D by) {
    var movedArms = new EnumMap<Side, Arm>(Side.class);
    arms.forEach(
        (side, a) ->
            movedArms.put(
                side,
                new Arm(
                    a.shoulder.add(by),
                    a.elbow.add(by),
                    a.wrist.add(by),
                    a.tip.add(by),
                    a.upper,
                    a.lower,
                    a.twist,
                    a.hand)));
    var movedLegs = new EnumMap<Side, Leg>(Side.class);
    legs.forEach(
        (side, l) ->
            movedLegs.put(
                side,
                new Leg(l.hip.add(by), l.knee.add(by), l.ankle.add(by), l.upper, l.lower, l.foot)));
    return new Skeleton(
        body,
        posture,
        spine.stream().map(f -> new Frame(f.at().add(by), f.turn())).toList(),
        head,
        headJoint.add(by),
        movedArms,
        movedLegs);
  }

  /** A point of the spine, 0 at the hips to 1 at the shoulder line. */
  Frame spineAt(double t) {
    return spine.get((int) Math.round(t * SPINE_STEPS));
  }

  /** A point of the head, from where it sits. */
  Vector3D headPoint(double x, double y, double z) {
    return headJoint.add(head.applyTo(new Vector3D(x, y, z)));
  }

  /** Heel and toe corners of a foot, on its sole. */
  List<Vector3D> sole(Side side) {
    double half = body.footBreadth() / 2;
    double toe = body.foot() - HEEL;
    double y = -body.ankleHeight();
    var leg = legs.get(side);
    return List.of(
        leg.footPoint(-half * 0.7, y, -HEEL),
        leg.footPoint(half * 0.7, y, -HEEL),
        leg.footPoint(half, y, toe * 0.7),
        leg.footPoint(half * 0.3, y, toe),
        leg.footPoint(-half, y, toe * 0.7));
  }

  /** The fifteen points. */
  public Map<Landmark, Vector3D> landmarks() {
    var points = new EnumMap<Landmark, Vector3D>(Landmark.class);
    points.put(Landmark.HEAD_TOP, headPoint(0, body.head() - CHIN_DROP, 0));
    points.put(Landmark.CHIN, headPoint(0, -CHIN_DROP, 0.04));
    points.put(Landmark.NECK_PIT, spineAt(1).out(0, 0, 0.03 * body.girth()));
    for (var side : Side.values()) {
      boolean left = side == Side.LEFT;
      var arm = arms.get(side);
      var leg = legs.get(side);
      points.put(left ? Landmark.LEFT_SHOULDER : Landmark.RIGHT_SHOULDER, arm.shoulder());
      points.put(left ? Landmark.LEFT_ELBOW : Landmark.RIGHT_ELBOW, arm.elbow());
      points.put(left ? Landmark.LEFT_WRIST : Landmark.RIGHT_WRIST, arm.wrist());
      points.put(left ? Landmark.LEFT_HIP : Landmark.RIGHT_HIP, leg.hip());
      points.put(left ? Landmark.LEFT_KNEE : Landmark.RIGHT_KNEE, leg.knee());
      points.put(left ? Landmark.LEFT_ANKLE : Landmark.RIGHT_ANKLE, leg.ankle());
    }
    return points;
  }
}
