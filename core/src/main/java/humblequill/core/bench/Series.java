package humblequill.core.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;

/** Tries of one reference. */
public final class Series {
  private static final int WITHOUT_CHANGE = 3;

  /** What is better is off by at most this share of what was before. Common practice. */
  static final double BETTER = 0.9;

  private Series() {}

  /**
   * What habits are read off: the first unaided attempt of each reference, unless it was pushed;
   * later ones have seen the answer.
   *
   * @param attempts in the order in which they were made
   * @param reference of an attempt
   * @param counts whether it is unaided, not pushed, and measured at all
   */
  public static <T> List<T> feeding(
      List<T> attempts, Function<T, ?> reference, Predicate<T> counts) {
    var first = new LinkedHashMap<Object, T>();
    attempts.stream().filter(counts).forEach(a -> first.putIfAbsent(reference.apply(a), a));
    return List.copyOf(first.values());
  }

  /**
   * Whether a rest or another reference is offered: the last three tries are no better than the
   * best before them. Common practice, no published source.
   *
   * @param offsets mean offset of each try, the first one first
   */
  public static boolean restOffered(List<Double> offsets) {
    int before = offsets.size() - WITHOUT_CHANGE;
    if (before < 1) {
      return false;
    }
    double best = offsets.subList(0, before).stream().mapToDouble(o -> o).min().orElseThrow();
    return offsets.subList(before, offsets.size()).stream().noneMatch(o -> o <= BETTER * best);
  }
}
