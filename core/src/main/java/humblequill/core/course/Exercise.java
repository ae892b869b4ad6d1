package humblequill.core.course;

import java.util.List;
import java.util.Map;
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
 * @param on the day of the week it belongs to, if any
 * @param again id of an earlier exercise whose subjects are drawn once more, to lie beside the
 *     first drawings
 * @param source what to draw from
 * @param text what to do
 * @param lookFor what to look for in the result
 * @param alsoCalled other names that the log line understands
 * @param topics topics it touches; none means those of its week
 */
public record Exercise(
    String id,
    String title,
    ExerciseKind kind,
    Target target,
    int secondsEach,
    int chunk,
    Optional<String> after,
    Optional<Pinned> on,
    Optional<String> again,
    Optional<String> source,
    String text,
    String lookFor,
    List<String> alsoCalled,
    List<String> topics) {
  /** The day of a week that an exercise belongs to. */
  public enum Pinned {
    /** The first day with room. */
    FIRST_DAY,
    /** The last day with room. */
    LAST_DAY
  }

  public Exercise {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(title, "title");
    Objects.requireNonNull(on, "on");
    Objects.requireNonNull(again, "again");
    alsoCalled = List.copyOf(alsoCalled);
    topics = List.copyOf(topics);
    if (secondsEach < 1 || chunk < 1 || chunk > target.quantity()) {
      throw new IllegalArgumentException(
          "%s: secondsEach must be 1 or more and chunk 1 to %d, were %d and %d"
              .formatted(id, target.quantity(), secondsEach, chunk));
    }
  }

  /**
   * An exercise with nothing said about its day, its source or what to look for.
   *
   * @param topics topics it touches; none means those of its week
   */
  public static Exercise plain(
      String id,
      String title,
      ExerciseKind kind,
      Target target,
      int secondsEach,
      int chunk,
      List<String> topics) {
    return new Exercise(
        id,
        title,
        kind,
        target,
        secondsEach,
        chunk,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        "",
        "",
        List.of(),
        topics);
  }

  /** The same exercise with fewer units; empty when nothing is left of it. */
  Optional<Exercise> fewer(int units) {
    int left = target.quantity() - Math.max(0, units);
    return left < 1
        ? Optional.empty()
        : Optional.of(with(id, new Target(target.unit(), left), secondsEach, after));
  }

  /** The same exercise at another pace. */
  Exercise withSecondsEach(int seconds) {
    return with(id, target, seconds, after);
  }

  /** The same exercise under a new id; "after" follows. */
  Exercise renamed(Map<String, String> names) {
    return with(
        names.getOrDefault(id, id), target, secondsEach, after.map(a -> names.getOrDefault(a, a)));
  }

  private Exercise with(String newId, Target newTarget, int seconds, Optional<String> newAfter) {
    return new Exercise(
        newId,
        title,
        kind,
        newTarget,
        seconds,
        Math.min(chunk, newTarget.quantity()),
        newAfter,
        on,
        again,
        source,
        text,
        lookFor,
        alsoCalled,
        topics);
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
