package humblequill.core.day.logline;

import java.util.Optional;

/**
 * What the learner did last time, to fill what a line leaves out.
 *
 * @param source source of the last entry with the same subject
 * @param medium medium of the last entry with the same subject
 * @param plannedSource what the course says to draw from, for the first time
 */
public record Habits(
    Optional<String> source, Optional<String> medium, Optional<String> plannedSource) {
  /** Nothing to go by. */
  public static final Habits NONE =
      new Habits(Optional.empty(), Optional.empty(), Optional.empty());

  /** Looks up the last time of a subject, and the book that a page alone means. */
  @FunctionalInterface
  public interface Lookup {
    /** The habits for an exercise id or a topic name. */
    Habits of(Optional<String> exerciseId, Optional<String> topic);

    /** The book that is meant where only a page is named, with or without a medium. */
    default Optional<String> book(Optional<String> medium) {
      return Optional.empty();
    }

    /** The most so far. */
    default Usual usual() {
      return Usual.UNKNOWN;
    }
  }
}
