package humblequill.core.day.logline;

/** What a word of the learner's names. */
public enum WordKind {
  /** An exercise of the course. */
  EXERCISE,
  /** A topic. */
  TOPIC,
  /** What is drawn with. */
  MEDIUM,
  /** What is drawn from. */
  SOURCE,
  /** A sketchbook. */
  BOOK,
  /** Something learned from. */
  RESOURCE,
  /** What a drawing shows beside its topic. */
  FACET;

  /** Whether it tells what was drawn. */
  boolean isSubject() {
    return this == EXERCISE || this == TOPIC;
  }
}
