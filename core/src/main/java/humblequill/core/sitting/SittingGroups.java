package humblequill.core.sitting;

import humblequill.core.ground.stats.MeanInterval;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.Function;

/**
 * Sittings side by side by what they have in common.
 *
 * @param groups those with a sitting, in their own order
 * @param bestMarks place in {@code groups} of the one whose marks stand apart above all others of
 *     enough sittings; empty where none does
 * @param bestEnergy the same by what it gave or took of energy
 * @param lacking how many marked sittings are missing until two groups can be compared; 0 where
 *     they can
 */
public record SittingGroups(
    List<Group> groups, OptionalInt bestMarks, OptionalInt bestEnergy, int lacking) {
  /** Fewer sittings of a group say nothing of it. */
  public static final int ENOUGH = 5;

  private static final double WITHIN = 0.95;

  public SittingGroups {
    groups = List.copyOf(groups);
  }

  /**
   * Some sittings.
   *
   * @param name what they have in common
   * @param minutes worked in all
   * @param marks their mean mark with its interval; empty without any
   * @param energy mean change of energy with its interval; empty without any
   */
  public record Group(
      String name,
      int sittings,
      int minutes,
      Optional<MeanInterval> marks,
      Optional<MeanInterval> energy) {}

  /**
   * Groups of sittings.
   *
   * @param by what a sitting belongs to; those without it are left out
   */
  public static SittingGroups by(
      List<PastSitting> sittings, Function<PastSitting, Optional<String>> by) {
    Map<String, List<PastSitting>> parted = new TreeMap<>();
    sittings.forEach(
        s -> by.apply(s).ifPresent(n -> parted.computeIfAbsent(n, k -> new ArrayList<>()).add(s)));
    var groups = parted.entrySet().stream().map(e -> group(e.getKey(), e.getValue())).toList();
    var counts =
        groups.stream()
            .map(g -> g.marks().map(MeanInterval::of).orElse(0))
            .sorted(Comparator.reverseOrder())
            .limit(2)
            .mapToInt(n -> Math.max(0, ENOUGH - n))
            .sum();
    return new SittingGroups(
        groups,
        best(groups, Group::marks),
        best(groups, Group::energy),
        counts + (groups.size() < 2 ? (2 - groups.size()) * ENOUGH : 0));
  }

  private static Group group(String name, List<PastSitting> sittings) {
    return new Group(
        name,
        sittings.size(),
        sittings.stream().mapToInt(PastSitting::minutes).sum(),
        interval(sittings, PastSitting::mark),
        interval(sittings, s -> s.felt().energyChange()));
  }

  private static Optional<MeanInterval> interval(
      List<PastSitting> sittings, Function<PastSitting, OptionalInt> of) {
    var values =
        sittings.stream()
            .map(of)
            .filter(OptionalInt::isPresent)
            .map(v -> (double) v.getAsInt())
            .toList();
    return values.isEmpty() ? Optional.empty() : Optional.of(MeanInterval.ofWhole(values, WITHIN));
  }

  /** The one that stands above all others; only groups with enough values are looked at. */
  private static OptionalInt best(List<Group> groups, Function<Group, Optional<MeanInterval>> of) {
    var enough =
        groups.stream().filter(g -> of.apply(g).filter(m -> m.of() >= ENOUGH).isPresent()).toList();
    if (enough.size() < 2) {
      return OptionalInt.empty();
    }
    var first =
        enough.stream()
            .max(Comparator.comparingDouble(g -> of.apply(g).orElseThrow().mean()))
            .orElseThrow();
    double low = of.apply(first).orElseThrow().low();
    boolean apart =
        enough.stream()
            .filter(g -> g != first)
            .allMatch(g -> of.apply(g).orElseThrow().high() < low);
    return apart ? OptionalInt.of(groups.indexOf(first)) : OptionalInt.empty();
  }
}
