package humblequill.core.sitting.cabinet;

/**
 * A motion of a joint with its normal range in degrees, from the neutral upright pose.
 *
 * <p>Ranges: American Academy of Orthopaedic Surgeons, "Joint Motion: Method of Measuring and
 * Recording", 1965; typed from memory of the publication. Reaching sideways over the head is
 * flexion here, since the order of turns is flexion, then outward, then about the limb.
 */
public enum Motion {
  /** Trunk: bending forward; backward is negative. */
  TRUNK_FLEX(-25, 80),
  /** Trunk: bending to the left. */
  TRUNK_SIDE(-35, 35),
  /** Trunk: turning to the left. */
  TRUNK_TURN(-45, 45),
  /** Neck: bending forward. */
  NECK_FLEX(-45, 45),
  /** Neck: bending to the left. */
  NECK_SIDE(-45, 45),
  /** Neck: turning to the left. */
  NECK_TURN(-60, 60),
  /** Shoulder: the arm forward and up; backward is negative. */
  SHOULDER_FLEX(-60, 180),
  /** Shoulder: the arm away from the body; across it is negative. */
  SHOULDER_OUT(-45, 90),
  /** Shoulder: turning the arm outward. */
  SHOULDER_TURN(-70, 90),
  /** Elbow: bending. */
  ELBOW(0, 150),
  /** Forearm: turning the palm up, from the thumb upwards; palm down is negative. */
  FOREARM(-80, 80),
  /** Wrist: bending towards the palm. */
  WRIST(-70, 80),
  /** Hip: the thigh forward and up. */
  HIP_FLEX(-30, 120),
  /** Hip: the thigh away from the other. */
  HIP_OUT(-30, 45),
  /** Hip: turning the thigh outward. */
  HIP_TURN(-45, 45),
  /** Knee: bending. */
  KNEE(0, 135),
  /** Ankle: toes up; toes down is negative. */
  ANKLE(-50, 20);

  private final double least;
  private final double most;

  Motion(double least, double most) {
    this.least = least;
    this.most = most;
  }

  /** Whether there is one for each side. */
  public boolean sided() {
    return ordinal() >= SHOULDER_FLEX.ordinal();
  }

  /** Smallest angle, degrees. */
  public double least() {
    return least;
  }

  /** Largest angle, degrees. */
  public double most() {
    return most;
  }

  /** Whether an angle lies in the range, give or take a hundredth of a degree. */
  public boolean allows(double degrees) {
    return degrees >= least - 0.01 && degrees <= most + 0.01;
  }
}
