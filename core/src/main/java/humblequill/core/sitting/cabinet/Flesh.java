package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The thick of a figure as round bars, to tell where parts would run through each other. */
final class Flesh {
  /** Parts may press into each other by this share of their thickness. */
  static final double SOFT = 0.25;

  private static final double CHEST = 0.075;
  private static final double PELVIS = 0.075;
  private static final double SKULL = 0.055;
  private static final double UPPER_ARM = 0.03;
  private static final double FOREARM = 0.024;
  private static final double HAND = 0.018;
  private static final double THIGH = 0.045;
  private static final double SHANK = 0.03;
  private static final double FOOT = 0.022;

  private Flesh() {}

  /** What is thick enough to be run through. */
  enum Part {
    CHEST,
    PELVIS,
    SKULL,
    UPPER_ARM,
    FOREARM,
    HAND,
    THIGH,
    SHANK,
    FOOT
  }

  /**
   * A round bar.
   *
   * @param side whose it is; empty for what is there once
   */
  record Bar(Part part, Optional<Side> side, Vector3D a, Vector3D b, double radius) {
    private Bar(Part part, Side side, Vector3D a, Vector3D b, double radius) {
      this(part, Optional.of(side), a, b, radius);
    }

    Bar(Part part, Vector3D a, Vector3D b, double radius) {
      this(part, Optional.empty(), a, b, radius);
    }

    double distance(Bar other) {
      return Flesh.distance(a, b, other.a, other.b);
    }

    double low() {
      return Math.min(a.getY(), b.getY()) - radius;
    }
  }

  static List<Bar> bars(Skeleton s) {
    double g = s.body().girth();
    var bars = new ArrayList<Bar>();
    bars.add(new Bar(Part.CHEST, s.spineAt(0.45).at(), s.spineAt(0.8).at(), CHEST * g));
    bars.add(
        new Bar(
            Part.PELVIS,
            s.spineAt(0).out(-0.025, 0.02, 0),
            s.spineAt(0).out(0.025, 0.02, 0),
            PELVIS * g));
    bars.add(new Bar(Part.SKULL, s.headPoint(0, 0.015, 0.005), s.headPoint(0, 0.06, 0), SKULL));
    for (var side : Side.values()) {
      var arm = s.arms().get(side);
      var leg = s.legs().get(side);
      var sole = leg.footPoint(0, -0.02, 0);
      bars.add(new Bar(Part.UPPER_ARM, side, arm.shoulder(), arm.elbow(), UPPER_ARM * g));
      bars.add(new Bar(Part.FOREARM, side, arm.elbow(), arm.wrist(), FOREARM * g));
      bars.add(new Bar(Part.HAND, side, arm.wrist(), arm.tip(), HAND));
      bars.add(new Bar(Part.THIGH, side, leg.hip(), leg.knee(), THIGH * g));
      bars.add(new Bar(Part.SHANK, side, leg.knee(), leg.ankle(), SHANK * g));
      bars.add(new Bar(Part.FOOT, side, sole, leg.footPoint(0, -0.02, 0.09), FOOT));
    }
    return bars;
  }

  /** Whether two parts are joined, so that they may touch. */
  static boolean joined(Bar a, Bar b) {
    return joins(a, b) || joins(b, a);
  }

  private static boolean joins(Bar a, Bar b) {
    boolean same = a.side.equals(b.side);
    return switch (a.part) {
      case CHEST -> b.part == Part.PELVIS || b.part == Part.SKULL || b.part == Part.UPPER_ARM;
      case PELVIS -> b.part == Part.THIGH;
      case THIGH -> b.part == Part.THIGH || same && b.part == Part.SHANK;
      case SHANK -> same && b.part == Part.FOOT;
      case UPPER_ARM -> same && b.part == Part.FOREARM;
      case FOREARM -> same && b.part == Part.HAND;
      case SKULL, HAND, FOOT -> false;
    };
  }

  /** Whether no part runs through another that it is not joined to. */
  static boolean apart(Skeleton s) {
    var bars = bars(s);
    for (int i = 0; i < bars.size(); i++) {
      for (int j = i + 1; j < bars.size(); j++) {
        var a = bars.get(i);
        var b = bars.get(j);
        if (!joined(a, b) && a.distance(b) < (1 - SOFT) * (a.radius + b.radius)) {
          return false;
        }
      }
    }
    return jointsOutside(s, bars);
  }

  /** An elbow keeps outside the chest, and knees and the lower thighs apart. */
  private static boolean jointsOutside(Skeleton s, List<Bar> bars) {
    var chest = bars.get(0);
    for (var side : Side.values()) {
      var elbow = s.arms().get(side).elbow();
      double least = (1 - SOFT) * (chest.radius + UPPER_ARM * s.body().girth());
      if (distance(chest.a, chest.b, elbow, elbow) < least) {
        return false;
      }
    }
    var left = s.legs().get(Side.LEFT);
    var right = s.legs().get(Side.RIGHT);
    return distance(middle(left), left.knee(), middle(right), right.knee())
        >= (1 - SOFT) * 2 * THIGH * 0.8 * s.body().girth();
  }

  private static Vector3D middle(Skeleton.Leg leg) {
    return leg.hip().add(leg.knee()).scalarMultiply(0.5);
  }

  /** The least distance of two stretches; C. Ericson, "Real-Time Collision Detection", 2005. */
  static double distance(Vector3D p1, Vector3D q1, Vector3D p2, Vector3D q2) {
    var d1 = q1.subtract(p1);
    var d2 = q2.subtract(p2);
    var r = p1.subtract(p2);
    double a = d1.dotProduct(d1);
    double e = d2.dotProduct(d2);
    double f = d2.dotProduct(r);
    double s = 0;
    double t = 0;
    double tiny = 1e-12;
    if (a > tiny && e > tiny) {
      double c = d1.dotProduct(r);
      double b = d1.dotProduct(d2);
      double denominator = a * e - b * b;
      s = denominator > tiny ? clamp((b * f - c * e) / denominator) : 0;
      t = (b * s + f) / e;
      if (t < 0) {
        t = 0;
        s = clamp(-c / a);
      } else if (t > 1) {
        t = 1;
        s = clamp((b - c) / a);
      }
    } else if (a > tiny) {
      s = clamp(-d1.dotProduct(r) / a);
    } else if (e > tiny) {
      t = clamp(f / e);
    }
    return p1.add(d1.scalarMultiply(s)).distance(p2.add(d2.scalarMultiply(t)));
  }

  private static double clamp(double x) {
    return Math.max(0, Math.min(1, x));
  }
}
