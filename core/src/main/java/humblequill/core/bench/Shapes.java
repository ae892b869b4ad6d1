package humblequill.core.bench;

import humblequill.core.book.picture.Spot;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How forms grow narrower and how large areas are, the attempt against the reference; 1 is true.
 *
 * @param tapers by name: how much of the narrowing is drawn. 1.2 means that the far end is 20 %
 *     broader against the near one than it should be
 * @param areas by name, both at one size
 */
public record Shapes(Map<String, Double> tapers, Map<String, Double> areas) {
  /**
   * Measures.
   *
   * @param scale of the attempt to the reference
   */
  static Shapes of(Template template, Attempt attempt, double scale) {
    var tapers = new LinkedHashMap<String, Double>();
    for (var taper : template.tapers()) {
      var from = part(template, taper.from());
      var to = part(template, taper.to());
      if (counts(attempt, from) && counts(attempt, to)) {
        double truth =
            Compared.length(attempt.reference(), to) / Compared.length(attempt.reference(), from);
        double drawn =
            Compared.length(attempt.drawn(), to) / Compared.length(attempt.drawn(), from);
        keep(tapers, taper.name(), drawn / truth);
      }
    }
    var areas = new LinkedHashMap<String, Double>();
    for (var outline : template.outlines()) {
      if (outline.around().stream().allMatch(attempt::counts)) {
        double truth = area(outline.around(), attempt.reference());
        double drawn = area(outline.around(), attempt.drawn());
        keep(areas, outline.name(), drawn * scale * scale / truth);
      }
    }
    return new Shapes(tapers, areas);
  }

  /** A part of no length and an outline of no area tell nothing. */
  private static void keep(Map<String, Double> figures, String name, double figure) {
    if (Double.isFinite(figure) && figure > 0) {
      figures.put(name, figure);
    }
  }

  private static Template.Part part(Template template, String name) {
    return template.parts().stream().filter(p -> p.name().equals(name)).findFirst().orElseThrow();
  }

  private static boolean counts(Attempt attempt, Template.Part part) {
    return attempt.counts(part.from()) && attempt.counts(part.to());
  }

  /** The shoelace formula, after C. F. Gauss. */
  static double area(List<String> around, Map<String, Spot> places) {
    double twice = 0;
    for (int i = 0; i < around.size(); i++) {
      var a = places.get(around.get(i));
      var b = places.get(around.get((i + 1) % around.size()));
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return Math.abs(twice) / 2;
  }
}
