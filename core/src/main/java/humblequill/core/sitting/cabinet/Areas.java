package humblequill.core.sitting.cabinet;

import java.util.Arrays;

/** Areas of the picture, as x and y of their corners in turn. */
final class Areas {
  private Areas() {}

  /** An area a hair wider, so that the paper does not show between it and the next one. */
  static double[] grown(double[] area, double hair) {
    int n = area.length / 2;
    double x = 0;
    double y = 0;
    for (int i = 0; i < n; i++) {
      x += area[2 * i] / n;
      y += area[2 * i + 1] / n;
    }
    var out = new double[area.length];
    for (int i = 0; i < n; i++) {
      double dx = area[2 * i] - x;
      double dy = area[2 * i + 1] - y;
      double wider = 1 + hair / Math.max(hair, Math.hypot(dx, dy));
      out[2 * i] = x + dx * wider;
      out[2 * i + 1] = y + dy * wider;
    }
    return out;
  }

  /** The part of an area that is darker than a limit, its brightness running evenly between. */
  static double[] darker(double[] area, double[] brightness, double limit) {
    int n = brightness.length;
    var out = new double[4 * n + 4];
    int k = 0;
    for (int i = 0; i < n; i++) {
      int j = (i + 1) % n;
      double a = brightness[i];
      double b = brightness[j];
      if (a < limit) {
        out[k++] = area[2 * i];
        out[k++] = area[2 * i + 1];
      }
      if (a < limit != b < limit) {
        // From the same end in both areas of an edge, so that they cut it at the very same point.
        int from = before(area, i, j) ? i : j;
        int to = i + j - from;
        double t = (limit - brightness[from]) / (brightness[to] - brightness[from]);
        out[k++] = area[2 * from] + t * (area[2 * to] - area[2 * from]);
        out[k++] = area[2 * from + 1] + t * (area[2 * to + 1] - area[2 * from + 1]);
      }
    }
    return Arrays.copyOf(out, k);
  }

  private static boolean before(double[] area, int i, int j) {
    double apart = area[2 * i] - area[2 * j];
    return apart == 0 ? area[2 * i + 1] < area[2 * j + 1] : apart < 0;
  }
}
