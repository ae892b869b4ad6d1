package humblequill.core.sitting.cabinet;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Turns about the axes, in degrees. */
final class Turns {
  static final Vector3D UP = Vector3D.PLUS_J;
  static final Vector3D DOWN = Vector3D.MINUS_J;
  static final Vector3D FRONT = Vector3D.PLUS_K;

  private Turns() {}

  static Rotation x(double degrees) {
    return about(Vector3D.PLUS_I, degrees);
  }

  static Rotation y(double degrees) {
    return about(Vector3D.PLUS_J, degrees);
  }

  static Rotation z(double degrees) {
    return about(Vector3D.PLUS_K, degrees);
  }

  private static Rotation about(Vector3D axis, double degrees) {
    return new Rotation(axis, Math.toRadians(degrees), RotationConvention.VECTOR_OPERATOR);
  }

  /** The first turn, then the others within it. */
  static Rotation then(Rotation first, Rotation... others) {
    var all = first;
    for (var other : others) {
      all = all.compose(other, RotationConvention.VECTOR_OPERATOR);
    }
    return all;
  }
}
