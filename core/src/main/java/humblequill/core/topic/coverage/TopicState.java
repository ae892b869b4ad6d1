package humblequill.core.topic.coverage;

/** How a topic stands, in a word. */
public enum TopicState {
  FRESH,
  FADING,
  /** Faded, after an hour of practice or more; what was hardly begun has nothing to rust. */
  RUSTY,
  /** Planned and never touched. */
  NOT_YET,
  /** Neither planned nor touched. */
  UNTOUCHED
}
