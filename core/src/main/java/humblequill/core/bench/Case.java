package humblequill.core.bench;

import humblequill.core.bench.Finding.Kind;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What one comparison says of each quantity.
 *
 * @param day of the attempt
 * @param values one value per quantity, left and right as one
 */
public record Case(LocalDate day, Map<Quantity, Double> values) {
  /** Below this tilt, in degrees, it is not told which way more of it would be. */
  private static final double SIGNED = 5;

  /**
   * Reads a comparison.
   *
   * @param refused keys of findings that were meant so; they count for nothing
   */
  public static Case of(LocalDate day, Template template, Compared compared, Set<String> refused) {
    var values = new LinkedHashMap<Quantity, List<Double>>();
    for (var p : compared.parts()) {
      if (!p.judged()) {
        continue;
      }
      var name = template.both(p.part());
      if (!refused.contains(Finding.key(Kind.LENGTH, p.part().name()))) {
        add(values, new Quantity(Quantity.Kind.LENGTH, name), Math.log(p.ratio()));
      }
      if (Math.abs(p.tilt()) >= SIGNED
          && !refused.contains(Finding.key(Kind.TILT, p.part().name()))) {
        add(
            values,
            new Quantity(Quantity.Kind.TILT, name),
            Angles.halfWrapped(p.off()) * Math.signum(p.tilt()));
      }
    }
    compared
        .lean()
        .filter(l -> Math.abs(l.truth()) >= SIGNED)
        .filter(l -> !refused.contains(Finding.key(Kind.LEAN, template.name())))
        .ifPresent(
            l ->
                add(
                    values,
                    new Quantity(Quantity.Kind.LEAN, ""),
                    l.turn() * Math.signum(l.truth())));
    compared
        .tilt()
        .ifPresent(t -> add(values, new Quantity(Quantity.Kind.TILT_RESPONSE, ""), t.share() - 1));
    compared
        .depths()
        .forEach((name, d) -> add(values, new Quantity(Quantity.Kind.DEPTH, name), d - 1));
    compared
        .shapes()
        .tapers()
        .forEach((n, r) -> add(values, new Quantity(Quantity.Kind.TAPER, n), Math.log(r)));
    compared
        .shapes()
        .areas()
        .forEach((n, r) -> add(values, new Quantity(Quantity.Kind.AREA, n), Math.log(r)));
    var means = new LinkedHashMap<Quantity, Double>();
    values.forEach((q, v) -> means.put(q, v.stream().mapToDouble(d -> d).average().orElseThrow()));
    return new Case(day, means);
  }

  private static void add(Map<Quantity, List<Double>> values, Quantity quantity, double value) {
    values.computeIfAbsent(quantity, q -> new ArrayList<>()).add(value);
  }
}
