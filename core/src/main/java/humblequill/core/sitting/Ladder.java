package humblequill.core.sitting;

import java.util.List;

/**
 * The steps of a sitting, in order.
 *
 * @param steps one to a thousand
 */
public record Ladder(List<Step> steps) {
  private static final int MOST_STEPS = 1000;

  public Ladder {
    steps = List.copyOf(steps);
    if (steps.size() > MOST_STEPS) {
      throw new IllegalArgumentException(
          "a sitting has at most " + MOST_STEPS + " steps, these are " + steps.size());
    }
    if (steps.isEmpty()) {
      throw new IllegalArgumentException("a sitting has at least one step");
    }
  }

  /** All of it in seconds, breaks included. */
  public int seconds() {
    return steps.stream().mapToInt(Step::seconds).sum();
  }

  /** How many drawings it asks for. */
  public int drawings() {
    return steps.stream().mapToInt(Step::drawing).max().orElse(-1) + 1;
  }

  /** Seconds of a drawing in which the pen moves. */
  int drawingSeconds(int drawing) {
    return steps.stream()
        .filter(s -> s.drawing() == drawing && s.kind().draws())
        .mapToInt(Step::seconds)
        .sum();
  }
}
