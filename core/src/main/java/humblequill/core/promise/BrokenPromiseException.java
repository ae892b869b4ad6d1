package humblequill.core.promise;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/** A promise that cannot be made as it stands. */
public final class BrokenPromiseException extends InvalidException {
  private static final long serialVersionUID = 1;

  private final String field;
  private final transient Object value;

  BrokenPromiseException(String field, Object value, Message why) {
    super(Message.of("promise.fieldRefused", "field", field, "why", why));
    this.field = field;
    this.value = value;
  }

  /** The field that is wrong. */
  public String field() {
    return field;
  }

  /** Its value. */
  public Object value() {
    return value;
  }
}
