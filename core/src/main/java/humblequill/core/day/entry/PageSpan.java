package humblequill.core.day.entry;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

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
      throw new InvalidException(
          Message.of("day.pagesWithin", "most", MAX_PAGE, "from", from, "to", to));
    }
  }

  /**
   * The pages that drawings fill, one each.
   *
   * @param drawings at least 1
   * @throws IllegalArgumentException when they go past the highest page number
   */
  public static PageSpan filledBy(int first, int drawings) {
    return new PageSpan(first, first + drawings - 1);
  }

  /** How many pages. */
  public int count() {
    return to - from + 1;
  }

  /** The page after the last one filled, 0 for none; the highest page number stays itself. */
  public static int after(int last) {
    return Math.min(MAX_PAGE, last + 1);
  }
}
