package humblequill.core.sitting.cabinet;

import java.util.SplittableRandom;

/**
 * The build of a figure, as fractions of stature.
 *
 * <p>Lengths: R. Drillis and R. Contini, "Body Segment Parameters", 1966, as reprinted in D. A.
 * Winter, "Biomechanics and Motor Control of Human Movement"; typed from memory of the publication.
 * The hip joints lie closer together than the hips are broad.
 *
 * @param legs factor on thigh and shank; the trunk makes up for it, so that stature stays 1
 * @param girth factor on all breadths and depths, 0.8 slight to 1.3 stout
 * @param shoulders factor on the breadth of the shoulders
 * @param hips factor on the breadth of the hips
 */
public record Body(double legs, double girth, double shoulders, double hips) {
  /** The build of the table. */
  public static final Body AVERAGE = new Body(1, 1, 1, 1);

  /** A build of its own for each seed: slight to stout, long or short in the leg. */
  static Body of(SplittableRandom random) {
    double wide = Lot.between(random, -1, 1);
    return new Body(
        Lot.between(random, 0.965, 1.035),
        Lot.between(random, 0.85, 1.2),
        1 + 0.08 * wide,
        1 - 0.09 * wide);
  }

  /** Shoulder to elbow. */
  public double upperArm() {
    return 0.186;
  }

  /** Elbow to wrist. */
  public double forearm() {
    return 0.146;
  }

  /** Wrist to fingertip. */
  public double hand() {
    return 0.108;
  }

  /** Hip to knee. */
  public double thigh() {
    return 0.245 * legs;
  }

  /** Knee to ankle. */
  public double shank() {
    return 0.246 * legs;
  }

  /** Sole to ankle. */
  public double ankleHeight() {
    return 0.039;
  }

  /** Heel to toe. */
  public double foot() {
    return 0.152;
  }

  /** Breadth of the foot. */
  public double footBreadth() {
    return 0.055;
  }

  /** Sole to hip. */
  public double hipHeight() {
    return thigh() + shank() + ankleHeight();
  }

  /** Hip to shoulder line, along the spine. */
  public double trunk() {
    return 1 - hipHeight() - neck() - head();
  }

  /** Shoulder line to chin. */
  public double neck() {
    return 0.052;
  }

  /** Chin to top of the head. */
  public double head() {
    return 0.130;
  }

  /** Middle to shoulder. */
  public double shoulderHalf() {
    return 0.129 * shoulders;
  }

  /** Middle to the outside of the hip. */
  public double hipHalf() {
    return 0.0955 * hips;
  }

  /** Middle to hip joint. */
  double hipJoint() {
    return 0.052 * hips;
  }
}
