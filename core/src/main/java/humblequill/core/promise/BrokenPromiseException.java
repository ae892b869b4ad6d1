package humblequill.core.promise;

/** A promise that cannot be made as it stands. */
public final class BrokenPromiseException extends IllegalArgumentException {
  private static final long serialVersionUID = 1;

  private final String field;
  private final transient Object value;

  BrokenPromiseException(String field, Object value, String reason) {
    super(field + " " + reason);
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
