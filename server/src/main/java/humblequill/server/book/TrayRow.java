package humblequill.server.book;

import humblequill.core.book.PicturesInRow;
import humblequill.core.book.picture.Corners;
import humblequill.core.day.entry.PageSpan;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.book.picture.Straightening;
import humblequill.server.ground.name.NameService;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Many pictures that wait are put on pages that follow each other. */
@Service
class TrayRow {
  private final PagePictures pictures;
  private final Straightening straightening;
  private final PapersInPictures papers;
  private final PageService pages;
  private final ToldBooks books;
  private final Tray tray;
  private final NameService names;

  TrayRow(
      PagePictures pictures,
      Straightening straightening,
      PapersInPictures papers,
      PageService pages,
      ToldBooks books,
      Tray tray,
      NameService names) {
    this.pictures = pictures;
    this.straightening = straightening;
    this.papers = papers;
    this.pages = pages;
    this.books = books;
    this.tray = tray;
    this.names = names;
  }

  /**
   * A picture and the pages it would show.
   *
   * @param to the same as the first where it shows one
   */
  record PicturePages(UUID picture, int from, int to) {}

  /**
   * What a row would do.
   *
   * @param row in the order in which the pictures were taken
   * @param without how many pictures find no page any more
   * @param taken pages among them that have a picture already; theirs would lie beside it
   */
  record RowOfPictures(List<PicturePages> row, int without, List<Integer> taken) {}

  /**
   * What became of one picture.
   *
   * @param right the picture of the right page; null where the picture shows one page
   * @param parted false where two pages were asked for and no paper stood out, so that the picture
   *     lies whole on the first of them
   */
  record PlacedInRow(PagePicture left, @Nullable PagePicture right, boolean parted) {}

  /** The pages of the pictures that wait, from one of them on. */
  @Transactional(readOnly = true)
  RowOfPictures look(UUID book, int first, boolean two, UUID from) {
    var waiting = pictures.waiting().stream().map(PagePicture::id).toList();
    var chosen = waiting.subList(Math.max(0, waiting.indexOf(from)), waiting.size());
    int last = books.of(book).toCore("").pageCount().orElse(PageSpan.MAX_PAGE);
    var spans = PicturesInRow.pages(chosen.size(), first, two, last);
    var row = new ArrayList<PicturePages>();
    for (int i = 0; i < spans.size(); i++) {
      row.add(new PicturePages(chosen.get(i), spans.get(i).from(), spans.get(i).to()));
    }
    return new RowOfPictures(row, chosen.size() - row.size(), taken(book, spans));
  }

  private List<Integer> taken(UUID book, List<PageSpan> spans) {
    if (spans.isEmpty()) {
      return List.of();
    }
    var pictured = pictures.byPage();
    int first = spans.get(0).from();
    int last = spans.get(spans.size() - 1).to();
    return pages.told(book, names.names()).stream()
        .filter(p -> p.number() >= first && p.number() <= last && pictured.containsKey(p.id()))
        .map(PageService.ToldPage::number)
        .sorted()
        .toList();
  }

  /**
   * Puts one picture on its pages. Two pages are parted where they meet, as a guess that can be put
   * right.
   *
   * @param part the right page's picture, made by the client, so that a retry makes no second one
   */
  @Transactional
  PlacedInRow place(UUID id, UUID part, UUID book, PageSpan on) {
    var left = tray.place(id, book, on.from(), false);
    if (on.count() == 1) {
      return new PlacedInRow(left, null, true);
    }
    var paper = straightening.paper(id, true);
    if (paper.sure() == null) {
      return new PlacedInRow(left, null, false);
    }
    var both = Corners.of(paper.corners());
    var parted =
        papers.part(
            id,
            new PaperController.TwoPagesOfPicture(
                part, new PaperController.SheetOfPicture(both.clockwise(), false), paper.gutter()));
    return new PlacedInRow(parted.left(), parted.right(), true);
  }
}
