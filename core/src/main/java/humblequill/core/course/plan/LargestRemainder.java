package humblequill.core.course.plan;

import java.util.Arrays;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Largest-remainder apportionment (Hamilton's method): every part first gets the whole part of its
 * exact quota, and what is left goes one by one to the largest remainders; ties go to the earlier
 * part. Computed in integers, so nothing is lost to rounding. Balinski and Young, Fair
 * Representation.
 */
public final class LargestRemainder {
  private LargestRemainder() {}

  /**
   * Parts a total in proportion to weights.
   *
   * @param total what is parted, 0 or more
   * @param weights 0 or more each; all zero gives all-zero parts
   * @return parts in the order of the weights, summing to the total unless all weights are 0
   * @throws IllegalArgumentException if the total or a weight is negative
   * @throws ArithmeticException if total × weight passes the range of a long
   */
  public static int[] apportion(int total, long[] weights) {
    if (total < 0 || Arrays.stream(weights).anyMatch(weight -> weight < 0)) {
      throw new IllegalArgumentException("total and weights must not be negative");
    }
    long sum = Arrays.stream(weights).reduce(0, Math::addExact);
    var parts = new int[weights.length];
    if (sum == 0) {
      return parts;
    }
    var remainders = new long[weights.length];
    int left = total;
    for (int i = 0; i < weights.length; i++) {
      long scaled = Math.multiplyExact(total, weights[i]);
      parts[i] = (int) (scaled / sum);
      remainders[i] = scaled % sum;
      left -= parts[i];
    }
    IntStream.range(0, weights.length)
        .boxed()
        .sorted(Comparator.comparingLong((Integer i) -> -remainders[i]).thenComparing(i -> i))
        .limit(left)
        .forEach(i -> parts[i]++);
    return parts;
  }
}
