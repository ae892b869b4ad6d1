package humblequill.core.entry;

/**
 * Pages of a book, as numbered by hand.
 *
 * @param from first page, 1 to 9999
 * @param to last page, not before the first
 */
public record PageSpan(int from, int to) {
  /** The highest page number. */
  public static final int MAX_PAGE = 9999;

  public PageSpan {
    if (from < 1 || to < from || to > MAX_PAGE) {
      throw new IllegalArgumentException(
          "pages run from 1 to " + MAX_PAGE + ", first to last; were " + from + "-" + to);
    }
  }
}
