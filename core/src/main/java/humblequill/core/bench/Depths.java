package humblequill.core.bench;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/** How much of the foreshortening is drawn: near against far, on a log scale. */
final class Depths {
  /** Below this ratio of near to far there is nothing to draw of it. */
  private static final double NOTICEABLE = Math.log(1.3);

  private Depths() {}

  /** By name: 1 is all of it, 0.6 means 60 %. */
  static Map<String, Double> of(Template template, Attempt attempt) {
    var found = new LinkedHashMap<String, Double>();
    for (var depth : template.depths()) {
      var one = part(template, attempt, depth.one());
      var other = part(template, attempt, depth.other());
      if (one.isPresent() && other.isPresent()) {
        double truth =
            Math.log(
                Compared.length(attempt.reference(), one.get())
                    / Compared.length(attempt.reference(), other.get()));
        double drawn =
            Math.log(
                Compared.length(attempt.drawn(), one.get())
                    / Compared.length(attempt.drawn(), other.get()));
        if (Math.abs(truth) >= NOTICEABLE && Double.isFinite(drawn)) {
          found.put(depth.name(), drawn / truth);
        }
      }
    }
    return found;
  }

  private static Optional<Template.Part> part(Template template, Attempt attempt, String name) {
    return template.parts().stream()
        .filter(p -> p.name().equals(name))
        .filter(p -> attempt.counts(p.from()) && attempt.counts(p.to()))
        .filter(p -> Compared.length(attempt.reference(), p) > 0)
        .findFirst();
  }
}
