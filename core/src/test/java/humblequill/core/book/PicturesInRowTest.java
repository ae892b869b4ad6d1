package humblequill.core.book;

import static org.junit.jupiter.api.Assertions.assertEquals;

import humblequill.core.day.entry.PageSpan;
import java.util.List;
import org.junit.jupiter.api.Test;

class PicturesInRowTest {
  /** By hand: forty pictures of two pages each are eighty pages. */
  @Test
  void fortyPicturesTwoAPictureArePagesOneToEighty() {
    var pages = PicturesInRow.pages(40, 1, true, 96);
    assertEquals(40, pages.size());
    assertEquals(new PageSpan(1, 2), pages.get(0));
    assertEquals(new PageSpan(79, 80), pages.get(39));
  }

  @Test
  void oneAPictureCountsByOne() {
    assertEquals(
        List.of(new PageSpan(5, 5), new PageSpan(6, 6), new PageSpan(7, 7)),
        PicturesInRow.pages(3, 5, false, 96));
  }

  @Test
  void theBookEndsBeforeThePictures() {
    assertEquals(
        List.of(new PageSpan(94, 95), new PageSpan(96, 96)), PicturesInRow.pages(5, 94, true, 96));
    assertEquals(List.of(), PicturesInRow.pages(5, 97, true, 96));
    assertEquals(List.of(), PicturesInRow.pages(0, 1, true, 96));
  }
}
