package humblequill.core.promise;

import humblequill.core.day.entry.Drawn;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * What counts towards a quota. What is empty lets everything through. Names are the learner's
 * present ones, as in {@link Drawn}.
 *
 * @param unit what is counted
 * @param topic by name; an entry on an exercise has the exercise's topics
 * @param exercise by id
 */
public record Counting(
    Unit unit,
    Optional<String> topic,
    Optional<String> medium,
    Optional<String> source,
    Optional<String> book,
    Optional<String> exercise) {
  /** What is counted. */
  public enum Unit {
    /** Drawings of an entry. */
    DRAWINGS,
    /** Pages of a book that an entry names. */
    PAGES,
    /** Minutes of an entry. */
    MINUTES,
    /** Prompts that were drawn; they are ticked, not read from entries. */
    PROMPTS
  }

  /** Whether it tells what is drawn, so that earlier entries of it tell how long that takes. */
  public boolean namesTheWork() {
    return topic.isPresent() || exercise.isPresent();
  }

  /**
   * Whether it takes any drawing, whatever it shows, as "three pages a day" does. It says how much
   * is drawn and not what, so what counts for nothing else is still drawn for liking. Prompts are
   * ticked, and no entry tells of them.
   */
  public boolean takesAnything() {
    return !namesTheWork() && medium.isEmpty() && source.isEmpty();
  }

  /** Everything of a unit. */
  public static Counting all(Unit unit) {
    return new Counting(
        unit,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  /** Whether an entry is of the kind that counts. */
  public boolean matches(Drawn drawn) {
    return asksFor(topic, drawn.topics())
        && asksForOneOf(medium, drawn.medium())
        && asksFor(source, drawn.source())
        && asksFor(book, drawn.book())
        && asksFor(exercise, drawn.exercise());
  }

  private static boolean asksFor(Optional<String> wanted, Optional<String> found) {
    return wanted.isEmpty() || wanted.equals(found);
  }

  /** Pen and watercolour together are drawn with either. */
  private static boolean asksForOneOf(Optional<String> wanted, Optional<String> found) {
    return asksFor(wanted, found)
        || found.isPresent() && List.of(found.get().split(Drawn.JOINED)).contains(wanted.get());
  }

  private static boolean asksFor(Optional<String> wanted, Collection<String> found) {
    return wanted.isEmpty() || found.contains(wanted.get());
  }

  /** Units that an entry brings; 0 when it does not match. */
  public int unitsIn(Drawn drawn) {
    if (!matches(drawn)) {
      return 0;
    }
    return switch (unit) {
      case DRAWINGS -> drawn.drawings().orElse(0);
      case PAGES -> drawn.pages();
      case MINUTES -> drawn.minutes().minutes();
      case PROMPTS -> 0;
    };
  }

  /** Whether work of an exercise of a course counts as well, so that one drawing serves both. */
  public boolean servedBy(
      String exerciseId, Collection<String> topics, Optional<String> itsSource) {
    boolean kept = medium.isEmpty() && book.isEmpty() && unit != Unit.PAGES && unit != Unit.PROMPTS;
    return kept
        && asksFor(exercise, Optional.of(exerciseId))
        && asksFor(topic, topics)
        && asksFor(source, itsSource);
  }
}
