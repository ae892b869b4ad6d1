package humblequill.core.sitting.cabinet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;

/**
 * Areas put together: only their common outline is left, since an edge that two of them share runs
 * once each way and falls away. How often a point is enclosed stays the same, so that the outline
 * fills to the same picture with a tenth of the edges.
 *
 * <p>Places are rounded to a ten-thousandth, and must lie within 200,000 either way. Edges are
 * counted in a table of plain numbers, for there are thousands of them in a figure.
 */
final class Region {
  private static final double FINE = 1e4;
  private static final long SPREAD = 0x9E3779B97F4A7C15L;

  /** Of each edge the lesser end, the greater end, and how much oftener it runs up than down. */
  private long[] less = new long[64];

  private long[] more = new long[64];
  private int[] ups = new int[64];
  private int used;

  /**
   * Adds an area.
   *
   * @param area its corners as x, y, x, y …; points that two areas share are equal in both
   */
  void add(double[] area) {
    if (area.length == 0) {
      return;
    }
    long first = place(area[0], area[1]);
    long from = first;
    for (int i = 2; i < area.length; i += 2) {
      long to = place(area[i], area[i + 1]);
      edge(from, to);
      from = to;
    }
    edge(from, first);
  }

  private static long place(double x, double y) {
    return Math.round(x * FINE) << Integer.SIZE ^ Math.round(y * FINE) & 0xFFFFFFFFL;
  }

  private void edge(long from, long to) {
    if (from != to) {
      if (2 * used >= ups.length) {
        grow();
      }
      count(Math.min(from, to), Math.max(from, to), from < to ? 1 : -1);
    }
  }

  private void count(long a, long b, int up) {
    long mixed = (a * SPREAD ^ b) * SPREAD;
    int at = (int) (mixed >>> Integer.SIZE) & ups.length - 1;
    while (less[at] != more[at] && (less[at] != a || more[at] != b)) {
      at = at + 1 & ups.length - 1;
    }
    if (less[at] == more[at]) {
      used++;
      less[at] = a;
      more[at] = b;
    }
    ups[at] += up;
  }

  private void grow() {
    var a = less;
    var b = more;
    var up = ups;
    less = new long[2 * a.length];
    more = new long[2 * a.length];
    ups = new int[2 * a.length];
    used = 0;
    for (int i = 0; i < a.length; i++) {
      if (up[i] != 0) {
        count(a[i], b[i], up[i]);
      }
    }
  }

  /** A way from a place on, and others from there. */
  private record Way(long to, Way other) {}

  /** The closed rows of the outline. */
  List<double[]> outline() {
    var ways = new LinkedHashMap<Long, Way>();
    for (int i = 0; i < ups.length; i++) {
      for (int n = ups[i]; n > 0; n--) {
        ways.put(less[i], new Way(more[i], ways.get(less[i])));
      }
      for (int n = ups[i]; n < 0; n++) {
        ways.put(more[i], new Way(less[i], ways.get(more[i])));
      }
    }
    var rows = new ArrayList<double[]>();
    while (!ways.isEmpty()) {
      rows.add(row(ways, ways.keySet().iterator().next()));
    }
    return rows;
  }

  /** As many ways lead to a place as from it, so that each walk comes back to where it began. */
  private static double[] row(LinkedHashMap<Long, Way> ways, long start) {
    var row = new double[64];
    int k = 0;
    long at = start;
    do {
      if (k == row.length) {
        row = Arrays.copyOf(row, 2 * k);
      }
      row[k++] = (at >> Integer.SIZE) / FINE;
      row[k++] = (int) at / FINE;
      var way = ways.remove(at);
      if (way.other != null) {
        ways.put(at, way.other);
      }
      at = way.to;
    } while (at != start);
    return Arrays.copyOf(row, k);
  }
}
