package humblequill.core.bench;

import humblequill.core.book.picture.Spot;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How an attempt is laid over its reference.
 *
 * @param over brings the attempt over the reference
 * @param on names of the landmarks it was found by
 * @param onFoundation whether by the foundation alone; else by all, since the foundation has too
 *     few landmarks or too narrow ones: an error of 1 % of the size would turn the whole by more
 *     than 2°
 */
public record Alignment(Similarity over, List<String> on, boolean onFoundation) {
  /** √S of the foundation in units of the size from which a placing error turns by 2° at most. */
  static final double WIDE = 0.29;

  private static final int LEAST = 3;

  static Alignment of(Template template, Attempt attempt, double size) {
    var all = template.landmarks().stream().filter(l -> attempt.counts(l.name())).toList();
    var foundation =
        all.stream().filter(Template.Landmark::foundation).map(Template.Landmark::name).toList();
    boolean onFoundation =
        foundation.size() >= LEAST
            && Math.sqrt(Similarity.spread(of(attempt.reference(), foundation))) >= WIDE * size;
    var on = onFoundation ? foundation : all.stream().map(Template.Landmark::name).toList();
    return new Alignment(
        Similarity.of(of(attempt.drawn(), on), of(attempt.reference(), on)), on, onFoundation);
  }

  static List<Spot> of(java.util.Map<String, Spot> places, List<String> names) {
    return names.stream().map(places::get).toList();
  }

  /**
   * How far each landmark may lie off, as a share of the size: the usual share, widened for
   * landmarks far from those by which the attempt was laid over.
   */
  ToDoubleFunction<String> tolerance(Attempt attempt, double size, double usual) {
    var places = of(attempt.reference(), on);
    double s = places.isEmpty() ? 0 : Similarity.spread(places);
    if (s == 0 || size == 0) {
      return landmark -> usual;
    }
    var mean = Similarity.mean(places);
    return landmark -> {
      double squared = Similarity.squared(attempt.reference().get(landmark), mean);
      return usual * Math.max(1, Math.sqrt(1.0 / on.size() + squared / s));
    };
  }
}
