package humblequill.core.promise;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.ground.message.Message;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Set;

/**
 * A promise with a count.
 *
 * @param title as the learner calls it
 * @param promise what is promised
 * @param counting what counts
 * @param rest weekdays without it, besides the learner's own rest days
 * @param policy what becomes of missed days
 * @param rules what the learner wants to keep to
 * @param secondsEach what one unit is expected to take, 1 or more
 * @param insists whether a unit is taken to last that long, whatever own entries tell
 * @param time the minutes set apart for it
 */
public record Quota(
    String title,
    Promise promise,
    Counting counting,
    Set<DayOfWeek> rest,
    MissedWork policy,
    Set<Rule> rules,
    int secondsEach,
    boolean insists,
    PromiseTime time) {
  /** A promise that learns how long a unit takes. */
  public Quota(
      String title,
      Promise promise,
      Counting counting,
      Set<DayOfWeek> rest,
      MissedWork policy,
      Set<Rule> rules,
      int secondsEach,
      PromiseTime time) {
    this(title, promise, counting, rest, policy, rules, secondsEach, false, time);
  }

  public Quota {
    rest = Set.copyOf(rest);
    rules = Set.copyOf(rules);
    if (title.isBlank()) {
      throw new BrokenPromiseException("title", title, Message.of("promise.empty"));
    }
    if (rest.size() == DayOfWeek.values().length) {
      throw new BrokenPromiseException("rest", rest, Message.of("promise.noWeekdayLeft"));
    }
    if (secondsEach < 1) {
      throw new BrokenPromiseException(
          "secondsEach", secondsEach, Message.of("promise.belowOne", "value", secondsEach));
    }
    boolean ofPrompts = promise instanceof Promise.PromptList;
    if (ofPrompts != (counting.unit() == Counting.Unit.PROMPTS)) {
      throw new BrokenPromiseException("unit", counting.unit(), Message.of("promise.promptsOnly"));
    }
  }

  /**
   * How long one unit takes.
   *
   * @param own seconds a unit of each own entry of that work
   */
  public PaceEstimate pace(List<Integer> own) {
    var learned = PaceEstimate.of(own, secondsEach);
    return insists
        ? new PaceEstimate(secondsEach, learned.entries(), learned.ownSeconds())
        : learned;
  }

  /** Its drawing days among the learner's. */
  public DrawingDays drawingDays(DrawingDays learners) {
    return learners.without(rest);
  }
}
