package humblequill.core.bench;

import humblequill.core.book.picture.Spot;

/** Directions in a picture, in degrees; y runs downward, so clockwise is positive. */
final class Angles {
  private Angles() {}

  /** From −180 to 180. */
  static double wrapped(double degrees) {
    return degrees - 360 * Math.rint(degrees / 360);
  }

  /** From −90 to 90, for lines whose ends may be exchanged. */
  static double halfWrapped(double degrees) {
    return degrees - 180 * Math.rint(degrees / 180);
  }

  static double direction(Spot from, Spot to) {
    return Math.toDegrees(Math.atan2(to.y() - from.y(), to.x() - from.x()));
  }

  /** The nearer of plumb and level, as a multiple of 90°. */
  static double axis(double direction) {
    return 90 * Math.rint(direction / 90);
  }

  /** From the plumb line of what points upward: positive to the right. */
  static double lean(Spot below, Spot above) {
    return Math.toDegrees(Math.atan2(above.x() - below.x(), below.y() - above.y()));
  }
}
