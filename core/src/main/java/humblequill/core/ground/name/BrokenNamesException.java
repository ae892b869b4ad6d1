package humblequill.core.ground.name;

import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;

/** Names that cannot stand beside each other. */
public final class BrokenNamesException extends RuntimeException implements Explained {
  private static final long serialVersionUID = 1L;

  private final transient Message why;

  private final String value;

  BrokenNamesException(String value, Message why) {
    super(why.toString());
    this.why = why;
    this.value = value;
  }

  /** The spelling that is meant. */
  public String value() {
    return value;
  }

  @Override
  public Message why() {
    return why;
  }
}
