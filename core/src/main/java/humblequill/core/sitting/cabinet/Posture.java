package humblequill.core.sitting.cabinet;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;

/** The angles of all joints, in degrees; 0 everywhere is the neutral upright pose. */
public final class Posture {
  private final double[] left = new double[Motion.values().length];
  private final double[] right = new double[Motion.values().length];
  private final Map<Side, Grip> grips = new EnumMap<>(Side.class);

  /** Sets a motion that has no sides. */
  Posture set(Motion motion, double degrees) {
    left[motion.ordinal()] = degrees;
    return this;
  }

  /** Sets a motion of one side. */
  Posture set(Motion motion, Side side, double degrees) {
    (side == Side.LEFT ? left : right)[motion.ordinal()] = degrees;
    return this;
  }

  /** Sets how a hand is held. */
  Posture grip(Side side, Grip grip) {
    grips.put(side, grip);
    return this;
  }

  /** How a hand is held; at rest when nothing else was said. */
  Grip grip(Side side) {
    return grips.getOrDefault(side, Grip.RESTING);
  }

  /** A motion that has no sides. */
  public double of(Motion motion) {
    return left[motion.ordinal()];
  }

  /** A motion of one side. */
  public double of(Motion motion, Side side) {
    return (side == Side.LEFT ? left : right)[motion.ordinal()];
  }

  /** Whether every joint is within its range. */
  public boolean allowed() {
    return grips.values().stream().allMatch(Grip::allowed)
        && Arrays.stream(Motion.values())
            .allMatch(
                m -> m.allows(of(m, Side.LEFT)) && (!m.sided() || m.allows(of(m, Side.RIGHT))));
  }
}
