package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The bones in a figure as simple forms: skull, rib cage, pelvis and long bones. Our own
 * construction, to check "draw the bones into this pose"; the shafts are narrowest midway, the
 * radius lies on the thumb's side, the tibia is the larger and the fibula lies outside (common
 * practice, no published source).
 */
final class Bones {
  private static final int AROUND = 14;
  private static final int BROAD = 24;

  /** Place from one end to the other, half breadth, half depth, shift. */
  private static final double[][] SHAFT = {
    {-0.03, 0.006, 0.006, 0},
    {0.00, 0.015, 0.014, 0},
    {0.07, 0.014, 0.013, 0},
    {0.18, 0.009, 0.009, 0},
    {0.50, 0.007, 0.007, 0},
    {0.82, 0.009, 0.009, 0},
    {0.93, 0.014, 0.013, 0},
    {1.00, 0.015, 0.014, 0},
    {1.03, 0.006, 0.006, 0}
  };

  private static final double[][] SKULL = {
    {-0.16, 0.012, 0.012, 0.036},
    {-0.06, 0.024, 0.028, 0.022},
    {0.14, 0.030, 0.040, 0.010},
    {0.40, 0.037, 0.049, 0.002},
    {0.66, 0.039, 0.052, -0.003},
    {0.86, 0.031, 0.042, -0.005},
    {0.98, 0.014, 0.020, -0.005},
    {1.02, 0.004, 0.006, -0.005}
  };

  private static final double[][] RIBS = {
    {0.00, 0.058, 0.036, 0.004},
    {0.12, 0.080, 0.052, 0.004},
    {0.38, 0.089, 0.060, 0.004},
    {0.66, 0.080, 0.056, 0.002},
    {0.88, 0.056, 0.042, -0.002},
    {1.00, 0.030, 0.026, -0.004}
  };

  private static final double[][] PELVIS = {
    {0.00, 0.026, 0.024, 0.002},
    {0.22, 0.052, 0.040, 0.000},
    {0.50, 0.078, 0.050, -0.004},
    {0.80, 0.094, 0.054, -0.008},
    {1.00, 0.092, 0.046, -0.010}
  };

  private static final double[][] FLAT = {
    {0.00, 0.012, 0.007, 0},
    {0.35, 0.021, 0.006, 0},
    {0.60, 0.018, 0.005, 0},
    {1.00, 0.008, 0.004, 0}
  };

  private static final double SPINE = 0.8;
  private static final double THIN = 0.62;
  private static final double THINNER = 0.48;

  /** Half the distance of two bones that lie beside each other. */
  private static final double BESIDE = 0.011;

  /** How far the palm reaches of the hand; fingers bend and are left out. */
  private static final double PALM = 0.55;

  private static final double RIBS_FROM = 0.45;
  private static final double RIBS_TO = 0.98;

  private Bones() {}

  static List<Mesh> of(Skeleton s) {
    var bones = new ArrayList<Mesh>();
    bones.add(
        along(BROAD, s.headPoint(0, 0, 0), s.headPoint(0, 0.108, 0), s.head(), SKULL, 1, 2, 4));
    bones.add(
        along(
            BROAD,
            s.spineAt(RIBS_FROM).at(),
            s.spineAt(RIBS_TO).at(),
            s.spineAt(0.75).turn(),
            RIBS,
            1,
            1,
            2,
            3,
            4));
    var root = s.spineAt(0);
    bones.add(along(BROAD, root.out(0, -0.05, 0), root.out(0, 0.06, 0), root.turn(), PELVIS, 1, 3));
    bones.add(shaft(root.out(0, 0.05, -0.012), s.spineAt(RIBS_FROM).at(), root.turn(), SPINE));
    bones.add(shaft(s.spineAt(1).out(0, -0.01, -0.01), s.headPoint(0, 0, 0), s.head(), SPINE));
    for (var side : Side.values()) {
      arm(s, side, bones);
      leg(s, side, bones);
    }
    return bones;
  }

  private static void arm(Skeleton s, Side side, List<Mesh> bones) {
    var arm = s.arms().get(side);
    var top = s.spineAt(1);
    double out = side.sign() * BESIDE;
    bones.add(shaft(top.out(0, -0.004, 0.026), arm.shoulder(), top.turn(), THINNER));
    bones.add(shaft(arm.shoulder(), arm.elbow(), arm.upper(), 1));
    // The thumb lies outside; the radius turns with the hand and crosses the ulna.
    bones.add(
        shaft(
            aside(arm.elbow(), arm.lower(), out),
            aside(arm.wrist(), arm.hand(), out),
            arm.lower(),
            THIN));
    bones.add(
        shaft(
            aside(arm.elbow(), arm.lower(), -out),
            aside(arm.wrist(), arm.hand(), -out),
            arm.lower(),
            THINNER));
    bones.add(along(AROUND, arm.wrist(), palm(arm), arm.hand(), FLAT, 1));
  }

  /** The end of the palm: fingers bend. */
  static Vector3D palm(Skeleton.Arm arm) {
    return arm.wrist().scalarMultiply(1 - PALM).add(arm.tip().scalarMultiply(PALM));
  }

  private static void leg(Skeleton s, Side side, List<Mesh> bones) {
    var leg = s.legs().get(side);
    double out = side.sign() * BESIDE;
    bones.add(shaft(leg.hip(), leg.knee(), leg.upper(), 1.15));
    bones.add(
        shaft(
            aside(leg.knee(), leg.lower(), -out / 2),
            aside(leg.ankle(), leg.lower(), -out / 2),
            leg.lower(),
            1));
    bones.add(
        shaft(
            aside(leg.knee(), leg.lower(), 1.6 * out),
            aside(leg.ankle(), leg.lower(), 1.3 * out),
            leg.lower(),
            THINNER));
    double sole = -s.body().ankleHeight();
    bones.add(
        along(
            AROUND,
            leg.footPoint(0, sole * 0.6, -0.035),
            leg.footPoint(0, sole * 0.9, s.body().foot() - 0.05),
            Turns.then(leg.foot(), Turns.x(90)),
            FLAT,
            1.3));
  }

  private static Vector3D aside(Vector3D at, Rotation turn, double by) {
    return at.add(turn.applyTo(new Vector3D(by, 0, 0)));
  }

  private static Mesh shaft(Vector3D from, Vector3D to, Rotation turn, double girth) {
    return along(AROUND, from, to, turn, SHAFT, girth);
  }

  private static Mesh along(
      int around,
      Vector3D from,
      Vector3D to,
      Rotation turn,
      double[][] rows,
      double girth,
      int... cross) {
    return Tube.along(around, from, to, turn, 0, rows, girth, cross);
  }
}
