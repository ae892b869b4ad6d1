package humblequill.core.sitting.cabinet;

/** Takes the corners of a mesh out of the lines that are drawn from it. */
final class SoftLine {
  private static final int BETWEEN = 4;
  private static final double CORNER = Math.cos(Math.toRadians(50));

  private SoftLine() {}

  /**
   * A line without the corners of the surface's mesh: a cubic through its points, in the manner of
   * Catmull and Rom but with slopes by the lengths between them, so that it does not swing out
   * where a long stretch meets a short one. Corners that are meant stay, those of 50 degrees and
   * more.
   */
  static double[] through(double[] row) {
    int n = row.length / 2;
    if (n < 3) {
      return row;
    }
    boolean closed = row[0] == row[2 * n - 2] && row[1] == row[2 * n - 1];
    var out = new double[2 * ((n - 1) * BETWEEN + 1)];
    int k = 0;
    for (int i = 0; i + 1 < n; i++) {
      int before = i > 0 ? i - 1 : closed ? n - 2 : i;
      int after = i + 2 < n ? i + 2 : closed ? 1 : i + 1;
      int a = corner(row, before, i, i + 1) ? i : before;
      int b = corner(row, i, i + 1, after) ? i + 1 : after;
      double l = apart(row, i, i + 1);
      var from = slope(row, a, i, i + 1);
      var to = slope(row, i, i + 1, b);
      for (int s = 0; s < BETWEEN; s++) {
        double t = (double) s / BETWEEN;
        out[k++] = curve(row[2 * i], row[2 * i + 2], from[0] * l, to[0] * l, t);
        out[k++] = curve(row[2 * i + 1], row[2 * i + 3], from[1] * l, to[1] * l, t);
      }
    }
    out[k++] = row[2 * n - 2];
    out[k] = row[2 * n - 1];
    return out;
  }

  private static boolean corner(double[] row, int a, int b, int c) {
    double x1 = row[2 * b] - row[2 * a];
    double y1 = row[2 * b + 1] - row[2 * a + 1];
    double x2 = row[2 * c] - row[2 * b];
    double y2 = row[2 * c + 1] - row[2 * b + 1];
    double lengths = Math.hypot(x1, y1) * Math.hypot(x2, y2);
    return lengths > 0 && (x1 * x2 + y1 * y2) / lengths < CORNER;
  }

  private static double apart(double[] row, int a, int b) {
    return Math.hypot(row[2 * b] - row[2 * a], row[2 * b + 1] - row[2 * a + 1]);
  }

  /** The direction at the middle one of three points: the longer side has the greater say. */
  private static double[] slope(double[] row, int a, int middle, int b) {
    double length = Math.max(1e-12, apart(row, a, middle) + apart(row, middle, b));
    return new double[] {
      (row[2 * b] - row[2 * a]) / length, (row[2 * b + 1] - row[2 * a + 1]) / length
    };
  }

  /** Hermite's cubic from one value to another with the slopes at its ends. */
  private static double curve(double from, double to, double slope, double lastSlope, double t) {
    double d = to - from;
    return from
        + t * (slope + t * (3 * d - 2 * slope - lastSlope + t * (slope + lastSlope - 2 * d)));
  }
}
