package humblequill.core.sitting.cabinet;

/** A side of the figure, its own left and right. */
public enum Side {
  /** Its left, at positive x. */
  LEFT(1),
  /** Its right. */
  RIGHT(-1);

  private final int sign;

  Side(int sign) {
    this.sign = sign;
  }

  /** 1 for the left, -1 for the right. */
  int sign() {
    return sign;
  }
}
