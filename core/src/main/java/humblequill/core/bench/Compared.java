package humblequill.core.bench;

import humblequill.core.bench.Finding.Kind;
import humblequill.core.bench.Template.Layer;
import humblequill.core.book.picture.Spot;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What comes out when an attempt is held beside its reference.
 *
 * @param size the largest distance between two landmarks of the reference
 * @param alignment how the attempt is laid over
 * @param sides whether left and right, or the whole, is the wrong way round
 * @param parts figures of all parts both of whose ends count
 * @param landmarks where each landmark lies
 * @param lean how the whole stands; empty where it is not known what is upright
 * @param findings all that is beyond the tolerance, in the order of putting it right
 * @param lineUps landmarks that should share a line and do not, the farthest first
 * @param kept one that should and does
 * @param tilt how much of the tilts is drawn; empty with too few or too upright parts
 * @param depths how much of the foreshortening, by name of what is compared
 * @param shapes how forms narrow and how large areas are
 */
public record Compared(
    double size,
    Alignment alignment,
    Sides sides,
    List<PartFigure> parts,
    List<LandmarkFigure> landmarks,
    Optional<Lean> lean,
    List<Finding> findings,
    List<LineUp> lineUps,
    Optional<LineUp> kept,
    Optional<Response> tilt,
    Map<String, Double> depths,
    Shapes shapes) {
  /** How many sentences are said first. */
  public static final int FIRST = 3;

  /** How many landmarks must be set before the others are proposed. */
  private static final int PROPOSES = 3;

  /** Share of the size from which a part is long. */
  private static final double LONG_ENOUGH = 0.1;

  /** Shorter ones are not judged. Hips seen from the front have about 0.09. */
  private static final double SHORTEST = 0.05;

  private static final int TILTS = 5;
  private static final double STEEP = 5;

  /**
   * Holds an attempt beside its reference.
   *
   * @throws IllegalArgumentException with fewer than two landmarks that count, or all on one point
   */
  public static Compared of(Template template, Attempt attempt, Tolerances tolerances) {
    var names =
        template.landmarks().stream().map(Template.Landmark::name).filter(attempt::counts).toList();
    double size = size(Alignment.of(attempt.reference(), names));
    if (size == 0 || size(Alignment.of(attempt.drawn(), names)) == 0) {
      throw new InvalidException(Message.of("bench.landmarksApart"));
    }
    var alignment = Alignment.of(template, attempt, size);
    var sides = Sides.of(template, attempt, alignment, size, tolerances.place());
    var parts = parts(template, attempt, tolerances, size);
    var landmarks = landmarks(template, attempt, tolerances, alignment, size);
    boolean rightWayRound =
        sides.verdict() == Sides.Verdict.TRUE || sides.verdict() == Sides.Verdict.UNKNOWN;
    var lean = Lean.of(template, attempt, alignment);
    var findings =
        rightWayRound ? findings(template, tolerances, lean, parts, landmarks) : List.<Finding>of();
    boolean stands = findings.stream().noneMatch(f -> f.kind() == Kind.LEAN);
    var lines =
        rightWayRound && stands && attempt.plumb()
            ? LineUps.of(names, attempt, alignment, size)
            : LineUps.NONE;
    return new Compared(
        size,
        alignment,
        sides,
        parts,
        landmarks,
        lean,
        findings,
        lines.off(),
        lines.kept(),
        tilt(attempt, parts),
        Depths.of(template, attempt),
        Shapes.of(template, attempt, alignment.over().scale()));
  }

  /**
   * What to put right first: at most three, of the first layer that has any. A later layer is not
   * judged before.
   *
   * @param refused keys of findings that were meant so
   */
  public List<Finding> first(Set<String> refused) {
    var open = findings.stream().filter(f -> !refused.contains(f.key())).toList();
    return open.stream().filter(f -> f.layer() == open.get(0).layer()).limit(FIRST).toList();
  }

  /**
   * Where the landmarks that are not set yet would lie on the drawing, in its own units; nothing
   * before three are set. A proposal counts for nothing until it is confirmed.
   */
  public Map<String, Spot> proposed(Template template, Attempt attempt) {
    if (landmarks.size() < PROPOSES) {
      return Map.of();
    }
    var back = alignment.over().back();
    var proposed = new LinkedHashMap<String, Spot>();
    for (var landmark : template.landmarks()) {
      var truth = attempt.reference().get(landmark.name());
      if (truth != null && !attempt.drawn().containsKey(landmark.name())) {
        proposed.put(landmark.name(), back.apply(truth));
      }
    }
    return proposed;
  }

  /** Mean distance of the landmarks from their places, as a share of the size. */
  public double meanOffset() {
    return landmarks.stream().mapToDouble(LandmarkFigure::distance).average().orElse(0);
  }

  static double size(List<Spot> points) {
    double size = 0;
    for (var a : points) {
      for (var b : points) {
        size = Math.max(size, Similarity.distance(a, b));
      }
    }
    return size;
  }

  private static List<PartFigure> parts(
      Template template, Attempt attempt, Tolerances tolerances, double size) {
    var counting =
        template.parts().stream()
            .filter(p -> attempt.counts(p.from()) && attempt.counts(p.to()))
            .filter(p -> length(attempt.reference(), p) > 0 && length(attempt.drawn(), p) > 0)
            .toList();
    double usual =
        median(
                counting.stream()
                    .filter(p -> length(attempt.reference(), p) >= LONG_ENOUGH * size)
                    .mapToDouble(p -> length(attempt.drawn(), p) / length(attempt.reference(), p)))
            .orElse(1);
    double turn =
        attempt.plumb()
            ? 0
            : median(counting.stream().mapToDouble(p -> turn(attempt, p))).orElse(0);
    return counting.stream().map(p -> part(p, attempt, tolerances, usual, turn, size)).toList();
  }

  private static PartFigure part(
      Template.Part p,
      Attempt attempt,
      Tolerances tolerances,
      double usual,
      double turn,
      double size) {
    double reference = direction(attempt.reference(), p);
    double axis = Angles.axis(reference);
    double tilt = Angles.wrapped(reference - axis);
    double drawn = Angles.wrapped(direction(attempt.drawn(), p) - turn - axis);
    double off = Angles.wrapped(drawn - (attempt.pushed() ? Attempt.PUSH * tilt : tilt));
    double ratio = length(attempt.drawn(), p) / length(attempt.reference(), p) / usual;
    double share = length(attempt.reference(), p) / size;
    double wider = share < SHORTEST ? Double.POSITIVE_INFINITY : Math.max(1, LONG_ENOUGH / share);
    return new PartFigure(
        p,
        ratio,
        tilt,
        Angles.halfWrapped(drawn),
        off,
        share >= LONG_ENOUGH,
        wider,
        Math.abs(ratio - 1) > wider * tolerances.length(),
        Math.abs(off) > wider * tolerances.degrees());
  }

  private static double turn(Attempt attempt, Template.Part p) {
    return Angles.wrapped(direction(attempt.drawn(), p) - direction(attempt.reference(), p));
  }

  private static double direction(Map<String, Spot> places, Template.Part p) {
    return Angles.direction(places.get(p.from()), places.get(p.to()));
  }

  static double length(Map<String, Spot> places, Template.Part p) {
    return Similarity.distance(places.get(p.from()), places.get(p.to()));
  }

  private static OptionalDouble median(java.util.stream.DoubleStream values) {
    double[] sorted = values.sorted().toArray();
    int n = sorted.length;
    return n == 0
        ? OptionalDouble.empty()
        : OptionalDouble.of((sorted[(n - 1) / 2] + sorted[n / 2]) / 2);
  }

  private static List<LandmarkFigure> landmarks(
      Template template, Attempt attempt, Tolerances tolerances, Alignment alignment, double size) {
    var figures = new ArrayList<LandmarkFigure>();
    var tolerance = alignment.tolerance(attempt, size, tolerances.place());
    for (var landmark : template.landmarks()) {
      if (attempt.counts(landmark.name())) {
        var place = attempt.reference().get(landmark.name());
        var seen = alignment.over().apply(attempt.drawn().get(landmark.name()));
        double right = (seen.x() - place.x()) / size;
        double down = (seen.y() - place.y()) / size;
        double may = tolerance.applyAsDouble(landmark.name());
        figures.add(new LandmarkFigure(landmark, right, down, Math.hypot(right, down) > may));
      }
    }
    return figures;
  }

  private static List<Finding> findings(
      Template template,
      Tolerances tolerances,
      Optional<Lean> lean,
      List<PartFigure> parts,
      List<LandmarkFigure> landmarks) {
    var found = new ArrayList<Finding>();
    lean.filter(l -> Math.abs(l.turn()) > tolerances.degrees())
        .map(l -> finding(template, l, tolerances))
        .ifPresent(found::add);
    for (var p : parts) {
      if (p.turned()) {
        found.add(
            new Finding(
                Kind.TILT,
                p.part().name(),
                p.part().layer(),
                p.tilt(),
                p.drawnTilt(),
                Math.abs(p.off()) / (p.tolerance() * tolerances.degrees())));
      }
      if (p.length()) {
        found.add(
            new Finding(
                Kind.LENGTH,
                p.part().name(),
                p.part().layer(),
                1,
                p.ratio(),
                Math.abs(p.ratio() - 1) / (p.tolerance() * tolerances.length())));
      }
    }
    // Parts that are off carry their ends away; only where all are right does a place say more.
    if (found.isEmpty()) {
      landmarks.stream()
          .filter(LandmarkFigure::off)
          .map(
              l ->
                  new Finding(
                      Kind.PLACE,
                      l.landmark().name(),
                      l.landmark().layer(),
                      0,
                      l.distance(),
                      l.distance() / tolerances.place()))
          .forEach(found::add);
    }
    found.sort(
        Comparator.comparing(Finding::layer)
            .thenComparing(Comparator.comparingDouble(Finding::weight).reversed()));
    return found;
  }

  private static Finding finding(Template template, Lean lean, Tolerances tolerances) {
    return new Finding(
        Kind.LEAN,
        template.name(),
        Layer.WHOLE,
        lean.truth(),
        lean.yours(),
        Math.abs(lean.turn()) / tolerances.degrees());
  }

  private static Optional<Response> tilt(Attempt attempt, List<PartFigure> parts) {
    var counting = parts.stream().filter(PartFigure::longEnough).toList();
    double[] x = counting.stream().mapToDouble(PartFigure::tilt).toArray();
    double[] y = counting.stream().mapToDouble(p -> p.tilt() + nearest(p)).toArray();
    double mean = Arrays.stream(x).map(v -> v * v).average().orElse(0);
    if (x.length < TILTS || Math.sqrt(mean) < STEEP) {
      return Optional.empty();
    }
    return Optional.of(attempt.plumb() ? Response.through(x, y) : Response.withIntercept(x, y));
  }

  private static double nearest(PartFigure p) {
    return Angles.halfWrapped(p.drawnTilt() - p.tilt());
  }
}
