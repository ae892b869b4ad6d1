package humblequill.core.quota;

import humblequill.core.course.MissedWork;
import java.time.DayOfWeek;
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
 */
public record Quota(
    String title,
    Promise promise,
    Counting counting,
    Set<DayOfWeek> rest,
    MissedWork policy,
    Set<Rule> rules) {
  /** Rules to keep; asked about, never enforced. */
  public enum Rule {
    /** Pen only. */
    PEN_ONLY,
    /** Nothing is erased. */
    NO_ERASER,
    /** From life only. */
    FROM_LIFE,
    /** Every page is finished. */
    FINISH_EVERY_PAGE
  }

  public Quota {
    rest = Set.copyOf(rest);
    rules = Set.copyOf(rules);
    if (title.isBlank()) {
      throw new BrokenPromiseException("title", title, "must not be empty");
    }
    if (rest.size() == DayOfWeek.values().length) {
      throw new BrokenPromiseException("rest", rest, "leaves no weekday to draw on");
    }
  }
}
