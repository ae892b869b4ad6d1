package humblequill.server.book;

import humblequill.core.book.Binding;
import humblequill.core.book.Book;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.ground.message.Message;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.edge.Refusal;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A loose sheet that is put into a book, and taken out again. The book has one leaf more or less;
 * what was drawn on the sheet goes with it, and the pages after it are later or earlier.
 */
@Service
class LooseSheets {
  private final BookViews views;
  private final BookRepository repository;
  private final ToldBooks books;
  private final PageService pages;
  private final EntryService entries;
  private final Renumbering renumbering;

  LooseSheets(
      BookViews views,
      BookRepository repository,
      ToldBooks books,
      PageService pages,
      EntryService entries,
      Renumbering renumbering) {
    this.views = views;
    this.repository = repository;
    this.books = books;
    this.pages = pages;
    this.entries = entries;
    this.renumbering = renumbering;
  }

  /**
   * A loose sheet and its place in a book.
   *
   * @param sheet its page among the loose sheets
   * @param page its page in the book
   */
  record SheetInBook(
      @NotNull UUID loose,
      @Min(1) @Max(9999) int sheet,
      @NotNull UUID book,
      @Min(1) @Max(9999) int page) {}

  /** Puts the sheet in before the page that has this number now. */
  @Transactional
  void putIn(SheetInBook asked) {
    var loose = loose(asked);
    var into = views.known(asked.book);
    int pagesNow = into.told().toCore(into.name().text()).pageCount().orElse(PageSpan.MAX_PAGE);
    if (asked.page > pagesNow + 1) {
      throw Refusal.badValue(
          "page",
          asked.page,
          Message.of("book.pagesOfBook", "book", into.name().text(), "pages", pagesNow));
    }
    var moving = entriesOn(loose, asked.sheet);
    leaves(into, 1);
    shift(asked.book, asked.page, sides(into));
    entries.moveTo(moving, into.name().text(), asked.page);
    pages.moveTo(loose.name().id(), asked.sheet, into.name().id(), asked.page);
  }

  /** Takes the sheet out again. */
  @Transactional
  void takeOut(SheetInBook asked) {
    var loose = loose(asked);
    var from = views.known(asked.book);
    boolean taken =
        loose
            .map()
            .page(asked.sheet)
            .filter(p -> p.isDrawnOn() || p.fact().isPresent())
            .isPresent();
    if (taken) {
      throw Refusal.badValue(
          "sheet", asked.sheet, Message.of("book.otherOnSheet", "sheet", asked.sheet));
    }
    var moving = entriesOn(from, asked.page);
    entries.moveTo(moving, loose.name().text(), asked.sheet);
    pages.moveTo(from.name().id(), asked.page, loose.name().id(), asked.sheet);
    shift(asked.book, asked.page + sides(from), -sides(from));
    leaves(from, -1);
  }

  private BookViews.Known loose(SheetInBook asked) {
    var loose = views.known(asked.loose);
    if (loose.told().binding() != Binding.LOOSE || loose.name().id().equals(asked.book)) {
      throw Refusal.badValue(
          "loose", loose.name().text(), Message.of("book.notLoose", "book", loose.name().text()));
    }
    return loose;
  }

  private static int sides(BookViews.Known book) {
    return book.told().toCore(book.name().text()).pagesALeaf();
  }

  private void shift(UUID book, int from, int by) {
    renumbering.move(book, new Renumbering.MoveOfPages(Renumbering.Kind.SHIFT, from, by));
  }

  /** A book whose leaves nobody counted stays uncounted. */
  private void leaves(BookViews.Known book, int more) {
    repository
        .findById(book.name().id())
        .filter(row -> row.leaves != null)
        .ifPresent(
            row -> {
              int leaves = row.leaves + more;
              if (leaves > Book.MAX_LEAVES) {
                throw Refusal.badValue(
                    "book", leaves, Message.of("book.leavesAtMost", "most", Book.MAX_LEAVES));
              }
              row.leaves = leaves;
              books.save(row);
            });
  }

  private static Set<UUID> entriesOn(BookViews.Known book, int page) {
    var found = new HashSet<UUID>();
    for (Drawn drawn : book.drawn()) {
      var span = drawn.span().filter(s -> s.from() <= page && page <= s.to());
      if (span.filter(s -> s.count() > 1).isPresent()) {
        throw Refusal.badValue(
            "sheet",
            page,
            Message.of(
                "book.entryOnSeveralPages",
                "entry",
                drawn.called(),
                "day",
                drawn.day(),
                "from",
                span.get().from(),
                "to",
                span.get().to()));
      }
      span.ifPresent(s -> found.add(drawn.entry()));
    }
    return found;
  }
}
