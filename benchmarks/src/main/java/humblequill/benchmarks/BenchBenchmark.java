package humblequill.benchmarks;

import humblequill.core.bench.Attempt;
import humblequill.core.bench.Case;
import humblequill.core.bench.Compared;
import humblequill.core.bench.Template;
import humblequill.core.bench.Template.Landmark;
import humblequill.core.bench.Template.Layer;
import humblequill.core.bench.Template.Part;
import humblequill.core.bench.Template.SidePair;
import humblequill.core.bench.Tendency;
import humblequill.core.bench.Tolerances;
import humblequill.core.book.picture.Spot;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
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

/**
 * What holding a figure of fifteen landmarks beside its reference costs, and a thousand of them.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class BenchBenchmark {
  private static final int COMPARISONS = 1000;
  private static final LocalDate DAY = LocalDate.of(2026, 3, 5);

  private final Template template = figure();
  private final List<Attempt> attempts = attempts();
  private final List<Case> cases =
      attempts.stream()
          .map(a -> Case.of(DAY, template, Compared.of(template, a, Tolerances.USUAL), Set.of()))
          .toList();
  private int next;

  private static Template figure() {
    var landmarks = new ArrayList<Landmark>();
    var parts = new ArrayList<Part>();
    var pairs = new ArrayList<SidePair>();
    landmarks.add(new Landmark("head top", Layer.ENDS, false));
    landmarks.add(new Landmark("chin", Layer.ENDS, false));
    landmarks.add(new Landmark("neck pit", Layer.FOUNDATION, true));
    for (var name : List.of("shoulder", "hip", "elbow", "knee", "wrist", "ankle")) {
      boolean trunk = name.equals("shoulder") || name.equals("hip");
      pairs.add(new SidePair("left " + name, "right " + name));
      for (var side : List.of("left ", "right ")) {
        landmarks.add(new Landmark(side + name, trunk ? Layer.FOUNDATION : Layer.LIMBS, trunk));
      }
    }
    for (int i = 0; i + 1 < landmarks.size(); i++) {
      var from = landmarks.get(i).name();
      var to = landmarks.get(i + 1).name();
      parts.add(new Part("part " + i, from, to, Layer.LIMBS));
    }
    return new Template("figure", landmarks, parts, pairs, Optional.empty(), List.of());
  }

  private List<Attempt> attempts() {
    var random = new Random(5);
    var made = new ArrayList<Attempt>();
    for (int i = 0; i < COMPARISONS; i++) {
      Map<String, Spot> truth = new HashMap<>();
      Map<String, Spot> drawn = new HashMap<>();
      for (var l : template.landmarks()) {
        var at = new Spot(random.nextDouble(), random.nextDouble());
        double dx = 0.02 * random.nextGaussian();
        double dy = 0.02 * random.nextGaussian();
        truth.put(l.name(), at);
        drawn.put(l.name(), new Spot(at.x() + dx, at.y() + dy));
      }
      made.add(new Attempt(truth, drawn, Set.of(), true, false));
    }
    return made;
  }

  /** Alignment and all findings of one figure. */
  @Benchmark
  public int findingsOfAFigure() {
    var attempt = attempts.get(next++ % COMPARISONS);
    return Compared.of(template, attempt, Tolerances.USUAL).findings().size();
  }

  /** Tendencies over a thousand comparisons. */
  @Benchmark
  public int tendenciesOfAThousand() {
    return Tendency.of(cases).size();
  }
}
