package humblequill.core.bench;

import humblequill.core.ground.stats.FalseDiscoveries;
import humblequill.core.ground.stats.MeanInterval;
import humblequill.core.ground.stats.SignTest;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A difference that may come back from drawing to drawing.
 *
 * @param quantity what is measured
 * @param mean its mean with a 95 % interval, and the chance of Student's t
 * @param same how many cases lie on the side of the mean, those told in words among them
 * @param signed how many lie on a side at all
 * @param told how many of these are known from words alone
 * @param sign the chance of the exact sign test
 * @param adjusted the chance of t, corrected for how many quantities were looked at
 * @param standing how much it may be said
 */
public record Tendency(
    Quantity quantity,
    MeanInterval mean,
    int same,
    int signed,
    int told,
    double sign,
    double adjusted,
    Standing standing) {
  /** How much may be said. */
  public enum Standing {
    /** A habit. */
    HOLDS,
    /** It may be chance. */
    MAY_BE_CHANCE,
    /** Fewer than five comparisons. */
    TOO_FEW
  }

  /** Comparisons before anything is said. */
  public static final int LEAST = 5;

  /** Share of false discoveries that is accepted. */
  private static final double ACCEPTED = 0.1;

  private static final double WITHIN = 0.95;

  /** All quantities of some cases: those that hold first, then by their chance. */
  public static List<Tendency> of(List<Case> cases) {
    return of(cases, List.of());
  }

  /**
   * All quantities of some cases: those that hold first, then by their chance.
   *
   * @param said the learner's own words of such drawings; they have a side and no figure, so that
   *     the sign test alone counts them
   */
  public static List<Tendency> of(List<Case> cases, List<SaidWrong> said) {
    var values = new LinkedHashMap<Quantity, List<Double>>();
    for (var c : cases) {
      c.values().forEach((q, v) -> values.computeIfAbsent(q, k -> new ArrayList<>()).add(v));
    }
    var enough = values.keySet().stream().filter(q -> values.get(q).size() >= LEAST).toList();
    var means = new LinkedHashMap<Quantity, MeanInterval>();
    values.forEach((q, v) -> means.put(q, MeanInterval.of(v, WITHIN)));
    var adjusted = FalseDiscoveries.adjusted(enough.stream().map(q -> means.get(q).p()).toList());
    var found = new ArrayList<Tendency>();
    values.forEach(
        (q, v) -> {
          int i = enough.indexOf(q);
          var told = said.stream().filter(w -> w.tells(q)).toList();
          found.add(of(q, v, told, means.get(q), i < 0 ? 1 : adjusted.get(i)));
        });
    found.sort(Comparator.comparing(Tendency::standing).thenComparingDouble(t -> t.mean().p()));
    return found;
  }

  private static Tendency of(
      Quantity quantity,
      List<Double> values,
      List<SaidWrong> said,
      MeanInterval mean,
      double adjusted) {
    long measured =
        values.stream().filter(v -> v != 0 && Math.signum(v) == Math.signum(mean.mean())).count();
    long alike = said.stream().filter(w -> w.more() == mean.mean() > 0).count();
    int same = (int) (measured + alike);
    int signed = (int) values.stream().filter(v -> v != 0).count() + said.size();
    var standing =
        values.size() < LEAST
            ? Standing.TOO_FEW
            : !mean.holdsZero() && adjusted <= ACCEPTED ? Standing.HOLDS : Standing.MAY_BE_CHANCE;
    return new Tendency(
        quantity,
        mean,
        same,
        signed,
        said.size(),
        SignTest.twoSided(same, signed),
        adjusted,
        standing);
  }

  /** How many would be named by chance alone, were each looked at by itself. */
  public static double byChance(List<Tendency> all) {
    return (1 - WITHIN) * all.stream().filter(t -> t.mean().of() >= LEAST).count();
  }

  /** Values of one quantity, in the order of the cases. */
  public static List<Double> valuesOf(Quantity quantity, List<Case> cases) {
    return cases.stream()
        .map(Case::values)
        .filter(v -> v.containsKey(quantity))
        .map(v -> v.get(quantity))
        .toList();
  }

  /** Cases by whether they lie before a day. */
  public static Map<Boolean, List<Case>> parted(List<Case> cases, java.time.LocalDate day) {
    return cases.stream()
        .collect(java.util.stream.Collectors.partitioningBy(c -> c.day().isBefore(day)));
  }
}
