package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * What lies within a figure at one layer of a staged study. Our own construction, to check what was
 * laid in.
 *
 * @param forms surfaces
 * @param lines rows of points
 */
record Within(List<Mesh> forms, List<List<Vector3D>> lines) {
  private static final int AROUND = 20;

  /** Points between two that a line is led through. */
  private static final int FINE = 8;

  private static final double[][] ROD = {
    {0, 0.030, 0.030, 0}, {0.5, 0.027, 0.027, 0}, {1, 0.024, 0.024, 0}
  };

  private static final double ARM = 0.8;
  private static final double FOREARM = 0.7;
  private static final double SHANK = 0.9;
  private static final double THIGH = 1.35;

  static Within of(Skeleton s, StudyLayer layer) {
    return switch (layer) {
      case GESTURE -> new Within(List.of(), List.of(gesture(s)));
      case AXES -> new Within(List.of(), axes(s));
      case BLOCKS -> new Within(blocks(s), List.of());
      case BONES -> new Within(Bones.of(s), List.of());
    };
  }

  private static List<Vector3D> gesture(Skeleton s) {
    var leg = s.legs().get(bearing(s));
    return smooth(
        List.of(
            top(s),
            s.headJoint(),
            s.spineAt(1).at(),
            s.spineAt(0.5).at(),
            s.spineAt(0).at(),
            leg.knee(),
            leg.ankle()));
  }

  /** The side whose foot stands nearer to below the centre of mass. */
  static Side bearing(Skeleton s) {
    var centre = Balance.centre(s);
    return Stream.of(Side.values())
        .min(
            Comparator.comparingDouble(
                side -> {
                  var ankle = s.legs().get(side).ankle();
                  return Math.hypot(ankle.getX() - centre.getX(), ankle.getZ() - centre.getZ());
                }))
        .orElseThrow();
  }

  private static List<List<Vector3D>> axes(Skeleton s) {
    var lines = new ArrayList<List<Vector3D>>();
    var left = s.arms().get(Side.LEFT);
    var right = s.arms().get(Side.RIGHT);
    lines.add(List.of(left.shoulder(), right.shoulder()));
    lines.add(List.of(s.legs().get(Side.LEFT).hip(), s.legs().get(Side.RIGHT).hip()));
    var middle = new ArrayList<Vector3D>();
    s.spine().forEach(frame -> middle.add(frame.at()));
    middle.add(s.headJoint());
    middle.add(top(s));
    lines.add(middle);
    for (var side : Side.values()) {
      var arm = s.arms().get(side);
      var leg = s.legs().get(side);
      lines.add(List.of(arm.shoulder(), arm.elbow(), arm.wrist(), Bones.palm(arm)));
      lines.add(
          List.of(
              leg.hip(), leg.knee(), leg.ankle(), leg.footPoint(0, -0.02, s.body().foot() / 2)));
    }
    return lines;
  }

  private static Vector3D top(Skeleton s) {
    return s.landmarks().get(Landmark.HEAD_TOP);
  }

  private static List<Mesh> blocks(Skeleton s) {
    double girth = s.body().girth();
    var forms = new ArrayList<Mesh>();
    var head = s.headPoint(0, 0.045, 0.01);
    forms.addAll(Solids.box(0.085, 0.13, 0.105).placed(s.head(), head).parts());
    var neck = s.spineAt(1).at();
    forms.add(rod(neck, s.headJoint(), s.head(), girth));
    var chest = s.spineAt(0.75);
    forms.addAll(block(chest, 0.19 * girth, 0.15, 0.115 * girth));
    var pelvis = new Skeleton.Frame(s.spineAt(0).out(0, 0.01, 0), s.spineAt(0).turn());
    forms.addAll(block(pelvis, 0.18 * girth, 0.1, 0.105 * girth));
    for (var side : Side.values()) {
      var arm = s.arms().get(side);
      var leg = s.legs().get(side);
      forms.add(rod(arm.shoulder(), arm.elbow(), arm.upper(), ARM * girth));
      forms.add(rod(arm.elbow(), arm.wrist(), arm.lower(), FOREARM * girth));
      var palm = arm.wrist().add(arm.tip()).scalarMultiply(0.5);
      forms.addAll(Solids.box(0.045, 0.095, 0.022).placed(arm.hand(), palm).parts());
      forms.add(rod(leg.hip(), leg.knee(), leg.upper(), THIGH * girth));
      forms.add(rod(leg.knee(), leg.ankle(), leg.lower(), SHANK * girth));
      double ankle = s.body().ankleHeight();
      forms.addAll(
          Solids.box(s.body().footBreadth(), ankle, s.body().foot())
              .placed(leg.foot(), leg.footPoint(0, -ankle / 2, s.body().foot() * 0.22))
              .parts());
    }
    return forms;
  }

  private static List<Mesh> block(Skeleton.Frame at, double width, double height, double depth) {
    return Solids.box(width, height, depth).placed(at.turn(), at.at()).parts();
  }

  private static Mesh rod(Vector3D from, Vector3D to, Rotation turn, double girth) {
    return Tube.along(AROUND, from, to, turn, 0, ROD, girth, 0, 1, 2);
  }

  /** A soft line through points: E. Catmull and R. Rom, "A class of local splines", 1974. */
  private static List<Vector3D> smooth(List<Vector3D> through) {
    var line = new ArrayList<Vector3D>();
    int last = through.size() - 1;
    for (int i = 0; i < last; i++) {
      var before = through.get(Math.max(0, i - 1));
      var from = through.get(i);
      var to = through.get(i + 1);
      var after = through.get(Math.min(last, i + 2));
      for (int k = 0; k < FINE; k++) {
        double t = (double) k / FINE;
        line.add(
            new Vector3D(
                0.5 * (-t + 2 * t * t - t * t * t),
                before,
                0.5 * (2 - 5 * t * t + 3 * t * t * t),
                from,
                0.5 * (t + 4 * t * t - 3 * t * t * t),
                to,
                0.5 * (-t * t + t * t * t),
                after));
      }
    }
    line.add(through.get(last));
    return line;
  }
}
