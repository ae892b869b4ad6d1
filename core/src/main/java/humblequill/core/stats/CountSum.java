package humblequill.core.stats;

import java.util.Arrays;

/**
 * The sum of independent daily counts that all follow one distribution.
 *
 * <p>The distribution of a sum is the convolution of the days' distributions. It is read off the
 * discrete Fourier transform, in which convolving d days is raising to the power d: with more
 * points than the largest sum nothing wraps around, so that this is the convolution itself and no
 * approximation. Rounding stays below 1e-12.
 */
public final class CountSum {
  /** Terms whose sum stays below 1e-17 are left out: the logarithm of that. */
  private static final double NEGLIGIBLE = Math.log(1e-17);

  private final double[] pmf;
  private final int most;
  private final int least;
  private final int points;
  private final double[] re;
  private final double[] im;
  private final double[] logSize;

  /**
   * @param pmf probability of each count, by count from 0; adds up to 1
   * @param maxDays the most days that will be asked for
   * @throws IllegalArgumentException if it is no distribution
   */
  public CountSum(double[] pmf, int maxDays) {
    double sum = Arrays.stream(pmf).sum();
    if (Math.abs(sum - 1) > 1e-9 || Arrays.stream(pmf).anyMatch(p -> p < 0)) {
      throw new IllegalArgumentException("probabilities must be 0 or more and add up to 1");
    }
    int last = pmf.length - 1;
    while (pmf[last] == 0) {
      last--;
    }
    int first = 0;
    while (pmf[first] == 0) {
      first++;
    }
    this.pmf = Arrays.copyOf(pmf, last + 1);
    this.most = last;
    this.least = first;
    this.points = Math.max(1, maxDays) * last + 1;
    int half = points / 2 + 1;
    this.re = new double[half];
    this.im = new double[half];
    this.logSize = new double[half];
    transform();
  }

  /** The distribution of one day at the roots of unity; the other half mirrors this one. */
  private void transform() {
    for (int k = 0; k < re.length; k++) {
      double angle = 2 * Math.PI * k / points;
      double c = Math.cos(angle);
      double s = Math.sin(angle);
      double x = 0;
      double y = 0;
      for (int j = most; j >= 0; j--) {
        double nextX = x * c - y * s + pmf[j];
        y = x * s + y * c;
        x = nextX;
      }
      re[k] = x;
      im[k] = y;
      logSize[k] = Math.log(x * x + y * y) / 2;
    }
  }

  /** Expected count of a day. */
  public double mean() {
    double mean = 0;
    for (int j = 1; j <= most; j++) {
      mean += j * pmf[j];
    }
    return mean;
  }

  private double variance() {
    double square = 0;
    for (int j = 1; j <= most; j++) {
      square += (double) j * j * pmf[j];
    }
    return square - mean() * mean();
  }

  /**
   * Probability that so many days bring at least so many.
   *
   * @param days 0 to the most days
   */
  public double atLeast(int days, int needed) {
    if ((long) needed <= (long) days * least) {
      return 1;
    }
    if ((long) needed > (long) days * most) {
      return 0;
    }
    double below = needed;
    double negligible = NEGLIGIBLE - Math.log(needed);
    for (int k = 1; k < re.length; k++) {
      if (days * logSize[k] < negligible) {
        continue;
      }
      boolean alone = 2 * k == points;
      below += (alone ? 1 : 2) * term(k, days, needed);
    }
    return Math.max(0, Math.min(1, 1 - below / points));
  }

  /** Real part of F(k)^days times the sum of exp(-2 pi i k s / points) over s below needed. */
  private double term(int k, int days, int needed) {
    double x = 1;
    double y = 0;
    double a = re[k];
    double b = im[k];
    for (int d = days; d > 0; d >>= 1) {
      if ((d & 1) == 1) {
        double t = x * a - y * b;
        y = x * b + y * a;
        x = t;
      }
      double t = a * a - b * b;
      b = 2 * a * b;
      a = t;
    }
    double angle = Math.PI * k / points;
    double size = Math.sin(angle * needed) / Math.sin(angle);
    double turn = -angle * (needed - 1);
    return size * (x * Math.cos(turn) - y * Math.sin(turn));
  }

  /**
   * The fewest days that bring at least so many with at least this probability.
   *
   * @param maxDays days to look at, at most those of the constructor
   * @return one more than {@code maxDays} when they do not suffice
   */
  public int daysFor(int needed, double probability, int maxDays) {
    if (needed <= 0) {
      return 0;
    }
    int yes = maxDays + 1;
    int no = 0;
    int guess = guess(needed, probability, maxDays);
    for (int step = 1; yes - no > 1; step *= 2) {
      if (atLeast(guess, needed) >= probability) {
        yes = guess;
        guess = Math.max(no + 1, guess - step);
      } else {
        no = guess;
        guess = Math.min(yes - 1, guess + step);
      }
      if (yes <= maxDays && no > 0) {
        guess = (yes + no) >>> 1;
      }
    }
    return yes;
  }

  /** Where a normal distribution of the same mean and spread would have it. */
  private int guess(int needed, double probability, int maxDays) {
    double mean = mean();
    if (mean <= 0) {
      return maxDays;
    }
    double days = needed / mean;
    days = (needed + z(probability) * Math.sqrt(Math.max(0, variance()) * days)) / mean;
    return (int) Math.max(1, Math.min(maxDays, Math.round(days)));
  }

  /** The largest count that so many days reach with at least this probability. */
  public int reached(int days, double probability) {
    int yes = days * least;
    int no = days * most + 1;
    double spread = Math.sqrt(Math.max(0, variance()) * days);
    int guess = (int) Math.round(days * mean() - z(probability) * spread);
    for (int step = 1; no - yes > 1; step *= 2) {
      guess = Math.max(yes + 1, Math.min(no - 1, guess));
      if (atLeast(days, guess) >= probability) {
        yes = guess;
        guess = no > days * most ? guess + step : (yes + no) >>> 1;
      } else {
        no = guess;
        guess = yes == days * least ? guess - step : (yes + no) >>> 1;
      }
    }
    return yes;
  }

  /** About where a normal distribution has it. */
  private static double z(double probability) {
    if (probability == 0.5) {
      return 0;
    }
    return probability > 0.5 ? 1.28 : -1.28;
  }
}
