package humblequill.core.lookback;

import humblequill.core.ground.stats.BradleyTerry;
import humblequill.core.ground.stats.BradleyTerry.Choice;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.special.Erf;

/** Pictures in the order of choices between two of them, and which two to choose between next. */
public final class Ranking {
  /** Chance from which the last of the top stands before the next. */
  private static final double SURE = 0.8;

  /** How many are the top. */
  public static final int TOP = 3;

  /** Choices after which it is said that it is not settled, by one picture. */
  private static final int CHOICES_EACH = 2;

  /** How many of the best are compared on; the others are not likely to come to the top. */
  private static final int LIKELY = 12;

  private final List<Choice> choices;
  private final BradleyTerry fit;
  private final List<Integer> order;
  private final int[] times;

  /** Two pictures by their positions. */
  public record Pair(int one, int other) {}

  private Ranking(int items, List<Choice> choices) {
    this.choices = List.copyOf(choices);
    this.fit = BradleyTerry.of(items, choices);
    this.order =
        IntStream.range(0, items)
            .boxed()
            .sorted(Comparator.comparingDouble((Integer i) -> -fit.ability(i)))
            .toList();
    this.times = new int[items];
    for (var choice : choices) {
      times[choice.winner()]++;
      times[choice.loser()]++;
    }
  }

  /**
   * Ranks.
   *
   * @param items how many pictures, 0 or more
   * @param choices by the positions of the pictures
   */
  public static Ranking of(int items, List<Choice> choices) {
    return new Ranking(items, choices);
  }

  /** Positions, the best first. */
  public List<Integer> order() {
    return order;
  }

  /** How many of the order are the top: three, or all but one of fewer. */
  public int top() {
    return Math.max(0, Math.min(TOP, order.size() - 1));
  }

  /** Whether the last of the top stands before the next with a chance of 80 % or more. */
  public boolean settled() {
    return order.size() < 2 || unseen().isEmpty() && sure() >= SURE;
  }

  /** The chance that the last of the top truly stands before the next; 1 with fewer than two. */
  public double sure() {
    if (order.size() < 2) {
      return 1;
    }
    int last = order.get(top() - 1);
    int next = order.get(top());
    double apart = fit.ability(last) - fit.ability(next);
    return Erf.erfc(-apart / Math.sqrt(2 * fit.variance(last, next))) / 2;
  }

  /** Whether twice as many choices as pictures were made and the top is still not settled. */
  public boolean notSettled() {
    return !settled() && choices.size() >= CHOICES_EACH * order.size();
  }

  private List<Integer> unseen() {
    return IntStream.range(0, times.length).filter(i -> times[i] == 0).boxed().toList();
  }

  /**
   * Which two to choose between: first those that were never seen, then where a choice tells most.
   *
   * @return empty once the top is settled
   */
  public Optional<Pair> next() {
    if (order.size() < 2 || settled()) {
      return Optional.empty();
    }
    var unseen = unseen();
    if (unseen.size() > 1) {
      return Optional.of(new Pair(unseen.get(0), unseen.get(1)));
    }
    if (unseen.size() == 1) {
      int other =
          IntStream.range(0, times.length)
              .filter(i -> i != unseen.get(0))
              .boxed()
              .min(Comparator.comparingInt(i -> times[i]))
              .orElseThrow();
      return Optional.of(new Pair(unseen.get(0), other));
    }
    Pair best = null;
    double most = -1;
    int likely = Math.min(LIKELY, order.size());
    for (int a = 0; a < likely; a++) {
      for (int b = a + 1; b < likely; b++) {
        int one = order.get(a);
        int other = order.get(b);
        double p = fit.chance(one, other);
        double tells = p * (1 - p) * fit.variance(one, other);
        if (tells > most) {
          most = tells;
          best = new Pair(one, other);
        }
      }
    }
    return Optional.ofNullable(best);
  }
}
