package humblequill.core.day.entry;

/**
 * Units of a resource that an entry worked through.
 *
 * @param from the first, 1 to {@value #MOST}
 * @param to the last, not before the first
 */
public record Units(UnitKind kind, int from, int to) {
  /** The highest number of a unit. */
  public static final int MOST = 99_999;

  public Units {
    if (from < 1 || to < from || to > MOST) {
      throw new IllegalArgumentException(
          "units run from 1 to " + MOST + ", first to last; were " + from + "-" + to);
    }
  }

  /** How many. */
  public int count() {
    return to - from + 1;
  }
}
