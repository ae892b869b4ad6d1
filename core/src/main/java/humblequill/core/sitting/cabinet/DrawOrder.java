package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.List;

/** Which surface is drawn over which. */
final class DrawOrder {
  private DrawOrder() {}

  /** From the back to the front: of two that overlap, the one that is farther where they do. */
  static List<SeenMesh> of(List<SeenMesh> views, Camera camera) {
    int n = views.size();
    var behind = new boolean[n][n];
    for (int i = 0; i < n; i++) {
      for (int j = i + 1; j < n; j++) {
        int first = farther(views.get(i), views.get(j), camera);
        behind[i][j] = first > 0;
        behind[j][i] = first < 0;
      }
    }
    var left = new ArrayList<Integer>();
    for (int i = 0; i < n; i++) {
      left.add(i);
    }
    left.sort((a, b) -> Double.compare(views.get(b).depth, views.get(a).depth));
    var order = new ArrayList<SeenMesh>();
    while (!left.isEmpty()) {
      int pick = 0;
      for (int k = 0; k < left.size(); k++) {
        int candidate = left.get(k);
        if (left.stream().noneMatch(other -> behind[other][candidate])) {
          pick = k;
          break;
        }
      }
      order.add(views.get(left.remove(pick)));
    }
    return order;
  }

  /** Above 0 when a lies behind b where they overlap, below 0 the other way, 0 when neither. */
  private static int farther(SeenMesh a, SeenMesh b, Camera camera) {
    double touch = (a.mesh.reach() + b.mesh.reach()) * camera.scaleAt(Math.min(a.depth, b.depth));
    if (a.clearOf(b, touch)) {
      return 0;
    }
    double best = Double.MAX_VALUE;
    double difference = 0;
    for (int i = 0; i <= SeenMesh.STEPS; i++) {
      var p = a.axis[i];
      for (int j = 0; j <= SeenMesh.STEPS; j++) {
        var q = b.axis[j];
        double x = p.x() - q.x();
        double y = p.y() - q.y();
        double apart = x * x + y * y;
        if (apart < best) {
          best = apart;
          difference = p.depth() - q.depth();
        }
      }
    }
    if (best >= touch * touch) {
      return 0;
    }
    double clear = 0.15 * (a.mesh.reach() + b.mesh.reach());
    if (Math.abs(difference) < clear) {
      difference = a.depth - b.depth;
    }
    return (int) Math.signum(difference);
  }
}
