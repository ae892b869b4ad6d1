package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** A foot with its toes, sole down. Our own construction on the length and breadth of the body. */
final class Foot {
  private static final int AROUND = 16;
  private static final int AROUND_TOE = 10;

  /** From the heel: place before the ankle, half breadth, height above the sole. */
  private static final double[][] ROWS = {
    {-0.044, 0.010, 0.016},
    {-0.038, 0.019, 0.036},
    {-0.015, 0.021, 0.052},
    {0.012, 0.021, 0.054},
    {0.038, 0.0245, 0.038},
    {0.062, 0.0275, 0.026},
    {0.078, 0.0265, 0.019},
    {0.088, 0.021, 0.012}
  };

  /** How much farther to the front the inner edge of the ball is than the outer one. */
  private static final double SLANT = 0.32;

  /** From the big toe outwards: across, root and tip before the ankle, half thickness. */
  private static final double[][] TOES = {
    {-0.0170, 0.078, 0.1095, 0.0092},
    {-0.0045, 0.079, 0.1085, 0.0062},
    {0.0050, 0.076, 0.1030, 0.0058},
    {0.0135, 0.071, 0.0955, 0.0055},
    {0.0212, 0.064, 0.0865, 0.0052}
  };

  private static final double[][] TOE = {
    {-0.10, 0.60, 0.60, 0},
    {0.10, 0.92, 0.90, 0},
    {0.55, 0.88, 0.80, 0},
    {0.82, 0.98, 0.88, 0},
    {0.96, 0.66, 0.56, 0},
    {1.00, 0.30, 0.26, 0}
  };

  private final Skeleton.Leg leg;
  private final int outside;
  private final double sole;

  /**
   * A foot.
   *
   * @param ankleHeight ankle above the sole
   */
  Foot(Skeleton.Leg leg, Side side, double ankleHeight) {
    this.leg = leg;
    this.outside = side.sign();
    this.sole = -ankleHeight;
  }

  /** Its surfaces. */
  List<Mesh> parts() {
    var parts = new ArrayList<Mesh>();
    parts.add(body());
    for (var toe : TOES) {
      parts.add(toe(toe));
    }
    return parts;
  }

  private Mesh body() {
    var rings = new ArrayList<Vector3D[]>();
    for (var row : ROWS) {
      var ring = new Vector3D[AROUND];
      double slant = SLANT * Math.max(0, Math.min(1, row[0] / 0.06));
      for (int i = 0; i < AROUND; i++) {
        double angle = 2 * Math.PI * i / AROUND;
        double y = Math.max(0, 0.5 + 0.62 * Math.sin(angle));
        double across = row[1] * Math.cos(angle);
        double front = row[0] - slant * across;
        ring[i] = leg.footPoint(outside * across, sole + row[2] * Math.min(1, y), front);
      }
      rings.add(ring);
    }
    return Mesh.loft(rings, false, new int[] {4}, new int[] {AROUND / 4}).rounded();
  }

  private Mesh toe(double[] toe) {
    var from = leg.footPoint(outside * toe[0], sole + 1.25 * toe[3], toe[1]);
    var to = leg.footPoint(outside * toe[0], sole + 0.85 * toe[3], toe[2]);
    var turn = Turns.then(leg.foot(), Turns.x(-90));
    return Tube.along(AROUND_TOE, from, to, turn, 0, TOE, toe[3], 2);
  }

  /** Ankle, heel, ball and tips of the foot. */
  Map<String, Vector3D> landmarks() {
    var marks = new LinkedHashMap<String, Vector3D>();
    var big = TOES[0];
    var little = TOES[TOES.length - 1];
    marks.put("ankle", leg.ankle());
    marks.put("heel", leg.footPoint(0, sole, ROWS[0][0]));
    marks.put("ball of the big toe", leg.footPoint(outside * big[0], sole, big[1]));
    marks.put("ball of the little toe", leg.footPoint(outside * little[0], sole, little[1]));
    marks.put("tip of the big toe", leg.footPoint(outside * big[0], sole + big[3], big[2]));
    marks.put("middle of the instep", leg.footPoint(0, sole + ROWS[4][2], ROWS[4][0]));
    marks.put(
        "tip of the little toe", leg.footPoint(outside * little[0], sole + little[3], little[2]));
    return marks;
  }
}
