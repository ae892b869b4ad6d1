package humblequill.core.promise;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;

/**
 * How sure forecasts are, and how often they hold: learners are made up by rules, forecasts are
 * made from their first days, and their later days tell. A span of 10 to 90 % should hold 80 in
 * 100, and of forecasts of 70 % seven in ten should come true.
 */
public final class Calibration {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final DrawingDays EVERY_DAY = new DrawingDays(day -> true, Set.of());
  private static final int[] OWN = {4, 8, 12, 20, 40, 80};
  private static final int[] AHEAD = {10, 20, 40, 100};

  /** Enough that a tenth of the forecasts is known to a point. */
  private static final int LEARNERS = 1600;

  private static final int WEEK = 7;

  /** Own days from which probabilities are judged; a slow start never is, since nobody knows it. */
  private static final int JUDGED = 12;

  /** How learners draw: units of each day. */
  private enum Kind {
    /** Days have nothing to do with each other. */
    INDEPENDENT,
    /** One week in three is a bad one, in which hardly anything is drawn. */
    BAD_WEEKS,
    /** On most Saturdays and Sundays, seldom between. */
    WEEKEND,
    /** A slow start that speeds up. */
    SLOW_START
  }

  private final int[] tenths = new int[10];
  private final double[] said = new double[10];
  private final int[] came = new int[10];

  private Calibration() {}

  public static void main(String[] args) {
    new Calibration().run();
  }

  private void run() {
    System.out.printf("%-12s %5s", "", "own");
    for (int ahead : AHEAD) {
      System.out.printf(" %6d", ahead);
    }
    System.out.println("   days ahead: outcomes within 10 to 90 %, in per cent");
    for (var kind : Kind.values()) {
      for (int own : OWN) {
        System.out.printf("%-12s %5d", kind.name().toLowerCase(Locale.ROOT), own);
        for (int ahead : AHEAD) {
          System.out.printf(Locale.ROOT, " %6.1f", 100.0 * within(kind, own, ahead) / LEARNERS);
        }
        System.out.println();
      }
    }
    System.out.println("\nforecasts by tenths: said on average, came true, how many");
    for (int i = 0; i < tenths.length; i++) {
      if (tenths[i] > 0) {
        System.out.printf(
            Locale.ROOT,
            "%5.1f %%  %5.1f %%  %6d%n",
            100 * said[i] / tenths[i],
            100.0 * came[i] / tenths[i],
            tenths[i]);
      }
    }
  }

  private int within(Kind kind, int own, int ahead) {
    int held = 0;
    for (int learner = 0; learner < LEARNERS; learner++) {
      var random = new Random(31L * (31L * (31L * kind.ordinal() + own) + ahead) + learner);
      var days = days(kind, own + ahead, random);
      held += held(days, own, ahead, kind, random) ? 1 : 0;
    }
    return held;
  }

  private static int[] days(Kind kind, int count, Random random) {
    double mean = 2 + 6 * random.nextDouble();
    double skip = 0.1 + 0.4 * random.nextDouble();
    var days = new int[count];
    // A promise may begin on any day of a week.
    int begins = random.nextInt(WEEK);
    boolean bad = random.nextInt(3) == 0;
    for (int i = 0; i < count; i++) {
      int weekday = (begins + i) % WEEK;
      if (weekday == 0) {
        bad = random.nextInt(3) == 0;
      }
      boolean weekend = weekday >= 5;
      double level =
          switch (kind) {
            case INDEPENDENT, WEEKEND -> mean;
            case BAD_WEEKS -> bad ? 0.15 * mean : mean;
            case SLOW_START -> mean * (0.3 + 1.2 * i / count);
          };
      double none = kind == Kind.WEEKEND ? weekend ? 0.15 : 0.75 : skip;
      days[i] = random.nextDouble() < none ? 0 : poisson(level, random);
    }
    return days;
  }

  private static int poisson(double mean, Random random) {
    double limit = Math.exp(-mean);
    int count = -1;
    for (double product = 1; product > limit; product *= random.nextDouble()) {
      count++;
    }
    return count;
  }

  /** Whether what came lay in the span, and what was said of one count, which is drawn by lot. */
  private boolean held(int[] days, int own, int ahead, Kind kind, Random random) {
    int before = sum(days, 0, own);
    int outcome = sum(days, own, own + ahead);
    // What is promised must not know what comes.
    double even = (double) before / own * ahead;
    int promised = (int) Math.max(1, Math.round(even * (0.5 + random.nextDouble())));
    var quota = sprint(own + ahead, before + promised);
    if (own >= JUDGED && kind != Kind.SLOW_START) {
      judge(forecast(quota, days, own), outcome >= promised);
    }
    double plan = (double) (before + promised) / (own + ahead);
    var urn = DayUrn.of(drawn(days, own), plan, WEEK, ahead);
    var draws = urn.draws(Math.max(outcome, (int) (4 * even)) + 60);
    for (int i = 0; i < ahead; i++) {
      draws.next();
    }
    var sums = draws.sums(0);
    return outcome >= sums.reached(0.9) && outcome <= sums.reached(0.1);
  }

  private void judge(Forecast told, boolean reached) {
    double chance = told.inTime().orElseThrow();
    int tenth = Math.min(9, (int) (10 * chance));
    tenths[tenth]++;
    said[tenth] += chance;
    came[tenth] += reached ? 1 : 0;
  }

  private static int sum(int[] days, int from, int to) {
    int sum = 0;
    for (int i = from; i < to; i++) {
      sum += days[i];
    }
    return sum;
  }

  private static Quota sprint(int days, int count) {
    return new Quota(
        "posts",
        new Promise.Sprint(count, MONDAY, MONDAY.plusDays(days - 1L)),
        Counting.all(Counting.Unit.DRAWINGS),
        Set.of(),
        MissedWork.SPREAD,
        Set.of(),
        120,
        PromiseTime.OF_THE_DAY);
  }

  private static Tally drawn(int[] days, int own) {
    Map<LocalDate, Integer> drawn = new TreeMap<>();
    for (int i = 0; i < own; i++) {
      drawn.put(MONDAY.plusDays(i), days[i]);
    }
    return Tally.of(drawn);
  }

  private static Forecast forecast(Quota quota, int[] days, int own) {
    var today = MONDAY.plusDays(own);
    var progress = Tracker.progress(quota, drawn(days, own), EVERY_DAY, today);
    return Forecast.of(
        progress,
        new Forecast.Known(Tally.NONE, EVERY_DAY, today, false, Double.POSITIVE_INFINITY));
  }
}
