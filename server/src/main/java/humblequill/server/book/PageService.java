package humblequill.server.book;

import humblequill.core.book.PageFact;
import humblequill.core.book.PageState;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Names;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is told of pages. A page of which nothing is told has no row. */
@Service
public class PageService {
  private final PageRepository repository;
  private final BookService books;
  private final ToldBooks told;
  private final NameService names;
  private final Remembered<Map<UUID, List<ToldPage>>> stored;

  PageService(
      PageRepository repository,
      BookService books,
      ToldBooks told,
      NameService names,
      Memory memory) {
    this.repository = repository;
    this.books = books;
    this.told = told;
    this.names = names;
    this.stored = memory.remember("what is told of pages", PageEntity.class);
  }

  /** What was told of a page. */
  record ToldPage(
      UUID id,
      UUID bookId,
      int number,
      PageState state,
      String words,
      boolean favourite,
      boolean keptPrivate) {
    PageFact toCore(int pictures) {
      return new PageFact(id, number, state, words, favourite, pictures);
    }
  }

  /** What was told of all pages, by the identity of the book's name as it was then. */
  @Transactional(readOnly = true)
  Map<UUID, List<ToldPage>> told() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .map(PageEntity::told)
                .collect(Collectors.groupingBy(ToldPage::bookId)));
  }

  /** What was told of the pages of a book, in order; of books merged into it as well. */
  @Transactional(readOnly = true)
  List<ToldPage> told(UUID book, Names known) {
    var told = told();
    return known.meaning(book).stream()
        .sorted(Comparator.comparing(id -> !id.equals(book)))
        .flatMap(id -> told.getOrDefault(id, List.of()).stream())
        .collect(Collectors.toMap(ToldPage::number, p -> p, (mine, other) -> mine))
        .values()
        .stream()
        .sorted(Comparator.comparing(ToldPage::number))
        .toList();
  }

  /** What was told of one page. */
  @Transactional(readOnly = true)
  Optional<ToldPage> told(UUID book, int number) {
    return told(book, names.names()).stream().filter(p -> p.number() == number).findFirst();
  }

  /** Tells something of a page. */
  @Transactional
  public void tell(UUID book, int number, PageFields fields) {
    var entity = row(book, number);
    entity.state = fields.state();
    entity.words = fields.words().strip();
    entity.favourite = fields.favourite();
    entity.keptPrivate = fields.keptPrivate();
    save(entity);
  }

  /** The identity of a page, which is made where it has none yet. */
  @Transactional
  public UUID idOf(UUID book, int number) {
    var entity = row(book, number);
    if (entity.isNew()) {
      save(entity);
    }
    return entity.id;
  }

  /**
   * Gives pages other numbers. No two pages may have one number even for a moment, so that all are
   * set aside first.
   */
  @Transactional
  void renumber(UUID book, Map<Integer, Integer> numbers) {
    var moving =
        told(books.name(book).id(), names.names()).stream()
            .filter(p -> numbers.containsKey(p.number()))
            .map(p -> repository.findById(p.id()).orElseThrow())
            .toList();
    moving.forEach(p -> p.number = -p.number);
    repository.saveAllAndFlush(moving);
    moving.forEach(p -> p.number = numbers.get(-p.number));
    repository.saveAllAndFlush(moving);
  }

  /**
   * Gives a page, with all that was told of it, another place; one of which nothing is told has
   * none.
   */
  @Transactional
  void moveTo(UUID book, int number, UUID other, int place) {
    told(book, number)
        .flatMap(p -> repository.findById(p.id()))
        .ifPresent(
            row -> {
              row.bookId = other;
              row.number = place;
              save(row);
            });
  }

  private PageEntity row(UUID book, int number) {
    var name = books.name(book);
    int last = told.of(name.id()).toCore(name.text()).pageCount().orElse(PageSpan.MAX_PAGE);
    if (number < 1 || number > last) {
      throw Refusal.badValue(
          "number",
          number,
          Message.of("book.noPage", "number", number, "book", name.text(), "last", last));
    }
    return told(name.id(), number)
        .flatMap(p -> repository.findById(p.id()))
        .orElseGet(
            () -> {
              var fresh = new PageEntity();
              fresh.bookId = name.id();
              fresh.number = number;
              return fresh;
            });
  }

  private void save(PageEntity entity) {
    repository.saveAndFlush(entity);
  }
}
