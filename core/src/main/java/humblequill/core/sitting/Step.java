package humblequill.core.sitting;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/**
 * One stretch of a sitting.
 *
 * @param kind what is done
 * @param seconds how long, 1 or more
 * @param drawing number of the drawing it belongs to, from 0; -1 for a break
 * @param part what of the reference is drawn, e.g. hands; empty for all of it
 */
public record Step(Kind kind, int seconds, int drawing, String part) {
  /** What is done during a step. */
  public enum Kind {
    /** Draw the reference in view. */
    POSE,
    /** A small drawing of the whole, before the large one. */
    THUMBNAIL,
    /** The large drawing that the thumbnail prepares. */
    FINISH,
    /** Look, pen down. */
    LOOK,
    /** The reference is hidden; hold it in mind. */
    HOLD,
    /** Draw what was seen, the reference hidden. */
    RECALL,
    /** Hold the drawing beside the reference. */
    REVEAL,
    /** Draw before the solution is seen. */
    OWN_TRY,
    /** Draw once more, the solution in view. */
    AFTER,
    /** Rest hand, neck and eyes. */
    BREAK;

    /** Whether the pen moves. */
    public boolean draws() {
      return this == POSE
          || this == THUMBNAIL
          || this == FINISH
          || this == RECALL
          || this == OWN_TRY
          || this == AFTER;
    }

    /** Whether a rest may part it: nothing is held in mind, and it goes on as it was left. */
    public boolean mayRest() {
      return this == POSE || this == FINISH || this == OWN_TRY || this == AFTER;
    }

    /** Whether the reference is in view. */
    public boolean shows() {
      return this != HOLD && this != RECALL && this != OWN_TRY && this != BREAK;
    }
  }

  private static final int NO_DRAWING = -1;

  public Step {
    if (seconds < 1) {
      throw new InvalidException(Message.of("sitting.stepTooShort", "seconds", seconds));
    }
  }

  /** A break. */
  static Step rest(int seconds) {
    return new Step(Kind.BREAK, seconds, NO_DRAWING, "");
  }

  /** A step of a drawing. */
  static Step of(Kind kind, int seconds, int drawing) {
    return new Step(kind, seconds, drawing, "");
  }
}
