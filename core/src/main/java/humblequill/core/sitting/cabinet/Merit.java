package humblequill.core.sitting.cabinet;

import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** How well a look at a subject meets what is asked of it. */
final class Merit {
  private static final int POSES = 8;

  private Merit() {}

  /** What is shown; of several poses the one that tilts most, where that is asked for. */
  static Subject subject(SplittableRandom random, Reference.Kind kind, Emphasis wish) {
    return wish == Emphasis.TILT
        ? Stream.generate(() -> Subject.of(random, kind))
            .limit(POSES)
            .max(Comparator.comparingDouble(Merit::rise))
            .orElseThrow()
        : Subject.of(random, kind);
  }

  /** Larger is better; looks at one subject are compared by it. */
  static double of(Emphasis wish, Subject subject, Camera camera) {
    return switch (wish) {
      case ANY -> 0;
      case LITTLE -> -foreshortening(camera, subject.lengths());
      case MUCH -> foreshortening(camera, subject.lengths());
      case LEGS -> towards(camera, subject, "hip", "ankle");
      case ARMS -> towards(camera, subject, "shoulder", "wrist");
      case TILT -> tilt(camera, subject, "shoulder") + tilt(camera, subject, "hip");
    };
  }

  /** Of the limb that points most to the eye: how much nearer its end is, by its length. */
  private static double towards(Camera camera, Subject subject, String from, String to) {
    return Stream.of("left ", "right ")
        .mapToDouble(
            side -> {
              var a = subject.landmarks().get(side + from);
              var b = subject.landmarks().get(side + to);
              return (camera.see(a).depth() - camera.see(b).depth()) / a.distance(b);
            })
        .max()
        .orElseThrow();
  }

  /** How far one side is seen higher than the other, by the length of the line between them. */
  private static double tilt(Camera camera, Subject subject, String pair) {
    var left = subject.landmarks().get("left " + pair);
    var right = subject.landmarks().get("right " + pair);
    var a = camera.see(left);
    var b = camera.see(right);
    double scale = camera.scaleAt((a.depth() + b.depth()) / 2);
    return Math.abs(a.y() - b.y()) / (left.distance(right) * scale);
  }

  private static double rise(Subject subject) {
    return rise(subject, "shoulder") + rise(subject, "hip");
  }

  private static double rise(Subject subject, String pair) {
    var left = subject.landmarks().get("left " + pair);
    var right = subject.landmarks().get("right " + pair);
    return Math.abs(left.getY() - right.getY()) / left.distance(right);
  }

  /** Mean of 1 − seen length ÷ length it would have across the line of sight. */
  static double foreshortening(Camera camera, List<Vector3D[]> limbs) {
    double sum = 0;
    for (var limb : limbs) {
      var a = camera.see(limb[0]);
      var b = camera.see(limb[1]);
      double scale = camera.scaleAt((a.depth() + b.depth()) / 2);
      double whole = limb[0].distance(limb[1]) * scale;
      sum += 1 - Math.min(1, Math.hypot(a.x() - b.x(), a.y() - b.y()) / whole);
    }
    return sum / limbs.size();
  }
}
