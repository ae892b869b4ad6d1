package humblequill.core.book.picture;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Proposes where the corners of the paper lie in a picture: around the largest bright patch the
 * largest four-cornered figure, each side moved onto the edge that is seen there.
 */
public final class PaperEdges {
  /** The longer edge of the picture that is looked at, in dots. */
  public static final int LOOKED_AT = 320;

  private static final double LEAST_SHARE = .12;
  private static final double MOST_SHARE = .985;

  /** How far from the first guess an edge is looked for, as a share of the longer edge. */
  private static final double NEAR = .03;

  /** The ends of a side are left out, since corners of paper are round or bent. */
  private static final double ENDS = .06;

  private static final int CANDIDATES = 36;
  private static final double ON_EDGE = 1.6;
  private static final double LEAST_SURE = .6;
  private static final int ROUNDS = 4;

  private PaperEdges() {}

  /**
   * Corners that were found.
   *
   * @param corners as shares of the picture
   * @param sure what share of the weakest side is seen as an edge, .6 to 1
   */
  public record Proposed(Corners corners, double sure) {}

  /** Where the corners of the paper most likely lie; empty where no paper stands out. */
  public static Optional<Proposed> in(Grey picture) {
    var mask = PaperMask.of(picture);
    int w = picture.width();
    int h = picture.height();
    int size = 0;
    for (boolean b : mask) {
      size += b ? 1 : 0;
    }
    if (size < LEAST_SHARE * mask.length || size > MOST_SHARE * mask.length) {
      return Optional.empty();
    }
    var edge = edge(mask, w, h);
    var first = largestFour(hull(edge));
    if (first.isEmpty()) {
      return Optional.empty();
    }
    var sides = new ArrayList<Line>();
    double weakest = 1;
    var corners = first.get();
    for (int i = 0; i < 4; i++) {
      var from = corners.get(i);
      var to = corners.get((i + 1) % 4);
      var near = near(edge, from, to, NEAR * Math.max(w, h));
      if (near.size() < 4) {
        return Optional.empty();
      }
      var line = line(near);
      sides.add(line);
      long on = near.stream().filter(s -> line.distance(s) < ON_EDGE).count();
      weakest = Math.min(weakest, on / (from.distance(to) * (1 - 2 * ENDS)));
    }
    var exact = new ArrayList<Spot>();
    for (int i = 0; i < 4; i++) {
      var meets = sides.get((i + 3) % 4).meets(sides.get(i));
      if (meets.isEmpty()) {
        return Optional.empty();
      }
      var s = meets.get();
      exact.add(new Spot(clamped(s.x() / w), clamped(s.y() / h)));
    }
    var found = Corners.of(exact);
    return weakest < LEAST_SURE || found.slip().isPresent()
        ? Optional.empty()
        : Optional.of(new Proposed(found, Math.min(1, weakest)));
  }

  private static double clamped(double share) {
    return Math.max(0, Math.min(1, share));
  }

