package humblequill.benchmarks;

import humblequill.core.cabinet.Reference;
import humblequill.core.placement.MissedWork;
import humblequill.core.entry.Tally;
import humblequill.core.quota.Counting;
import humblequill.core.quota.DrawingDays;
import humblequill.core.quota.PromiseTime;
import humblequill.core.quota.Forecast;
import humblequill.core.quota.Promise;
import humblequill.core.quota.Quota;
import humblequill.core.quota.Tracker;
import humblequill.core.stats.CountSum;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What a forecast costs, and a reference of the cabinet. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PracticeBenchmark {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final DrawingDays EVERY_DAY = new DrawingDays(day -> true, Set.of());
  private static final int DAYS = 365;
  private static final int MOST = 60;

  private final double[] even = new double[MOST + 1];
  private final HashMap<LocalDate, Integer> counts = new HashMap<>();
  private final Quota ninety =
      new Quota(
          "posts",
          new Promise.Sprint(90, MONDAY, MONDAY.plusDays(13)),
          Counting.all(Counting.Unit.DRAWINGS),
          Set.of(),
          MissedWork.SPREAD,
          Set.of(),
          300,
          PromiseTime.OF_THE_DAY);
  private long seed;

  /** Counts 0 to 60, all as likely; and eight days of a sprint. */
  public PracticeBenchmark() {
    Arrays.fill(even, 1.0 / even.length);
    for (int i = 0; i < 8; i++) {
      counts.put(MONDAY.plusDays(i), 3 + i * 5 % 9);
    }
  }

  /** Probability in time and the dates at 10, 50 and 90 %. */
  @Benchmark
  public double forecastOf365DaysWithCountsUpTo60() {
    var sum = new CountSum(even, DAYS);
    int needed = DAYS * MOST / 2 - 500;
    return sum.atLeast(DAYS, needed)
        + sum.daysFor(needed, 0.1, DAYS)
        + sum.daysFor(needed, 0.5, DAYS)
        + sum.daysFor(needed, 0.9, DAYS);
  }

  /** All that a page shows of a usual sprint, its fan included. */
  @Benchmark
  public Forecast forecastOfAUsualSprint() {
    var today = MONDAY.plusDays(8);
    var progress = Tracker.progress(ninety, Tally.of(counts), EVERY_DAY, today);
    return Forecast.of(progress, java.util.List.of(), d -> true, today, true, Double.POSITIVE_INFINITY);
  }

  /** A figure with its landmarks as SVG; there is much code to warm up. */
  @Benchmark
  @Warmup(iterations = 10, time = 1)
  public int figureAsSvg() {
    var kind = Reference.Kind.values()[(int) (seed++ % 4)];
    var reference = Reference.of(seed, kind, Reference.Foreshortening.ANY);
    return reference.drawing().svg().length() + reference.landmarks().size();
  }
}
