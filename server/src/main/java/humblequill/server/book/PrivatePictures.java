package humblequill.server.book;

import humblequill.server.picture.PagePictures;
import java.util.Collection;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of pages or books that are kept private: no sheet that is shown around holds them. */
@Component
public class PrivatePictures {
  private final PagePictures pictures;
  private final PageService pages;
  private final ToldBooks books;

  PrivatePictures(PagePictures pictures, PageService pages, ToldBooks books) {
    this.pictures = pictures;
    this.pages = pages;
    this.books = books;
  }

  /** Whether a picture is one of them; one that waits for its page is none. */
  @Transactional(readOnly = true)
  public boolean holds(@Nullable UUID picture) {
    var known = picture == null ? null : pictures.all().get(picture);
    if (known == null || known.pageId() == null) {
      return false;
    }
    return pages.told().values().stream()
        .flatMap(Collection::stream)
        .filter(page -> page.id().equals(known.pageId()))
        .anyMatch(page -> page.keptPrivate() || books.of(page.bookId()).keptPrivate());
  }
}
