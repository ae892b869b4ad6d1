package humblequill.core.logline;

import java.util.List;
import java.util.Objects;

/**
 * One word of the learner's own vocabulary.
 *
 * @param kind what it names
 * @param key what an entry stores: the id of an exercise, the name of all else
 * @param name as shown
 * @param spellings other ways of writing it
 * @param week for an exercise, its course week; 0 otherwise
 * @param rank how near it is, 0 for exercises of the week that the line is written in; the smaller
 *     rank is meant
 */
public record Word(
    WordKind kind, String key, String name, List<String> spellings, int week, int rank) {
  public Word {
    Objects.requireNonNull(kind, "kind");
    if (key.isBlank() || name.isBlank()) {
      throw new IllegalArgumentException("a word has a key and a name");
    }
    spellings = List.copyOf(spellings);
  }

  /** A word that is no exercise. */
  public static Word of(WordKind kind, String name, String... spellings) {
    return new Word(kind, name, name, List.of(spellings), 0, 50);
  }

  /** An exercise of a week, near or far. */
  public static Word exercise(
      String id, String title, List<String> alsoCalled, int week, int rank) {
    return new Word(WordKind.EXERCISE, id, title, alsoCalled, week, rank);
  }
}
