package humblequill.core.course.placement;

/** A change that cannot be made; says why. */
public final class PlanChangeException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Says why in a sentence without a full stop. */
  public PlanChangeException(String reason) {
    super(reason);
  }
}
