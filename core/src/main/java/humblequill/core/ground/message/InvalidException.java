package humblequill.core.ground.message;

/** A value that cannot be, and why. */
public class InvalidException extends IllegalArgumentException implements Explained {
  private static final long serialVersionUID = 1L;

  private final transient Message why;

  /** Says what is wrong with a value. */
  public InvalidException(Message why) {
    super(why.toString());
    this.why = why;
  }

  @Override
  public Message why() {
    return why;
  }
}
