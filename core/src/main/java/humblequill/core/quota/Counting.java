package humblequill.core.quota;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * What counts towards a quota. A field that is empty lets everything through.
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

  /**
   * What an entry says about itself.
   *
   * @param topics its topic, or the topics of its exercise
   * @param pages pages it fills; 0 when it names none
   */
  public record Drawn(
      LocalDate day,
      Set<String> topics,
      Optional<String> exercise,
      Optional<String> medium,
      Optional<String> source,
      Optional<String> book,
      int drawings,
      int minutes,
      int pages) {}

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
    return topic.map(t -> drawn.topics().stream().anyMatch(t::equalsIgnoreCase)).orElse(true)
        && same(medium, drawn.medium())
        && same(source, drawn.source())
        && same(book, drawn.book())
        && same(exercise, drawn.exercise());
  }

  private static boolean same(Optional<String> wanted, Optional<String> found) {
    return wanted.isEmpty() || found.isPresent() && wanted.get().equalsIgnoreCase(found.get());
  }

  /** Units that an entry brings; 0 when it does not match. */
  public int unitsIn(Drawn drawn) {
    if (!matches(drawn)) {
      return 0;
    }
    return switch (unit) {
      case DRAWINGS -> drawn.drawings();
      case PAGES -> drawn.pages();
      case MINUTES -> drawn.minutes();
      case PROMPTS -> 0;
    };
  }

  /** Whether work of an exercise of a course counts as well, so that one drawing serves both. */
  public boolean servedBy(String exerciseId, Set<String> topics, Optional<String> itsSource) {
    boolean kept = medium.isEmpty() && book.isEmpty() && unit != Unit.PAGES && unit != Unit.PROMPTS;
    return kept
        && exercise.map(exerciseId::equals).orElse(true)
        && topic.map(t -> topics.stream().anyMatch(t::equalsIgnoreCase)).orElse(true)
        && same(source, itsSource);
  }
}
