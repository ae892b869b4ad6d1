package humblequill.core.sitting.cabinet;

import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Legs whose feet stand: the knee goes where thigh and shank meet, towards the toes. */
final class Planted {
  private static final double STRAIGHT = 1e-3;

  private Planted() {}

  /** The leg, and its joints into the posture; empty when it does not reach. */
  static Optional<Skeleton.Leg> leg(
      Body body, Skeleton.Frame root, Posture posture, Side side, Skeleton.Stand stand) {
    var hip = root.out(side.sign() * body.hipJoint(), 0, 0);
    var foot = Turns.y(stand.toesOut());
    var way = stand.ankle().subtract(hip);
    double reach = way.getNorm();
    double a = body.thigh();
    double b = body.shank();
    if (reach > a + b || reach < Math.abs(a - b) + STRAIGHT) {
      return Optional.empty();
    }
    var along = way.normalize();
    var toes = foot.applyTo(Turns.FRONT);
    var forward = toes.subtract(along.scalarMultiply(toes.dotProduct(along)));
    if (forward.getNorm() < STRAIGHT) {
      return Optional.empty();
    }
    double onWay = (a * a - b * b + reach * reach) / (2 * reach);
    double aside = Math.sqrt(Math.max(0, a * a - onWay * onWay));
    var knee = hip.add(along.scalarMultiply(onWay)).add(forward.normalize().scalarMultiply(aside));
    var upper = joints(root, posture, side, knee.subtract(hip), stand.ankle().subtract(knee));
    var lower = Turns.then(upper, Turns.x(posture.of(Motion.KNEE, side)));
    var toesLocal = lower.applyInverseTo(toes);
    posture.set(Motion.ANKLE, side, Math.toDegrees(Math.atan2(toesLocal.getY(), toesLocal.getZ())));
    return Optional.of(new Skeleton.Leg(hip, knee, stand.ankle(), upper, lower, foot));
  }

  /** Reads flexion, outward, turn and the knee's bend off the directions of thigh and shank. */
  private static Rotation joints(
      Skeleton.Frame root, Posture posture, Side side, Vector3D thigh, Vector3D shank) {
    var d = root.turn().applyInverseTo(thigh.normalize());
    double out = Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, d.getX()))));
    double flex = Math.toDegrees(Math.atan2(d.getZ(), -d.getY()));
    var swung = Turns.then(root.turn(), Turns.x(-flex), Turns.z(out));
    var e = swung.applyInverseTo(shank.normalize());
    double bend = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, -e.getY()))));
    double turn =
        Math.hypot(e.getX(), e.getZ()) < STRAIGHT
            ? 0
            : Math.toDegrees(Math.atan2(-e.getX(), -e.getZ()));
    posture.set(Motion.HIP_FLEX, side, flex);
    posture.set(Motion.HIP_OUT, side, side.sign() * out);
    posture.set(Motion.HIP_TURN, side, side.sign() * turn);
    posture.set(Motion.KNEE, side, bend);
    return swung.compose(Turns.y(turn), RotationConvention.VECTOR_OPERATOR);
  }
}
