package humblequill.benchmarks;

import humblequill.core.topic.recall.Asking;
import humblequill.core.topic.recall.DueToday;
import humblequill.core.topic.recall.Judging;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What recall costs with 5,000 pins, half of them due, and as many names. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class RecallBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);
  private static final int PINS = 5000;
  private static final int SPREAD = 120;

  private final List<DueToday.Item> items = items();
  private final List<String> names =
      IntStream.range(0, PINS).mapToObj(i -> "name " + Integer.toString(i * 7919, 36)).toList();
  private final Judging judging = new Judging(names);

  private static List<DueToday.Item> items() {
    var random = new Random(4);
    return IntStream.range(0, PINS)
        .mapToObj(
            i -> {
              var due = TODAY.plusDays(random.nextInt(SPREAD) - SPREAD / 2);
              return new DueToday.Item("plate/" + i, new Asking(2, due.minusDays(7), due), 6);
            })
        .toList();
  }

  /** What is asked for today. */
  @Benchmark
  public Object due() {
    return DueToday.of(items, TODAY, 0);
  }

  /** One name judged among all. */
  @Benchmark
  public Object judged() {
    return judging.judge("nmae 6ac", Set.of("name 6ac"));
  }
}
