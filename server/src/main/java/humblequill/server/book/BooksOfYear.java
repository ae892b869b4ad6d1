package humblequill.server.book;

import humblequill.core.book.FilledBooks;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What books tell of a year. */
@Component
public class BooksOfYear {
  private final BookViews books;

  BooksOfYear(BookViews books) {
    this.books = books;
  }

  /** Those that were filled in it. */
  @Transactional(readOnly = true)
  public FilledBooks filled(int year) {
    return FilledBooks.of(year, books.onShelf().stream().flatMap(k -> filled(k).stream()).toList());
  }

  private static Optional<FilledBooks.Filled> filled(BookViews.Known k) {
    return filledOn(k)
        .map(
            on ->
                new FilledBooks.Filled(
                    on,
                    Optional.ofNullable(k.told().price()),
                    k.told().currency(),
                    k.map().drawnOn(),
                    k.drawn().stream().mapToInt(d -> d.minutes().minutes()).sum()));
  }

  private static Optional<LocalDate> filledOn(BookViews.Known k) {
    var last =
        Optional.ofNullable(k.last()).filter(day -> k.map().left().filter(n -> n == 0).isPresent());
    return Optional.ofNullable(k.told().closed()).or(() -> last);
  }

  /**
   * Names of books that are kept private, also of those taken off the shelf: what is shown around
   * leaves them out.
   */
  @Transactional(readOnly = true)
  public Set<String> keptPrivate() {
    return books.shelf().stream()
        .filter(BookLine::keptPrivate)
        .map(BookLine::name)
        .collect(Collectors.toSet());
  }
}
