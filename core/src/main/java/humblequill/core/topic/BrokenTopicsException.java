package humblequill.core.topic;

import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;

/** Topics that contradict each other; names them. */
public final class BrokenTopicsException extends RuntimeException implements Explained {
  private static final long serialVersionUID = 1L;

  private final transient Message why;

  /** Says what is wrong. */
  public BrokenTopicsException(Message why) {
    super(why.toString());
    this.why = why;
  }

  @Override
  public Message why() {
    return why;
  }
}
