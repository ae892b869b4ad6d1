package humblequill.core.sitting.cabinet;

import java.util.SplittableRandom;

/**
 * How a hand is held: what its fingers do, in degrees. Fingers count from the index finger, 0, to
 * the little finger, 3.
 *
 * <p>Ranges: American Academy of Orthopaedic Surgeons, "Joint Motion: Method of Measuring and
 * Recording", 1965; typed from memory of the publication. The end joint bends two thirds as far as
 * the middle joint, common practice, no published source.
 *
 * @param knuckles bend of each finger at its knuckle, 0 to 90
 * @param middles bend of each finger at its middle joint, 0 to 100
 * @param spread angle between a finger and the next, 0 to 12
 * @param thumbAway how far the thumb stands off the palm to its front, 0 to 70
 * @param thumbBend bend of both joints of the thumb, 0 to 50
 */
record Grip(
    double[] knuckles, double[] middles, double spread, double thumbAway, double thumbBend) {
  static final int FINGERS = 4;
  static final double KNUCKLE = 90;
  static final double MIDDLE = 100;
  static final double END_SHARE = 2.0 / 3;
  static final double SPREAD = 12;
  static final double THUMB_AWAY = 70;
  static final double THUMB_BEND = 50;

  /** A hand at rest: each finger a little more bent than the one before. */
  static final Grip RESTING = even(18, 5, 26, 4, 2, 25, 12);

  /** A grip of its own for each seed, of the families that hands are usually seen in. */
  static Grip of(SplittableRandom random) {
    return switch (random.nextInt(7)) {
      case 0 -> open(random);
      case 1, 2 ->
          even(
              Lot.between(random, 8, 28),
              Lot.between(random, 2, 8),
              Lot.between(random, 15, 40),
              Lot.between(random, 1, 6),
              Lot.between(random, 0, 5),
              Lot.between(random, 15, 45),
              Lot.between(random, 5, 25));
      case 3 -> pointing(random);
      case 4 -> fist(random);
      case 5 -> holding(random);
      default -> pinching(random);
    };
  }

  private static Grip open(SplittableRandom random) {
    return even(
        Lot.between(random, 0, 8),
        0,
        Lot.between(random, 0, 12),
        0,
        Lot.between(random, 2, 12),
        Lot.between(random, 10, 50),
        Lot.between(random, 0, 10));
  }

  private static Grip pointing(SplittableRandom random) {
    var closed = fist(random);
    closed.knuckles[0] = Lot.between(random, 0, 25);
    closed.middles[0] = Lot.between(random, 0, 25);
    return closed;
  }

  private static Grip fist(SplittableRandom random) {
    return even(
        Lot.between(random, 70, 84),
        Lot.between(random, 0, 2),
        Lot.between(random, 85, 96),
        Lot.between(random, 0, 1),
        0,
        Lot.between(random, 40, 55),
        Lot.between(random, 30, 48));
  }

  private static Grip holding(SplittableRandom random) {
    return even(
        Lot.between(random, 25, 45),
        Lot.between(random, 2, 6),
        Lot.between(random, 45, 65),
        Lot.between(random, 1, 5),
        Lot.between(random, 0, 3),
        Lot.between(random, 45, 65),
        Lot.between(random, 10, 30));
  }

  private static Grip pinching(SplittableRandom random) {
    var grip =
        even(
            Lot.between(random, 20, 40),
            Lot.between(random, -6, 4),
            Lot.between(random, 20, 45),
            Lot.between(random, -6, 4),
            Lot.between(random, 2, 6),
            Lot.between(random, 48, 58),
            Lot.between(random, 18, 30));
    grip.knuckles[0] = Lot.between(random, 42, 52);
    grip.middles[0] = Lot.between(random, 42, 52);
    return grip;
  }

  /** Fingers that differ from one to the next by the same step. */
  private static Grip even(
      double knuckle,
      double knuckleStep,
      double middle,
      double middleStep,
      double spread,
      double thumbAway,
      double thumbBend) {
    var knuckles = new double[FINGERS];
    var middles = new double[FINGERS];
    for (int i = 0; i < FINGERS; i++) {
      knuckles[i] = Math.max(0, Math.min(KNUCKLE, knuckle + i * knuckleStep));
      middles[i] = Math.max(0, Math.min(MIDDLE, middle + i * middleStep));
    }
    return new Grip(knuckles, middles, spread, thumbAway, thumbBend);
  }

  /** Whether every joint is within its range. */
  boolean allowed() {
    for (int i = 0; i < FINGERS; i++) {
      if (!within(knuckles[i], KNUCKLE) || !within(middles[i], MIDDLE)) {
        return false;
      }
    }
    return within(spread, SPREAD) && within(thumbAway, THUMB_AWAY) && within(thumbBend, THUMB_BEND);
  }

  private static boolean within(double angle, double most) {
    return angle >= 0 && angle <= most;
  }
}
