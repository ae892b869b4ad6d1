package humblequill.core.topic;

/** Topics that contradict each other; names them. */
public final class BrokenTopicsException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Says what is wrong in a sentence without a full stop. */
  public BrokenTopicsException(String reason) {
    super(reason);
  }
}
