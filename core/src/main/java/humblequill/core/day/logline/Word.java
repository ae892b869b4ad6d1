package humblequill.core.day.logline;

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
 * @param rank how near it is: 0 for exercises of the week that the line is written in, 1 for
 *     running promises, 2 for other topics, more for all else; of two that fit alike the smaller is
 *     meant
 * @param secondsEach how long one drawing of it is planned to take, 0 where nobody knows
 */
public record Word(
    WordKind kind,
    String key,
    String name,
    List<String> spellings,
    int week,
    int rank,
    int secondsEach) {
  public Word {
    Objects.requireNonNull(kind, "kind");
    if (key.isBlank() || name.isBlank()) {
      throw new IllegalArgumentException("a word has a key and a name");
    }
    spellings = List.copyOf(spellings);
  }

  private static final int OWN = 50;
  private static final int SHIPPED = 60;
  private static final int PROMISED = 1;
  private static final int TOPIC = 2;

  /** How near at most what is meant now: first this week, then promises, then all else. */
  int now() {
    return Math.min(rank, TOPIC);
  }

  /** A word of the learner that is no exercise; a topic's own name comes before a far exercise. */
  public static Word of(WordKind kind, String name, String... spellings) {
    int rank = kind == WordKind.TOPIC ? TOPIC : OWN;
    return new Word(kind, name, name, List.of(spellings), 0, rank, 0);
  }

  /** A medium or source that every learner starts with. */
  public static Word shipped(WordKind kind, String name, List<String> spellings) {
    return new Word(kind, name, name, spellings, 0, SHIPPED, 0);
  }

  /** The topic of a running promise, which is kept in the promise's own words as well. */
  public static Word promised(String topic, List<String> spellings) {
    return new Word(WordKind.TOPIC, topic, topic, spellings, 0, PROMISED, 0);
  }

  /**
   * An exercise of a week.
   *
   * @param weeksAway 0 when it is planned now
   */
  public static Word exercise(
      String id, String title, List<String> alsoCalled, int week, int weeksAway, int secondsEach) {
    int rank = weeksAway == 0 ? 0 : weeksAway + TOPIC;
    return new Word(WordKind.EXERCISE, id, title, alsoCalled, week, rank, secondsEach);
  }
}
