package humblequill.core.cabinet;

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
    {0.88, 0.017, 0.013, 0},
    {1.00, 0.017, 0.012, 0},
    {1.05, 0.009, 0.007, 0}
  };

  private static final double[][] HAND = {
    {-0.04, 0.010, 0.007, 0},
    {0.06, 0.017, 0.011, 0},
    {0.28, 0.023, 0.012, 0.001},
    {0.48, 0.023, 0.011, 0.002},
    {0.72, 0.020, 0.009, 0.003},
    {0.92, 0.013, 0.007, 0.004},
    {1.00, 0.005, 0.004, 0.004}
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

  /** Along the foot from the heel: place before the ankle, half breadth, height above the sole. */
  private static final double[][] FOOT = {
    {-0.044, 0.010, 0.016},
    {-0.038, 0.019, 0.036},
    {-0.015, 0.021, 0.052},
    {0.012, 0.021, 0.056},
    {0.038, 0.024, 0.040},
    {0.066, 0.0275, 0.027},
    {0.092, 0.025, 0.018},
    {0.104, 0.017, 0.013},
    {0.109, 0.008, 0.008}
  };

  private FigureMesh() {}

  static List<Mesh> of(Skeleton s) {
    double girth = s.body().girth();
    var parts = new ArrayList<Mesh>();
    parts.add(trunk(s));
    parts.add(neck(s));
    parts.add(head(s));
    parts.add(nose(s));
    for (var side : Side.values()) {
      var arm = s.arms().get(side);
      var leg = s.legs().get(side);
      parts.add(limb(arm.shoulder(), arm.elbow(), arm.upper(), UPPER_ARM, girth, 3, 5));
      parts.add(limb(arm.elbow(), arm.wrist(), arm.lower(), FOREARM, girth, 2, 4));
      parts.add(limb(arm.wrist(), arm.tip(), arm.hand(), HAND, 1, 3));
      parts.add(thumb(arm, side));
      parts.add(limb(leg.hip(), leg.knee(), leg.upper(), THIGH, girth, 3, 5));
      parts.add(limb(leg.knee(), leg.ankle(), leg.lower(), SHANK, girth, 3, 5));
      parts.add(foot(s, leg));
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

  private static Vector3D[] ring(
      int around, Vector3D at, Rotation turn, double breadth, double depth, double shift) {
    var ring = new Vector3D[around];
    for (int i = 0; i < around; i++) {
      double angle = 2 * Math.PI * i / around;
      ring[i] =
          at.add(
              turn.applyTo(
                  new Vector3D(breadth * Math.cos(angle), 0, shift + depth * Math.sin(angle))));
    }
    return ring;
  }

  private static Mesh trunk(Skeleton s) {
    double g = s.body().girth();
    var rings = new ArrayList<Vector3D[]>();
    for (var row : finer(TRUNK)) {
      double t =
          Math.rint(Math.max(0, Math.min(1, row[0])) * Skeleton.SPINE_STEPS) / Skeleton.SPINE_STEPS;
      var frame = s.spineAt(t);
      double beyond = (row[0] - t) * s.body().trunk();
      double wide = row[0] < 0.3 ? s.body().hips() : row[0] > 0.6 ? s.body().shoulders() : 1;
      rings.add(
          ring(
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
      rings.add(ring(AROUND, at, turn, r, r, 0));
    }
    return Mesh.loft(rings, false, new int[] {2}, new int[] {}).rounded().openAtStart();
  }

  private static Mesh head(Skeleton s) {
    var rings = new ArrayList<Vector3D[]>();
    for (var row : finer(HEAD)) {
      rings.add(ring(AROUND, s.headPoint(0, row[0], 0), s.head(), row[1], row[2], row[3]));
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

  private static Mesh limb(
      Vector3D from, Vector3D to, Rotation turn, double[][] rows, double girth, int... cross) {
    var rings = new ArrayList<Vector3D[]>();
    var along = to.subtract(from);
    for (var row : rows) {
      rings.add(
          ring(
              AROUND_LIMB,
              from.add(along.scalarMultiply(row[0])),
              turn,
              row[1] * girth,
              row[2] * girth,
              row[3]));
    }
    return Mesh.loft(rings, false, cross, new int[] {}).rounded();
  }

  private static Mesh thumb(Skeleton.Arm arm, Side side) {
    double x = -side.sign();
    var from = arm.wrist().add(arm.hand().applyTo(new Vector3D(x * 0.010, -0.018, 0.006)));
    var to = arm.wrist().add(arm.hand().applyTo(new Vector3D(x * 0.028, -0.062, 0.018)));
    double[][] rows = {
      {0, 0.007, 0.007, 0}, {0.3, 0.009, 0.009, 0}, {0.75, 0.007, 0.007, 0}, {1, 0.003, 0.003, 0}
    };
    return limb(from, to, arm.hand(), rows, 1);
  }

  private static Mesh foot(Skeleton s, Skeleton.Leg leg) {
    double sole = -s.body().ankleHeight();
    var rings = new ArrayList<Vector3D[]>();
    for (var row : FOOT) {
      var ring = new Vector3D[AROUND_LIMB];
      for (int i = 0; i < AROUND_LIMB; i++) {
        double angle = 2 * Math.PI * i / AROUND_LIMB;
        double y = Math.max(0, 0.5 + 0.62 * Math.sin(angle));
        ring[i] = leg.footPoint(row[1] * Math.cos(angle), sole + row[2] * Math.min(1, y), row[0]);
      }
      rings.add(ring);
    }
    return Mesh.loft(rings, false, new int[] {4}, new int[] {AROUND_LIMB / 4}).rounded();
  }
}
