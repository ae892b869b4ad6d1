package humblequill.core.topic.recall;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.HashSet;
import java.util.List;

/**
 * An order of steps.
 *
 * @param id names it
 * @param topics what it belongs to
 * @param steps in order, two or more, each but once
 */
public record StepOrder(String id, String title, List<String> topics, List<String> steps) {
  /** The most steps of one order. */
  public static final int MOST_STEPS = 20;

  /** The most letters of a step. */
  public static final int LONGEST = 200;

  public StepOrder {
    topics = List.copyOf(topics);
    steps = List.copyOf(steps);
    Titled.check(title, topics);
    if (steps.size() < 2 || steps.size() > MOST_STEPS) {
      throw new InvalidException(
          Message.of("topic.stepsWithin", "most", MOST_STEPS, "steps", steps.size()));
    }
    if (steps.stream().anyMatch(s -> s.isBlank() || s.length() > LONGEST)) {
      throw new InvalidException(Message.of("topic.stepLength", "most", LONGEST));
    }
    var once = new HashSet<String>();
    for (var step : steps) {
      if (!once.add(Judging.plain(step))) {
        throw new InvalidException(Message.of("topic.stepTwice", "step", step));
      }
    }
  }

  /**
   * How many steps stand right: as many as would keep their place if the others were moved.
   *
   * @param said the steps as they were put in order
   */
  public int right(List<String> said) {
    var places = said.stream().map(steps::indexOf).filter(i -> i >= 0).distinct().toList();
    int[] longest = new int[places.size()];
    int most = 0;
    for (int i = 0; i < longest.length; i++) {
      longest[i] = 1;
      for (int j = 0; j < i; j++) {
        if (places.get(j) < places.get(i)) {
          longest[i] = Math.max(longest[i], longest[j] + 1);
        }
      }
      most = Math.max(most, longest[i]);
    }
    return most;
  }
}
