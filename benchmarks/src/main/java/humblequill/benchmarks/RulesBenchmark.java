package humblequill.benchmarks;

import humblequill.core.course.ExerciseKind;
import humblequill.core.course.plan.DayOrder;
import humblequill.core.course.plan.DayRoom;
import humblequill.core.course.plan.Planner;
import humblequill.core.course.plan.Spread;
import humblequill.core.course.plan.Work;
import humblequill.core.day.entry.Tally;
import humblequill.core.day.streak.EveryDay;
import humblequill.core.day.streak.NeverTwice;
import humblequill.core.day.streak.PracticeRecord;
import humblequill.core.day.streak.Streak;
import humblequill.core.day.streak.WeeklyRhythm;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
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

/** The rules that every opened page runs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class RulesBenchmark {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final int TEN_YEARS = 3652;

  private final List<Work> works = works();
  private final List<DayRoom> days = days();
  private final Tally minutes = minutes();

  private static List<Work> works() {
    var works = new ArrayList<Work>();
    for (int i = 0; i < 12; i++) {
      works.add(
          new Work(
              "w" + i,
              ExerciseKind.values()[i % 6],
              10 + i * 3,
              60 + 15 * i,
              1 + i % 5,
              i % 4 == 3 ? Optional.of("w" + (i - 1)) : Optional.empty()));
    }
    return works;
  }

  private static List<DayRoom> days() {
    var days = new ArrayList<DayRoom>();
    for (int i = 0; i < 7; i++) {
      days.add(new DayRoom(MONDAY.plusDays(i), 130 - 5 * i, 10, 0.2));
    }
    return days;
  }

  private static Tally minutes() {
    var random = new Random(1);
    var minutes = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < TEN_YEARS; i++) {
      if (random.nextInt(8) > 0) {
        minutes.put(MONDAY.minusDays(i), 10 + random.nextInt(80));
      }
    }
    return Tally.of(minutes);
  }

  /** A week of 12 exercises and 7 days. */
  @Benchmark
  public Spread planWeek() {
    return Planner.spread(works, days, DayOrder.LESSON_FIRST);
  }

  /** The three streak rules over ten years. */
  @Benchmark
  public List<Streak> threeStreakRules() {
    var practice = PracticeRecord.of(minutes, 0, d -> d.getDayOfWeek() == DayOfWeek.SUNDAY, MONDAY);
    return List.of(
        new EveryDay().count(practice, DayOfWeek.MONDAY),
        new NeverTwice().count(practice, DayOfWeek.MONDAY),
        new WeeklyRhythm(5).count(practice, DayOfWeek.MONDAY));
  }
}
