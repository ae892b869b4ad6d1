package humblequill.benchmarks;

import humblequill.core.ground.stats.BradleyTerry;
import humblequill.core.ground.stats.BradleyTerry.Choice;
import humblequill.core.ground.stats.ChangePoints;
import humblequill.core.ground.stats.TheilSen;
import humblequill.core.lookback.Ranking;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Looking back over ten years: phases, a slope, five hundred pictures in order. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class ReviewBenchmark {
  private static final int WEEKS = 520;
  private static final int PICTURES = 500;

  private final double[] week = new double[WEEKS];
  private final double[] minutes = new double[WEEKS];
  private final List<Choice> choices = new ArrayList<>();

  /** Weeks whose level changes thrice, and two choices a picture. */
  @Setup
  public void make() {
    var random = new Random(1);
    for (int i = 0; i < WEEKS; i++) {
      week[i] = i;
      minutes[i] = 40 + 10 * (i / 150) + 8 * random.nextGaussian();
    }
    for (int i = 0; i < 2 * PICTURES; i++) {
      int one = i % PICTURES;
      int other = (one + 1 + random.nextInt(PICTURES - 1)) % PICTURES;
      choices.add(
          one < other == random.nextInt(4) > 0 ? new Choice(one, other) : new Choice(other, one));
    }
  }

  /** Phases of one figure. */
  @Benchmark
  public int phases() {
    return ChangePoints.of(minutes, 3).size();
  }

  /** The slope of one figure with its interval. */
  @Benchmark
  public double slope() {
    return TheilSen.of(week, minutes).slope();
  }

  /** Abilities of five hundred pictures. */
  @Benchmark
  public double fit() {
    return BradleyTerry.of(PICTURES, choices).ability(0);
  }

  /** The same with the order and the next two to choose between. */
  @Benchmark
  public boolean ranking() {
    return Ranking.of(PICTURES, choices).next().isPresent();
  }
}
