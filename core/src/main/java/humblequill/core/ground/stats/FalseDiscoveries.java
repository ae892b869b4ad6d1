package humblequill.core.ground.stats;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Chances corrected for how many were looked at.
 *
 * <p>Y. Benjamini and Y. Hochberg, "Controlling the false discovery rate", 1995.
 */
public final class FalseDiscoveries {
  private FalseDiscoveries() {}

  /** Each chance as adjusted, in the order given; one holds at 10 % where it is at most 0.1. */
  public static List<Double> adjusted(List<Double> chances) {
    int n = chances.size();
    var order = IntStream.range(0, n).boxed().sorted(Comparator.comparing(chances::get)).toList();
    var adjusted = new Double[n];
    double least = 1;
    for (int rank = n; rank >= 1; rank--) {
      int i = order.get(rank - 1);
      least = Math.min(least, chances.get(i) * n / rank);
      adjusted[i] = least;
    }
    return List.of(adjusted);
  }
}
