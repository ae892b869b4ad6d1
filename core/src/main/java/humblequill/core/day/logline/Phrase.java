package humblequill.core.day.logline;

import java.util.List;
import java.util.Optional;

/**
 * One phrase of a line as it was understood.
 *
 * @param field what it fills
 * @param state how sure it is
 * @param value as shown, e.g. "35" or "brush pen"; empty while a question is open
 * @param start where its text begins in the line; −1 when the program filled it in
 * @param end one past its text
 * @param choices other readings, each with the line that says it
 * @param problem why it cannot be used, when the state is {@link State#PROBLEM}
 */
public record Phrase(
    Field field,
    State state,
    String value,
    int start,
    int end,
    List<Choice> choices,
    Problem problem) {
  public Phrase {
    choices = List.copyOf(choices);
  }

  /** Whether the learner has to say something before the line can be saved. */
  boolean asks() {
    return state == State.QUESTION || state == State.PROBLEM;
  }

  /** What a phrase fills. */
  public enum Field {
    /** The number of drawings. */
    DRAWINGS,
    /** The exercise. */
    EXERCISE,
    /** The topic. */
    TOPIC,
    /** The minutes. */
    MINUTES,
    /** The medium. */
    MEDIUM,
    /** The source. */
    SOURCE,
    /** The resource. */
    RESOURCE,
    /** Units of the resource. */
    UNITS,
    /** How the resource was used. */
    HOW,
    /** What the drawing shows beside its topic; may be there several times. */
    FACET,
    /** The book. */
    BOOK,
    /** The pages. */
    PAGES,
    /** Timed poses. */
    POSES,
    /** The mark. */
    MARK,
    /** What the learner counts beside the drawings. */
    OWN_FIGURE,
    /** The practice day. */
    DAY,
    /** The time of day. */
    TIME,
    /** What went wrong. */
    WENT_WRONG,
    /** What to do next time. */
    NEXT_TIME,
    /** Remarks. */
    NOTE,
    /** What was not understood. */
    UNKNOWN;

    /** Whether it is kept in the learner's own words. */
    boolean inWords() {
      return this == WENT_WRONG || this == NEXT_TIME || this == NOTE;
    }
  }

  /** How sure it is. */
  public enum State {
    /** Read from the line. */
    UNDERSTOOD,
    /** Read from the line, which leaves it open: the middle of 20 to 25. */
    ABOUT,
    /** Filled in by the program from the last time. */
    AS_LAST_TIME,
    /** Filled in by the program from the course. */
    AS_PLANNED,
    /** Could mean several things; the learner says which. */
    QUESTION,
    /** Read, but it cannot be so. */
    PROBLEM
  }

  /** Why it cannot be used. */
  public enum Problem {
    /** No problem. */
    NONE,
    /** The value is outside its bounds. */
    OUT_OF_RANGE,
    /** The day lies ahead. */
    AHEAD,
    /** There is no such date. */
    NO_SUCH_DATE,
    /** So many seconds or minutes each, but no number of drawings. */
    EACH_WITHOUT_COUNT,
    /** Far more than ever before; asked about once. */
    UNUSUAL
  }

  /**
   * Another reading.
   *
   * @param label as shown
   * @param line the whole line written so that it says this
   * @param as what it makes of words or figures that could be several things
   */
  public record Choice(String label, String line, Optional<Field> as) {}
}
