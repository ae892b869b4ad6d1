package humblequill.core.course;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
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
 * @param placing where it stands among others
 * @param guidance what to do and what to look for
 * @param alsoCalled other names that the log line understands
 * @param topics topics it touches; none means those of its week
 */
public record Exercise(
    String id,
    String title,
    ExerciseKind kind,
    Target target,
    Placing placing,
    Guidance guidance,
    List<String> alsoCalled,
    List<String> topics) {
  /** What a target counts. */
  public enum Unit {
    /** Drawings. */
    DRAWINGS,
    /** Minutes. */
    MINUTES
  }

  /**
   * How much: drawings to make or minutes to spend.
   *
   * @param quantity 1 or more
   * @param secondsEach seconds one unit takes, 1 or more; 60 where minutes are counted
   * @param chunk smallest share worth sitting down for, in units, 1 to the quantity
   */
  public record Target(Unit unit, int quantity, int secondsEach, int chunk) {
    private static final int MINUTE = 60;

    public Target {
      if (quantity < 1) {
        throw new InvalidException(Message.of("course.targetWithin", "quantity", quantity));
      }
      if (secondsEach < 1 || chunk < 1 || chunk > quantity) {
        throw new InvalidException(
            Message.of(
                "course.amountWithin",
                "most",
                quantity,
                "secondsEach",
                secondsEach,
                "chunk",
                chunk));
      }
    }

    /** So many drawings. */
    public static Target drawings(int quantity, int secondsEach, int chunk) {
      return new Target(Unit.DRAWINGS, quantity, secondsEach, chunk);
    }

    /** So many minutes. */
    public static Target minutes(int quantity, int chunk) {
      return new Target(Unit.MINUTES, quantity, MINUTE, chunk);
    }

    private Target withQuantity(int other) {
      return new Target(unit, other, secondsEach, Math.min(chunk, other));
    }

    private Target withSecondsEach(int other) {
      return new Target(unit, quantity, other, chunk);
    }
  }

  /** The day of a week that an exercise belongs to. */
  public enum Pinned {
    /** The first day with room. */
    FIRST_DAY,
    /** The last day with room. */
    LAST_DAY
  }

  /**
   * Where an exercise stands among others.
   *
   * @param after id of an exercise of the same week that comes first
   * @param on the day of the week it belongs to, if any
   * @param again id of an earlier exercise whose subjects are drawn once more, to be held beside
   *     the first drawings
   */
  public record Placing(Optional<String> after, Optional<Pinned> on, Optional<String> again) {
    /** Anywhere. */
    public static final Placing ANYWHERE =
        new Placing(Optional.empty(), Optional.empty(), Optional.empty());

    public Placing {
      Objects.requireNonNull(after, "after");
      Objects.requireNonNull(on, "on");
      Objects.requireNonNull(again, "again");
    }
  }

  /**
   * What to do.
   *
   * @param source what to draw from
   * @param text what to do
   * @param lookFor what to look for in the result
   * @param resource what to learn it from, by name
   */
  public record Guidance(
      Optional<String> source, String text, String lookFor, Optional<String> resource) {
    /** Nothing said. */
    public static final Guidance NONE = new Guidance(Optional.empty(), "", "");

    /** Without a resource. */
    public Guidance(Optional<String> source, String text, String lookFor) {
      this(source, text, lookFor, Optional.empty());
    }
  }

  public Exercise {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(title, "title");
    Objects.requireNonNull(target, "target");
    alsoCalled = List.copyOf(alsoCalled);
    topics = List.copyOf(topics);
  }

  /**
   * An exercise with nothing said about its day, its source or what to look for.
   *
   * @param topics topics it touches; none means those of its week
   */
  public static Exercise plain(
      String id, String title, ExerciseKind kind, Target target, List<String> topics) {
    return new Exercise(
        id, title, kind, target, Placing.ANYWHERE, Guidance.NONE, List.of(), topics);
  }

  /** The same with fewer units; empty when nothing is left of it. */
  public Optional<Exercise> fewer(int units) {
    int left = target.quantity() - Math.max(0, units);
    return left < 1 ? Optional.empty() : Optional.of(with(target.withQuantity(left)));
  }

  /** The same at another pace. */
  public Exercise withSecondsEach(int seconds) {
    return with(target.withSecondsEach(seconds));
  }

  private Exercise with(Target other) {
    return new Exercise(id, title, kind, other, placing, guidance, alsoCalled, topics);
  }

  /** The same under a new id; what it comes after follows. */
  public Exercise renamed(Map<String, String> names) {
    return new Exercise(
        names.getOrDefault(id, id),
        title,
        kind,
        target,
        new Placing(after().map(a -> names.getOrDefault(a, a)), on(), again()),
        guidance,
        alsoCalled,
        topics);
  }

  /** The same with its topics, source and resource as they are called now. */
  public Exercise called(Names names) {
    return new Exercise(
        id,
        title,
        kind,
        target,
        placing,
        new Guidance(
            source().map(s -> names.called(NameKind.SOURCE, s)),
            text(),
            lookFor(),
            resource().map(r -> names.called(NameKind.RESOURCE, r))),
        alsoCalled,
        topics.stream().map(t -> names.called(NameKind.TOPIC, t)).distinct().toList());
  }

  /** Seconds one unit takes; 60 where minutes are counted. */
  public int secondsEach() {
    return target.secondsEach();
  }

  /** Smallest share worth sitting down for, in units. */
  public int chunk() {
    return target.chunk();
  }

  /** Id of an exercise of the same week that comes first. */
  public Optional<String> after() {
    return placing.after();
  }

  /** The day of the week it belongs to, if any. */
  public Optional<Pinned> on() {
    return placing.on();
  }

  /** Id of an earlier exercise whose subjects are drawn once more. */
  public Optional<String> again() {
    return placing.again();
  }

  /** What to draw from. */
  public Optional<String> source() {
    return guidance.source();
  }

  /** What to do. */
  public String text() {
    return guidance.text();
  }

  /** What to look for in the result. */
  public String lookFor() {
    return guidance.lookFor();
  }

  /** What to learn it from. */
  public Optional<String> resource() {
    return guidance.resource();
  }

  /** The time all of it takes, in seconds. */
  public long seconds() {
    return (long) target.quantity() * secondsEach();
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
