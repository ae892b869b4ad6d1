package humblequill.server.book;

import humblequill.core.book.Format;
import humblequill.core.book.picture.Corners;
import humblequill.core.book.picture.Spot;
import humblequill.core.day.entry.PageSpan;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.book.picture.Straightening;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pages as sheets of paper in pictures: seen in the format of their book, two parted into two. */
@Service
class PapersInPictures {
  private final PagePictures pictures;
  private final Straightening straightening;
  private final PageService pages;
  private final ToldBooks books;
  private final Tray tray;

  PapersInPictures(
      PagePictures pictures,
      Straightening straightening,
      PageService pages,
      ToldBooks books,
      Tray tray) {
    this.pictures = pictures;
    this.straightening = straightening;
    this.pages = pages;
    this.books = books;
    this.tray = tray;
  }

  /**
   * Two pictures out of one.
   *
   * @param rightNumber the page on which the right one was put; null when it waits in the tray
   */
  record PartedPictures(PagePicture left, PagePicture right, @Nullable Integer rightNumber) {}

  private Optional<PageService.ToldPage> pageOf(UUID picture) {
    return Optional.ofNullable(pictures.all().get(picture))
        .map(PagePicture::pageId)
        .flatMap(
            page ->
                pages.told().values().stream()
                    .flatMap(List::stream)
                    .filter(p -> p.id().equals(page))
                    .findFirst());
  }

  /** The format of the book in which the picture's page lies, where it is known. */
  @Transactional(readOnly = true)
  Optional<Format> format(UUID picture) {
    return pageOf(picture).flatMap(p -> books.of(p.bookId()).format());
  }

  @Transactional
  PagePicture straighten(UUID id, List<Spot> corners, boolean even) {
    return pictures.straighten(id, Optional.of(straightening.of(id, corners, even, format(id))));
  }

  @Transactional
  PagePicture asItCame(UUID id) {
    return pictures.straighten(id, Optional.empty());
  }

  @Transactional
  PagePicture part(UUID id, UUID part, List<Spot> corners, boolean even) {
    return pictures.part(id, part, Optional.of(straightening.of(id, corners, even, format(id))));
  }

  @Transactional
  PartedPictures part(UUID id, PaperController.TwoPagesOfPicture two) {
    var both = Corners.of(two.sheet().corners());
    boolean even = two.sheet().evenLight();
    var page = pageOf(id);
    var right = part(id, two.part(), two.gutter().right(both).clockwise(), even);
    var left = straighten(id, two.gutter().left(both).clockwise(), even);
    if (page.isEmpty()) {
      return new PartedPictures(left, right, null);
    }
    var book = page.get().bookId();
    int next = page.get().number() + 1;
    int last = books.of(book).toCore("").pageCount().orElse(PageSpan.MAX_PAGE);
    return next > last
        ? new PartedPictures(left, right, null)
        : new PartedPictures(left, tray.place(two.part(), book, next, false), next);
  }
}
