package humblequill.core.cabinet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;

/**
 * Areas put together: only their common outline is left, since an edge that two of them share runs
 * once each way and falls away. How often a point is enclosed stays the same, so that the outline
 * fills to the same picture with a tenth of the edges.
 */
final class Region {
  private static final double FINE = 1e4;

  private final LinkedHashMap<Long, Edge> open = new LinkedHashMap<>();

  /** An edge from the point it is kept under. */
  private record Edge(double x, double y, long to, Edge more) {
    Edge without(long end) {
      return to == end ? more : new Edge(x, y, to, more.without(end));
    }

    boolean leadsTo(long end) {
      return to == end || more != null && more.leadsTo(end);
    }
  }

  /**
   * Adds an area.
   *
   * @param area its corners as x, y, x, y …; points that two areas share are equal in both
   */
  void add(double[] area) {
    int n = area.length;
    for (int i = 0; i < n; i += 2) {
      int j = i + 2 == n ? 0 : i + 2;
      long from = key(area[i], area[i + 1]);
      long to = key(area[j], area[j + 1]);
      if (from != to) {
        edge(from, to, area[i], area[i + 1]);
      }
    }
  }

  private static long key(double x, double y) {
    return Math.round(x * FINE) << Integer.SIZE ^ Math.round(y * FINE) & 0xFFFFFFFFL;
  }

  private void edge(long from, long to, double x, double y) {
    var back = open.get(to);
    if (back != null && back.leadsTo(from)) {
      keep(to, back.without(from));
    } else {
      open.put(from, new Edge(x, y, to, open.get(from)));
    }
  }

  private void keep(long from, Edge left) {
    if (left == null) {
      open.remove(from);
    } else {
      open.put(from, left);
    }
  }

  /** The closed rows of the outline; the region is empty afterwards. */
  List<double[]> outline() {
    var rows = new ArrayList<double[]>();
    while (!open.isEmpty()) {
      rows.add(row(open.keySet().iterator().next()));
    }
    return rows;
  }

  private double[] row(long start) {
    var row = new double[64];
    int k = 0;
    long at = start;
    do {
      var edge = open.get(at);
      keep(at, edge.more);
      if (k == row.length) {
        row = Arrays.copyOf(row, 2 * k);
      }
      row[k++] = edge.x;
      row[k++] = edge.y;
      at = edge.to;
    } while (at != start);
    return Arrays.copyOf(row, k);
  }
}
