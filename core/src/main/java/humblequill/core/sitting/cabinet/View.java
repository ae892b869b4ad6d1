package humblequill.core.sitting.cabinet;

import java.util.SplittableRandom;

/** From where the cabinet shows what has a front of its own, and from how high. */
public enum View {
  /** As it comes. */
  ANY,
  /** At most 20° to either side of the front. */
  FRONT(0, 20),
  /** Between front and side: 30° to 60°. */
  THREE_QUARTER(30, 60),
  /** 75° to 105° from the front. */
  SIDE(75, 105),
  /** 145° or more from the front. */
  BACK(145, 180),
  /** From well above its middle. */
  ABOVE,
  /** From as low as the ground allows. */
  BELOW;

  private final double nearest;
  private final double farthest;

  View() {
    this(0, 180);
  }

  View(double nearest, double farthest) {
    this.nearest = nearest;
    this.farthest = farthest;
  }

  /** Whether it asks for a side of what is shown. */
  boolean asksForSide() {
    return farthest - nearest < 180;
  }

  /** Degrees from the front, to either side. */
  double turn(SplittableRandom random) {
    return Lot.between(random, nearest, farthest) * (random.nextBoolean() ? 1 : -1);
  }
}
