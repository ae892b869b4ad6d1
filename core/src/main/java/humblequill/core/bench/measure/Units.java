package humblequill.core.bench.measure;

import humblequill.core.book.picture.Spot;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/** Comparative measuring: any length of a picture is the unit of all others. */
public final class Units {
  private Units() {}

  /**
   * How many units a length has.
   *
   * @throws IllegalArgumentException if the unit has no length
   */
  public static double count(Spot unitFrom, Spot unitTo, Spot from, Spot to) {
    double unit = distance(unitFrom, unitTo);
    if (unit == 0) {
      throw new InvalidException(Message.of("bench.unitWithoutLength"));
    }
    return distance(from, to) / unit;
  }

  private static double distance(Spot a, Spot b) {
    return Math.hypot(a.x() - b.x(), a.y() - b.y());
  }
}
