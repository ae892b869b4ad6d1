package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Gives a skeleton its volumes: clean forms to draw, not anatomy. Our own construction. */
final class FigureMesh {
  private static final int AROUND_LIMB = 16;

  /** Trunk and head are broad, and show their corners sooner. */
  private static final int AROUND = 28;

  private static final int FRONT = AROUND / 4;
  private static final int BACK = 3 * AROUND / 4;

  /**
   * Along the trunk: place from hips (0) to shoulder line (1), half breadth, depth, shift front.
   */
  private static final double[][] TRUNK = {
    {-0.20, 0.020, 0.024, -0.004},
    {-0.16, 0.060, 0.046, -0.004},
    {-0.08, 0.084, 0.058, -0.006},
    {0.02, 0.0955, 0.064, -0.008},
    {0.14, 0.092, 0.060, -0.004},
    {0.26, 0.080, 0.053, 0.002},
    {0.36, 0.073, 0.050, 0.004},
    {0.46, 0.077, 0.053, 0.004},
    {0.58, 0.088, 0.060, 0.004},
    {0.70, 0.097, 0.065, 0.004},
    {0.82, 0.110, 0.064, 0.000},
    {0.91, 0.119, 0.053, -0.004},
    {0.97, 0.112, 0.045, -0.007},
    {1.02, 0.078, 0.039, -0.008},
    {1.07, 0.044, 0.034, -0.008},
    {1.10, 0.026, 0.026, -0.006}
  };

  /** Up the head from where it sits: height, half breadth, half depth, shift to the front. */
  private static final double[][] HEAD = {
    {-0.022, 0.012, 0.012, 0.034},
    {-0.016, 0.022, 0.024, 0.024},
    {0.000, 0.031, 0.036, 0.016},
    {0.022, 0.038, 0.045, 0.008},
    {0.045, 0.042, 0.052, 0.003},
    {0.066, 0.044, 0.056, -0.001},
    {0.084, 0.041, 0.053, -0.004},
    {0.098, 0.032, 0.043, -0.006},
    {0.107, 0.018, 0.026, -0.006},
    {0.110, 0.005, 0.008, -0.006}
  };

  /** Along a limb: place, half breadth, half depth, shift to the front. */
  private static final double[][] UPPER_ARM = {
    {-0.16, 0.010, 0.010, 0},
    {-0.12, 0.024, 0.024, 0},
    {0.00, 0.033, 0.034, 0},
    {0.16, 0.034, 0.036, 0},
    {0.38, 0.029, 0.032, 0.002},
    {0.62, 0.027, 0.030, 0.002},
    {0.86, 0.024, 0.024, 0},
    {1.00, 0.023, 0.022, 0},
    {1.07, 0.012, 0.012, 0}
  };

  private static final double[][] FOREARM = {
    {-0.07, 0.010, 0.010, 0},
    {0.00, 0.022, 0.022, 0},
    {0.14, 0.027, 0.025, 0.001},
    {0.34, 0.026, 0.024, 0.001},
    {0.62, 0.020, 0.018, 0},
    {0.88, 0.0158, 0.0125, 0},
    {1.00, 0.0156, 0.0115, 0},
    {1.05, 0.009, 0.007, 0}
  };

  private static final double[][] THIGH = {
    {-0.14, 0.018, 0.020, 0},
    {-0.06, 0.044, 0.046, 0},
    {0.06, 0.053, 0.056, 0.001},
    {0.22, 0.052, 0.056, 0.003},
    {0.46, 0.045, 0.050, 0.004},
    {0.70, 0.037, 0.041, 0.002},
    {0.90, 0.032, 0.035, 0},
    {1.00, 0.031, 0.034, 0.002},
    {1.06, 0.018, 0.020, 0.002}
  };

  private static final double[][] SHANK = {
    {-0.06, 0.014, 0.016, 0.003},
    {0.00, 0.029, 0.031, 0.002},
    {0.12, 0.031, 0.033, -0.003},
    {0.30, 0.033, 0.036, -0.008},
    {0.50, 0.028, 0.030, -0.007},
    {0.74, 0.020, 0.021, -0.003},
    {0.92, 0.017, 0.019, 0},
    {1.02, 0.018, 0.020, 0},
    {1.08, 0.010, 0.010, 0}
  };

  private FigureMesh() {}

  static List<Mesh> of(Skeleton s) {
    double girth = s.body().girth();
    var parts = new ArrayList<>(List.of(trunk(s), neck(s), head(s), nose(s)));
    for (var side : Side.values()) {
      var arm = s.arms().get(side);
      var leg = s.legs().get(side);
      parts.add(limb(arm.shoulder(), arm.elbow(), arm.upper(), UPPER_ARM, girth, 3, 5));
      parts.add(forearm(arm, girth));
      parts.addAll(hand(s, side).parts());
      parts.add(limb(leg.hip(), leg.knee(), leg.upper(), THIGH, girth, 3, 5));
      parts.addAll(lowerLeg(s, side));
    }
    return parts;
  }

