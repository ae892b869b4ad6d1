package humblequill.core.bench;

import java.util.Optional;

/**
 * How the whole stands against the plumb line, where that is known on both pictures.
 *
 * @param truth of the reference, in degrees from the plumb line, positive to the right; 0 where the
 *     template has nothing upright
 * @param turn degrees by which the attempt is turned against it, clockwise positive
 */
public record Lean(double truth, double turn) {
  /** Of the attempt, in degrees from the plumb line. */
  public double yours() {
    return Angles.wrapped(truth + turn);
  }

  static Optional<Lean> of(Template template, Attempt attempt, Alignment alignment) {
    if (!attempt.plumb() || alignment.on().size() < 2) {
      return Optional.empty();
    }
    double truth =
        template
            .upright()
            .filter(u -> u.above().stream().allMatch(attempt.reference()::containsKey))
            .filter(u -> u.below().stream().allMatch(attempt.reference()::containsKey))
            .map(
                u ->
                    Angles.lean(
                        Similarity.mean(Alignment.of(attempt.reference(), u.below())),
                        Similarity.mean(Alignment.of(attempt.reference(), u.above()))))
            .orElse(0.0);
    return Optional.of(new Lean(truth, -alignment.over().degrees()));
  }
}
