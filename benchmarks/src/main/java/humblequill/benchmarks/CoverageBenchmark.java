package humblequill.benchmarks;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Minutes;
import humblequill.core.topic.coverage.BalanceRemark;
import humblequill.core.topic.coverage.FreshnessRule;
import humblequill.core.topic.coverage.TopicColumns;
import humblequill.core.topic.coverage.TopicStanding;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
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

/** What topics cost over ten years: 20,000 entries of 124 topics. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class CoverageBenchmark {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);
  private static final int TOPICS = 124;
  private static final int ENTRIES = 20_000;
  private static final int DAYS = 3650;
  private static final int WEEKS = 520;

  private final Ledger ledger = ledger();
  private final TopicColumns weeks = TopicColumns.weeks(TODAY.minusWeeks(WEEKS - 1), TODAY);

  private static Ledger ledger() {
    var random = new Random(4);
    var drawn = new ArrayList<Drawn>();
    for (int i = 0; i < ENTRIES; i++) {
      drawn.add(
          new Drawn(
              new UUID(0, i),
              TODAY.minusDays(random.nextInt(DAYS)),
              "",
              Optional.empty(),
              Optional.empty(),
              Set.of("topic " + random.nextInt(TOPICS)),
              Optional.of("pen"),
              Optional.of("life"),
              Optional.empty(),
              Optional.of(3),
              new Minutes(5 + random.nextInt(55), true),
              0,
              0,
              0,
              Drawn.Learned.NOTHING));
    }
    var ledger = Ledger.of(drawn);
    ledger.topicsTouched();
    return ledger;
  }

  /** How every topic stands. */
  @Benchmark
  public int freshnessOfAllTopics() {
    int fresh = 0;
    for (int i = 0; i < TOPICS; i++) {
      fresh +=
          TopicStanding.of("topic " + i, ledger, false, TODAY, FreshnessRule.USUAL)
              .state()
              .ordinal();
    }
    return fresh;
  }

  /** Minutes of every topic in each of 520 weeks. */
  @Benchmark
  public int minutesByWeekOfAllTopics() {
    int cells = 0;
    for (int i = 0; i < TOPICS; i++) {
      cells += weeks.cells("topic " + i, ledger, List.of()).size();
    }
    return cells;
  }

  /** What is one-sided. */
  @Benchmark
  public List<BalanceRemark> remarks() {
    return BalanceRemark.on(
        TODAY, ledger, d -> d.source().isPresent(), d -> true, r -> Optional.of("BOOK"));
  }
}
