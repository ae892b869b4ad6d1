package humblequill.core.sitting.cabinet;

import java.util.SplittableRandom;

/** What is drawn by lot. */
final class Lot {
  private Lot() {}

  /** A number from one to another, evenly. */
  static double between(SplittableRandom random, double from, double to) {
    return from + (to - from) * random.nextDouble();
  }
}
