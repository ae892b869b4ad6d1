package humblequill.core.bench;

import humblequill.core.bench.Template.SidePair;
import humblequill.core.book.picture.Spot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Whether left and right were taken for each other, or the whole picture is a mirror's.
 *
 * @param verdict what fits
 * @param ask pairs to ask about, though the whole is as it should be
 */
public record Sides(Verdict verdict, List<SidePair> ask) {
  /** What fits. */
  public enum Verdict {
    /** As it is. */
    TRUE,
    /** With the names of left and right exchanged. */
    EXCHANGED,
    /** As seen in a mirror. */
    MIRRORED,
    /** Either of the two: to be asked. */
    EITHER,
    /** The landmarks lie on one line or on one point, so that nothing can be told. */
    UNKNOWN
  }

  private static final double CLEAR = 0.25;
  private static final double NOTICED = 0.02;
  private static final double ALIKE = 2;
  private static final double FLAT = 1e-6;

  static Sides of(
      Template template, Attempt attempt, Alignment alignment, double size, double tolerance) {
    var names =
        template.landmarks().stream().map(Template.Landmark::name).filter(attempt::counts).toList();
    var reference = Alignment.of(attempt.reference(), names);
    var drawn = Alignment.of(attempt.drawn(), names);
    if (names.size() < 3 || flat(reference) || flat(drawn)) {
      return new Sides(Verdict.UNKNOWN, List.of());
    }
    var exchanged = exchanged(template.pairs(), attempt, names);
    double asIs = share(drawn, reference);
    double swapped = exchanged.equals(drawn) ? 1 : share(exchanged, reference);
    double mirrored = share(mirrored(drawn), reference);
    double best = Math.min(swapped, mirrored);
    if (asIs > NOTICED && best < CLEAR * asIs) {
      double worst = Math.max(swapped, mirrored);
      if (worst < CLEAR * asIs && worst <= ALIKE * best) {
        return new Sides(Verdict.EITHER, List.of());
      }
      return new Sides(swapped < mirrored ? Verdict.EXCHANGED : Verdict.MIRRORED, List.of());
    }
    return new Sides(Verdict.TRUE, single(template, attempt, alignment, size, tolerance));
  }

  private static double share(List<Spot> from, List<Spot> to) {
    return Similarity.of(from, to).left(from, to) / Similarity.spread(to);
  }

  private static List<Spot> mirrored(List<Spot> points) {
    return points.stream().map(p -> new Spot(-p.x(), p.y())).toList();
  }

  private static List<Spot> exchanged(List<SidePair> pairs, Attempt attempt, List<String> names) {
    Map<String, String> other = new HashMap<>();
    for (var pair : pairs) {
      if (attempt.counts(pair.left()) && attempt.counts(pair.right())) {
        other.put(pair.left(), pair.right());
        other.put(pair.right(), pair.left());
      }
    }
    return names.stream().map(n -> attempt.drawn().get(other.getOrDefault(n, n))).toList();
  }

  /** Pairs of which exchanging halves both offsets, one of them beyond the tolerance. */
  private static List<SidePair> single(
      Template template, Attempt attempt, Alignment alignment, double size, double tolerance) {
    var ask = new ArrayList<SidePair>();
    for (var pair : template.pairs()) {
      if (!attempt.counts(pair.left()) || !attempt.counts(pair.right())) {
        continue;
      }
      var left = attempt.reference().get(pair.left());
      var right = attempt.reference().get(pair.right());
      var drawnLeft = alignment.over().apply(attempt.drawn().get(pair.left()));
      var drawnRight = alignment.over().apply(attempt.drawn().get(pair.right()));
      double offLeft = Similarity.distance(drawnLeft, left);
      double offRight = Similarity.distance(drawnRight, right);
      boolean noticed = Math.max(offLeft, offRight) > tolerance * size;
      if (noticed
          && Similarity.distance(drawnRight, left) <= offLeft / 2
          && Similarity.distance(drawnLeft, right) <= offRight / 2) {
        ask.add(pair);
      }
    }
    return ask;
  }

  /** Whether points lie on one line: the smaller share of their spread is nothing. */
  static boolean flat(List<Spot> points) {
    var mean = Similarity.mean(points);
    double xx = 0;
    double yy = 0;
    double xy = 0;
    for (var p : points) {
      double dx = p.x() - mean.x();
      double dy = p.y() - mean.y();
      xx += dx * dx;
      yy += dy * dy;
      xy += dx * dy;
    }
    double both = xx + yy;
    return both == 0 || (xx * yy - xy * xy) <= FLAT * both * both;
  }
}
