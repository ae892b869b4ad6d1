package humblequill.server.book;

import humblequill.server.ground.name.NameUses;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** A name that something was told of as a book cannot vanish. */
@Component
class BookNames implements NameUses {
  private final BookRepository books;
  private final PageRepository pages;

  BookNames(BookRepository books, PageRepository pages) {
    this.books = books;
    this.pages = pages;
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Long> uses() {
    return Stream.concat(
            books.findAll().stream().map(b -> b.id), pages.findAll().stream().map(p -> p.bookId))
        .collect(Collectors.groupingBy(id -> id, Collectors.counting()));
  }
}