  /** The rows with one more between each two, on a Catmull-Rom curve through them. */
  private static double[][] finer(double[][] rows) {
    var out = new double[2 * rows.length - 1][];
    for (int r = 0; r < rows.length; r++) {
      out[2 * r] = rows[r];
      if (r + 1 < rows.length) {
        var before = rows[Math.max(0, r - 1)];
        var after = rows[Math.min(rows.length - 1, r + 2)];
        out[2 * r + 1] = new double[rows[r].length];
        for (int i = 0; i < rows[r].length; i++) {
          out[2 * r + 1][i] = (9 * (rows[r][i] + rows[r + 1][i]) - before[i] - after[i]) / 16;
        }
      }
    }
    return out;
  }

  static Mesh trunk(Skeleton s) {
    double g = s.body().girth();
    var rings = new ArrayList<Vector3D[]>();
    for (var row : finer(TRUNK)) {
      double t =
          Math.rint(Math.max(0, Math.min(1, row[0])) * Skeleton.SPINE_STEPS) / Skeleton.SPINE_STEPS;
      var frame = s.spineAt(t);
      double beyond = (row[0] - t) * s.body().trunk();
      double wide = row[0] < 0.3 ? s.body().hips() : row[0] > 0.6 ? s.body().shoulders() : 1;
      rings.add(
          Tube.ring(
              AROUND,
              frame.out(0, beyond, 0),
              frame.turn(),
              row[1] * g * wide,
              row[2] * g,
              row[3]));
    }
    return Mesh.loft(rings, false, new int[] {6, 12, 18}, new int[] {FRONT, BACK}).rounded();
  }

  private static Mesh neck(Skeleton s) {
    var base = s.spineAt(1);
    var rings = new ArrayList<Vector3D[]>();
    double[][] rows = {{0, 0.036}, {0.35, 0.031}, {0.7, 0.028}, {0.9, 0.026}, {1, 0.015}};
    var top = s.headPoint(0, 0.010, -0.006);
    for (var row : rows) {
      double t = row[0];
      var at = base.out(0, 0.004, -0.006).scalarMultiply(1 - t).add(top.scalarMultiply(t));
      var turn = t < 0.5 ? base.turn() : s.head();
      double r = row[1] * Math.sqrt(s.body().girth());
      rings.add(Tube.ring(AROUND, at, turn, r, r, 0));
    }
    return Mesh.loft(rings, false, new int[] {2}, new int[] {}).rounded().openAtStart();
  }

  private static Mesh head(Skeleton s) {
    var rings = new ArrayList<Vector3D[]>();
    for (var row : finer(HEAD)) {
      rings.add(Tube.ring(AROUND, s.headPoint(0, row[0], 0), s.head(), row[1], row[2], row[3]));
    }
    return Mesh.loft(rings, false, new int[] {8}, new int[] {FRONT}).rounded();
  }

  private static Mesh nose(Skeleton s) {
    return Mesh.planes(
        new Vector3D[] {
          s.headPoint(0, 0.042, 0.053),
          s.headPoint(0, 0.016, 0.069),
          s.headPoint(0.010, 0.011, 0.050),
          s.headPoint(-0.010, 0.011, 0.050)
        },
        List.of(
            new int[] {0, 2, 1}, new int[] {0, 1, 3}, new int[] {1, 2, 3}, new int[] {0, 3, 2}));
  }

  static Hand hand(Skeleton s, Side side) {
    var arm = s.arms().get(side);
    return new Hand(arm.wrist(), arm.hand(), side, s.body().hand(), s.posture().grip(side));
  }

  /** Turns with the hand towards the wrist, as the two bones of a forearm do. */
  static Mesh forearm(Skeleton.Arm arm, double girth) {
    return Tube.along(
        AROUND_LIMB,
        arm.elbow(),
        arm.wrist(),
        arm.lower(),
        arm.twist(),
        finer(FOREARM),
        girth,
        4,
        8);
  }

  /** Shank, foot and toes. */
  static List<Mesh> lowerLeg(Skeleton s, Side side) {
    var leg = s.legs().get(side);
    var parts = new ArrayList<Mesh>();
    parts.add(limb(leg.knee(), leg.ankle(), leg.lower(), SHANK, s.body().girth(), 3, 5));
    parts.addAll(new Foot(leg, side, s.body().ankleHeight()).parts());
    return parts;
  }

  private static Mesh limb(
      Vector3D from, Vector3D to, Rotation turn, double[][] rows, double girth, int... cross) {
    return Tube.along(AROUND_LIMB, from, to, turn, 0, rows, girth, cross);
  }
}
