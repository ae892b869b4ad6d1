package humblequill.core.bench;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/**
 * What is still taken as true. Common practice, no published source.
 *
 * @param degrees of a tilt or lean
 * @param length share by which a length may differ, as 0.08
 * @param place share of the size by which a landmark may lie off, as 0.04
 */
public record Tolerances(double degrees, double length, double place) {
  /** 5°, 8 % and 4 %. */
  public static final Tolerances USUAL = new Tolerances(5, 0.08, 0.04);

  public Tolerances {
    if (!(degrees > 0 && length > 0 && place > 0)) {
      throw new InvalidException(Message.of("bench.toleranceAboveZero"));
    }
  }
}
