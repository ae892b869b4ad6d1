package humblequill.core.sitting;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
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
      throw new InvalidException(
          Message.of("sitting.tooManySteps", "most", MOST_STEPS, "steps", steps.size()));
    }
    if (steps.isEmpty()) {
      throw new InvalidException(Message.of("sitting.noStep"));
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

  /** Whether a drawing is done with a step: no later one, after a rest or at once, is of it. */
  public boolean endsDrawing(int step) {
    int next = step + 1;
    while (next < steps.size() && steps.get(next).kind() == Step.Kind.BREAK) {
      next++;
    }
    return next == steps.size() || steps.get(next).drawing() != steps.get(step).drawing();
  }

  /** Whether a step goes on, after a rest, with the drawing before the rest. */
  public boolean goesOn(int step) {
    return step > 1
        && steps.get(step - 1).kind() == Step.Kind.BREAK
        && steps.get(step).drawing() == steps.get(step - 2).drawing();
  }

  /** Number of the drawing under way in a step, a rest within it as well; -1 between drawings. */
  int drawingOf(int step) {
    boolean rest = step > 0 && steps.get(step).kind() == Step.Kind.BREAK;
    return rest && !endsDrawing(step - 1)
        ? steps.get(step - 1).drawing()
        : steps.get(step).drawing();
  }

  /** Seconds of a drawing in which the pen moves. */
  int drawingSeconds(int drawing) {
    return steps.stream()
        .filter(s -> s.drawing() == drawing && s.kind().draws())
        .mapToInt(Step::seconds)
        .sum();
  }
}
