package humblequill.core.course;

import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * One exercise of a course week.
 *
 * @param id unique within its course
 * @param title its name on screen and in the log line
 * @param target how much
 * @param secondsEach seconds one unit takes; 60 where the target is minutes
 * @param chunk smallest share worth sitting down for, in units
 * @param after id of an exercise of the same week that comes first
 * @param source what to draw from
 * @param text what to do
 * @param lookFor what to look for in the result
 * @param alsoCalled other names that the log line understands
 */
public record Exercise(
    String id,
    String title,
    ExerciseKind kind,
    Target target,
    int secondsEach,
    int chunk,
    Optional<String> after,
    Optional<String> source,
    String text,
    String lookFor,
    List<String> alsoCalled) {
  public Exercise {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(title, "title");
    alsoCalled = List.copyOf(alsoCalled);
    if (secondsEach < 1 || chunk < 1 || chunk > target.quantity()) {
      throw new IllegalArgumentException(
          "%s: secondsEach must be 1 or more and chunk 1 to %d, were %d and %d"
              .formatted(id, target.quantity(), secondsEach, chunk));
    }
  }

  /** The time all of it takes, in seconds. */
  public long seconds() {
    return (long) target.quantity() * secondsEach;
  }

  /**
   * How much: drawings to make or minutes to spend.
   *
   * @param quantity 1 or more
   */
  public record Target(Unit unit, int quantity) {
    public Target {
      if (quantity < 1) {
        throw new IllegalArgumentException("a target is 1 or more, was " + quantity);
      }
    }
  }

  /** What a target counts. */
  public enum Unit {
    /** Drawings. */
    DRAWINGS,
    /** Minutes. */
    MINUTES
  }

  /**
   * The units that an entry of this exercise brings: its drawings or its minutes, whichever the
   * target counts. One entry without a count still does an exercise that asks for a single drawing.
   *
   * @param drawings drawings logged, if any
   * @param minutes minutes logged, if any
   */
  public int unitsIn(Optional<Integer> drawings, Optional<Integer> minutes) {
    return switch (target.unit()) {
      case MINUTES -> minutes.orElse(0);
      case DRAWINGS -> drawings.orElse(target.quantity() == 1 ? 1 : 0);
    };
  }
}
