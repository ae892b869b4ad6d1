package humblequill.core.course.placement;

import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;

/** A change that cannot be made; says why. */
public final class PlanChangeException extends RuntimeException implements Explained {
  private static final long serialVersionUID = 1L;

  private final transient Message why;

  /** Says why. */
  public PlanChangeException(Message why) {
    super(why.toString());
    this.why = why;
  }

  @Override
  public Message why() {
    return why;
  }
}
