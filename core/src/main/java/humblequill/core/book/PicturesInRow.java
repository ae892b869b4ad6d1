package humblequill.core.book;

import humblequill.core.day.entry.PageSpan;
import java.util.ArrayList;
import java.util.List;

/** Pictures of a whole book, taken page by page: "these 40 are pages 1 to 80, two a picture". */
public final class PicturesInRow {
  private PicturesInRow() {}

  /**
   * The pages of each picture, in order.
   *
   * @param pictures how many, from 0
   * @param first the page, or the left one of two, that the first picture shows
   * @param two whether each shows two pages
   * @param last the last page of the book
   * @return as many as find a page; a picture of two pages that reaches past the last one shows the
   *     last one
   */
  public static List<PageSpan> pages(int pictures, int first, boolean two, int last) {
    int each = two ? 2 : 1;
    var spans = new ArrayList<PageSpan>();
    for (int i = 0, page = first; i < pictures && page <= last; i++, page += each) {
      spans.add(new PageSpan(page, Math.min(page + each - 1, last)));
    }
    return List.copyOf(spans);
  }
}
