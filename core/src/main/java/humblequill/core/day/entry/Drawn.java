package humblequill.core.day.entry;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/**
 * One entry as it counts: for a plan, a promise, a streak, a topic. Names are the learner's present
 * ones, whatever was written at the time, so that they can be compared as they are.
 *
 * @param called what it is called in lists: its exercise, its topic, or the beginning of its note
 * @param placement the placement of the exercise
 * @param exercise id of the exercise
 * @param topics the entry's topic, or the topics of its exercise
 * @param drawings as told
 * @param minutes how long
 * @param pages pages it fills; 0 when it names none
 * @param lastPage the last of them; 0 when it names none
 * @param mark 1 to 5; 0 without one
 * @param learned what is to be learned from it
 */
public record Drawn(
    UUID entry,
    LocalDate day,
    String called,
    Optional<UUID> placement,
    Optional<String> exercise,
    Set<String> topics,
    Optional<String> medium,
    Optional<String> source,
    Optional<String> book,
    Optional<Integer> drawings,
    Minutes minutes,
    int pages,
    int lastPage,
    int mark,
    Learned learned) {
  /** What stands between two media of one drawing: "pen and watercolour". */
  public static final String JOINED = " and ";

  /** What an entry was drawn for. */
  public enum Purpose {
    /** An exercise to learn from. */
    STUDY,
    /** An exercise that puts to use what was learned. */
    APPLIED,
    /** What the learner likes. */
    FREE
  }

  /**
   * What is to be learned from an entry.
   *
   * @param study what it tells of learning
   * @param wentWrong whether it says what went wrong
   */
  public record Learned(
      Purpose purpose, Optional<String> resource, Study study, boolean wentWrong) {
    /** Nothing beside that it was drawn. */
    public static final Learned NOTHING =
        new Learned(Purpose.FREE, Optional.empty(), Study.NONE, false);
  }

  public Drawn {
    topics = Set.copyOf(topics);
  }

  /** Whether something was drawn; a note by itself is no practice. */
  public boolean isPractice() {
    return exercise.isPresent()
        || !topics.isEmpty()
        || drawings.isPresent()
        || minutes.minutes() > 0;
  }

  /** The pages it fills; empty when it names none. */
  public Optional<PageSpan> span() {
    return pages == 0
        ? Optional.empty()
        : Optional.of(new PageSpan(lastPage - pages + 1, lastPage));
  }

  /** Minutes as the learner told them; empty where they are estimated or unknown. */
  public Optional<Integer> minutesTold() {
    return minutes.told() ? Optional.of(minutes.minutes()) : Optional.empty();
  }
}
