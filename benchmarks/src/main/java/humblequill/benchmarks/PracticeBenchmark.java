package humblequill.benchmarks;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Tally;
import humblequill.core.promise.Counting;
import humblequill.core.promise.DrawingDays;
import humblequill.core.promise.Forecast;
import humblequill.core.promise.Promise;
import humblequill.core.promise.PromiseTime;
import humblequill.core.promise.Quota;
import humblequill.core.promise.Tracker;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import java.time.LocalDate;
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
  private static final int MOST = 60;

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

  private final Quota year =
      new Quota(
          "posts",
          new Promise.Sprint(sum() + 500, MONDAY, MONDAY.plusDays(61 + 364)),
          Counting.all(Counting.Unit.DRAWINGS),
          Set.of(),
          MissedWork.SPREAD,
          Set.of(),
          300,
          PromiseTime.OF_THE_DAY);

  /** Every count from 0 to 60 once, in no order. */
  public PracticeBenchmark() {
    for (int i = 0; i <= MOST; i++) {
      counts.put(MONDAY.plusDays(i), i * 37 % (MOST + 1));
    }
  }

  private static int sum() {
    return MOST * (MOST + 1) / 2;
  }

  /** A year of days with counts from 0 to 60, and 500 left. */
  @Benchmark
  public Forecast forecastOf365DaysWithCountsUpTo60() {
    return forecast(year, MONDAY.plusDays(61));
  }

  /** All that a page shows of a usual sprint, its fan included. */
  @Benchmark
  public Forecast forecastOfAUsualSprint() {
    return forecast(ninety, MONDAY.plusDays(8));
  }

  private Forecast forecast(Quota quota, LocalDate today) {
    var before = Tally.of(counts).byDay().headMap(today);
    var progress = Tracker.progress(quota, new Tally(before), EVERY_DAY, today);
    return Forecast.of(
        progress, new Forecast.Known(Tally.NONE, EVERY_DAY, today, true, Double.POSITIVE_INFINITY));
  }

  /** A figure with its landmarks as SVG; there is much code to warm up. */
  @Benchmark
  @Warmup(iterations = 10, time = 1)
  public int figureAsSvg() {
    var kind = Reference.Kind.values()[(int) (seed++ % 4)];
    var reference =
        Reference.of(seed, kind, Emphasis.ANY, humblequill.core.sitting.cabinet.View.ANY);
    return reference.drawing().svg().length() + reference.landmarks().size();
  }
}
