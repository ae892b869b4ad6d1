package humblequill.core.ground.stats;

import java.util.Arrays;
import java.util.List;

/**
 * Abilities from choices between two. Each item has half a win and half a loss against a phantom of
 * ability 0, so that one that always won stays finite. R. A. Bradley and M. E. Terry, "Rank
 * analysis of incomplete block designs", 1952; fitted by Newton's method, whose steps are solved by
 * conjugate gradients since few of all pairs were ever compared.
 */
public final class BradleyTerry {
  private static final int STEPS = 60;
  private static final double CLOSE = 1e-11;

  /** A step that is longer is shortened, lest it goes past the top again and again. */
  private static final double LONGEST = 4;

  private final List<Choice> choices;
  private final double prior;
  private final double[] ability;

  /** The winner and the loser of a choice, by their positions. */
  public record Choice(int winner, int loser) {}

  private BradleyTerry(int items, List<Choice> choices, double prior) {
    this.choices = choices;
    this.prior = prior;
    this.ability = new double[items];
    for (int i = 0; i < STEPS; i++) {
      double[] step = solve(gradient());
      double most = Arrays.stream(step).map(Math::abs).max().orElse(0);
      double shorter = Math.min(1, LONGEST / Math.max(most, LONGEST));
      for (int k = 0; k < items; k++) {
        ability[k] += shorter * step[k];
      }
      if (most < CLOSE) {
        break;
      }
    }
  }

  /** Fits the abilities of so many items. */
  public static BradleyTerry of(int items, List<Choice> choices) {
    return new BradleyTerry(items, choices, 1);
  }

  /** Without the phantom; every item must have won and lost. */
  static BradleyTerry withoutPrior(int items, List<Choice> choices) {
    return new BradleyTerry(items, choices, 0);
  }

  /** The ability of an item; 0 is that of the phantom. */
  public double ability(int item) {
    return ability[item];
  }

  /** The chance that one is chosen before another. */
  public double chance(int one, int other) {
    return logistic(ability[one] - ability[other]);
  }

  /** The variance of the difference of two abilities. */
  public double variance(int one, int other) {
    double[] difference = new double[ability.length];
    difference[one] = 1;
    difference[other] = -1;
    double[] solved = solve(difference);
    return solved[one] - solved[other];
  }

  private static double logistic(double x) {
    return 1 / (1 + Math.exp(-x));
  }

  private double[] gradient() {
    double[] g = new double[ability.length];
    for (int i = 0; i < g.length; i++) {
      g[i] = prior * (0.5 - logistic(ability[i]));
    }
    for (var choice : choices) {
      double surprise = 1 - chance(choice.winner(), choice.loser());
      g[choice.winner()] += surprise;
      g[choice.loser()] -= surprise;
    }
    return g;
  }

  /** What the negative second derivative makes of a vector. */
  private double[] curved(double[] v, double[] weight) {
    double[] out = new double[v.length];
    for (int i = 0; i < v.length; i++) {
      double p = logistic(ability[i]);
      out[i] = prior * p * (1 - p) * v[i];
    }
    for (int c = 0; c < weight.length; c++) {
      var choice = choices.get(c);
      double flow = weight[c] * (v[choice.winner()] - v[choice.loser()]);
      out[choice.winner()] += flow;
      out[choice.loser()] -= flow;
    }
    return out;
  }

  /** Solves by conjugate gradients: M. R. Hestenes and E. Stiefel, 1952. */
  private double[] solve(double[] right) {
    double[] weight = new double[choices.size()];
    for (int c = 0; c < weight.length; c++) {
      double p = chance(choices.get(c).winner(), choices.get(c).loser());
      weight[c] = p * (1 - p);
    }
    double[] x = new double[right.length];
    double[] rest = right.clone();
    double[] way = right.clone();
    double length = dot(rest, rest);
    double enough = length * CLOSE * CLOSE;
    for (int i = 0; i < 2 * right.length + STEPS && length > enough; i++) {
      double[] bent = curved(way, weight);
      double along = dot(way, bent);
      if (along <= 0) {
        break;
      }
      double by = length / along;
      for (int k = 0; k < x.length; k++) {
        x[k] += by * way[k];
        rest[k] -= by * bent[k];
      }
      double now = dot(rest, rest);
      for (int k = 0; k < x.length; k++) {
        way[k] = rest[k] + now / length * way[k];
      }
      length = now;
    }
    return x;
  }

  private static double dot(double[] a, double[] b) {
    double sum = 0;
    for (int i = 0; i < a.length; i++) {
      sum += a[i] * b[i];
    }
    return sum;
  }
}