  /** The dots of the patch that touch what is not of it, by the outer side of the dot. */
  private static List<Spot> edge(boolean[] mask, int w, int h) {
    var out = new ArrayList<Spot>();
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        if (!mask[y * w + x]) {
          continue;
        }
        boolean left = x == 0 || !mask[y * w + x - 1];
        boolean right = x == w - 1 || !mask[y * w + x + 1];
        boolean up = y == 0 || !mask[(y - 1) * w + x];
        boolean down = y == h - 1 || !mask[(y + 1) * w + x];
        if (left || right || up || down) {
          out.add(
              new Spot(
                  x + .5 + (right ? .5 : 0) - (left ? .5 : 0),
                  y + .5 + (down ? .5 : 0) - (up ? .5 : 0)));
        }
      }
    }
    return out;
  }

  /** The points that go around all others, clockwise as seen; A. M. Andrew, 1979. */
  private static List<Spot> hull(List<Spot> all) {
    var sorted = new ArrayList<>(all);
    sorted.sort(Comparator.comparingDouble(Spot::x).thenComparingDouble(Spot::y));
    var out = new ArrayList<Spot>();
    for (int pass = 0; pass < 2; pass++) {
      int from = out.size();
      for (var s : sorted) {
        while (out.size() >= from + 2
            && turn(out.get(out.size() - 2), out.get(out.size() - 1), s) <= 0) {
          out.remove(out.size() - 1);
        }
        out.add(s);
      }
      out.remove(out.size() - 1);
      java.util.Collections.reverse(sorted);
    }
    return out;
  }

  private static double turn(Spot a, Spot b, Spot c) {
    return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
  }

  /** The largest figure of four of the points, clockwise from the upper left. */
  private static Optional<List<Spot>> largestFour(List<Spot> hull) {
    var few = new ArrayList<>(hull);
    while (few.size() > CANDIDATES) {
      int flattest = 0;
      double least = Double.MAX_VALUE;
      for (int i = 0; i < few.size(); i++) {
        double area =
            Math.abs(
                turn(
                    few.get((i + few.size() - 1) % few.size()),
                    few.get(i),
                    few.get((i + 1) % few.size())));
        if (area < least) {
          least = area;
          flattest = i;
        }
      }
      few.remove(flattest);
    }
    int n = few.size();
    double most = 0;
    List<Spot> best = List.of();
    for (int i = 0; i < n; i++) {
      for (int j = i + 1; j < n; j++) {
        for (int k = j + 1; k < n; k++) {
          for (int l = k + 1; l < n; l++) {
            var four = List.of(few.get(i), few.get(j), few.get(k), few.get(l));
            double area = Corners.of(four).area();
            if (area > most) {
              most = area;
              best = four;
            }
          }
        }
      }
    }
    if (best.isEmpty()) {
      return Optional.empty();
    }
    int first = 0;
    for (int i = 1; i < best.size(); i++) {
      if (best.get(i).x() + best.get(i).y() < best.get(first).x() + best.get(first).y()) {
        first = i;
      }
    }
    var out = new ArrayList<Spot>();
    for (int i = 0; i < best.size(); i++) {
      out.add(best.get((first + i) % best.size()));
    }
    return Optional.of(out);
  }

  private static List<Spot> near(List<Spot> edge, Spot from, Spot to, double within) {
    double length = from.distance(to);
    double dx = (to.x() - from.x()) / length;
    double dy = (to.y() - from.y()) / length;
    var out = new ArrayList<Spot>();
    for (var s : edge) {
      double along = (s.x() - from.x()) * dx + (s.y() - from.y()) * dy;
      double off = Math.abs((s.x() - from.x()) * dy - (s.y() - from.y()) * dx);
      if (off < within && along > ENDS * length && along < (1 - ENDS) * length) {
        out.add(s);
      }
    }
    return out;
  }

  /** A straight line through (x, y) along (dx, dy), the latter of length 1. */
  private record Line(double x, double y, double dx, double dy) {
    double distance(Spot s) {
      return Math.abs((s.x() - x) * dy - (s.y() - y) * dx);
    }

    Optional<Spot> meets(Line other) {
      double across = dx * other.dy - dy * other.dx;
      if (Math.abs(across) < 1e-6) {
        return Optional.empty();
      }
      double t = ((other.x - x) * other.dy - (other.y - y) * other.dx) / across;
      return Optional.of(new Spot(x + t * dx, y + t * dy));
    }
  }

  /** The line with the least square distances, the points that lie farthest left out in turn. */
  private static Line line(List<Spot> points) {
    var used = points;
    Line line = through(used);
    for (int round = 0; round < ROUNDS; round++) {
      var current = line;
      var distances = points.stream().mapToDouble(current::distance).sorted().toArray();
      double most = Math.max(.75, 2 * distances[distances.length / 2]);
      used = points.stream().filter(s -> current.distance(s) <= most).toList();
      line = through(used);
    }
    return line;
  }

  private static Line through(List<Spot> points) {
    double x = points.stream().mapToDouble(Spot::x).average().orElse(0);
    double y = points.stream().mapToDouble(Spot::y).average().orElse(0);
    double xx = 0;
    double xy = 0;
    double yy = 0;
    for (var s : points) {
      xx += (s.x() - x) * (s.x() - x);
      xy += (s.x() - x) * (s.y() - y);
      yy += (s.y() - y) * (s.y() - y);
    }
    double angle = .5 * Math.atan2(2 * xy, xx - yy);
    return new Line(x, y, Math.cos(angle), Math.sin(angle));
  }
}
