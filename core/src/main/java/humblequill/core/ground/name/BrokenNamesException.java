package humblequill.core.ground.name;

/** Names that cannot stand beside each other. */
public final class BrokenNamesException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final String value;

  BrokenNamesException(String value, String reason) {
    super(reason);
    this.value = value;
  }

  /** The spelling that is meant. */
  public String value() {
    return value;
  }
}
