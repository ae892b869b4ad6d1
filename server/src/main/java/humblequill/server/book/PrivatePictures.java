package humblequill.server.book;

import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
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
    return picture != null && !among(List.of(picture)).isEmpty();
  }

  /** Those of some pictures that are. */
  @Transactional(readOnly = true)
  public Set<UUID> among(Collection<UUID> some) {
    var known = pictures.all();
    var onPages =
        some.stream()
            .map(known::get)
            .filter(p -> p != null && p.pageId() != null)
            .collect(Collectors.toMap(PagePicture::id, PagePicture::pageId, (a, same) -> a));
    if (onPages.isEmpty()) {
      return Set.of();
    }
    var closed =
        pages.told().values().stream()
            .flatMap(Collection::stream)
            .filter(page -> page.keptPrivate() || books.of(page.bookId()).keptPrivate())
            .map(PageService.ToldPage::id)
            .collect(Collectors.toSet());
    return onPages.entrySet().stream()
        .filter(e -> closed.contains(e.getValue()))
        .map(Map.Entry::getKey)
        .collect(Collectors.toSet());
  }
}
