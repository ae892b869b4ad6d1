package humblequill.core.ground.stats;

/**
 * A share of few cases with its 95 % interval.
 *
 * <p>E. B. Wilson, "Probable inference, the law of succession, and statistical inference", 1927,
 * without continuity correction.
 *
 * @param cases how many had it, 0 to {@code of}
 * @param of how many there were, 1 or more
 * @param low lower end, 0 to 1
 * @param high upper end, 0 to 1
 */
public record Wilson(int cases, int of, double low, double high) {
  private static final double Z = 1.959963984540054;

  /** The interval for so many of so many. */
  public static Wilson of(int cases, int of) {
    if (of < 1 || cases < 0 || cases > of) {
      throw new IllegalArgumentException("no share: " + cases + " of " + of);
    }
    double p = (double) cases / of;
    double z2 = Z * Z / of;
    double middle = (p + z2 / 2) / (1 + z2);
    double half = Z * Math.sqrt(p * (1 - p) / of + z2 / (4 * of)) / (1 + z2);
    return new Wilson(
        cases,
        of,
        cases == 0 ? 0 : Math.max(0, middle - half),
        cases == of ? 1 : Math.min(1, middle + half));
  }
}
