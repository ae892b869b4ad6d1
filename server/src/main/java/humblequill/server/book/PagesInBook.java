package humblequill.server.book;

import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.server.day.entry.EntryCheck;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import org.springframework.stereotype.Component;

/** An entry names only pages that its book has, where its leaves were counted. */
@Component
class PagesInBook implements EntryCheck {
  private final ToldBooks books;
  private final NameService names;

  PagesInBook(ToldBooks books, NameService names) {
    this.books = books;
    this.names = names;
  }

  @Override
  public void check(EntryFields fields) {
    var entry = fields.toCore();
    if (entry.book().isEmpty() || entry.pages().isEmpty()) {
      return;
    }
    int last = entry.pages().get().to();
    var name = names.names().find(NameKind.BOOK, entry.book().get());
    name.map(n -> books.of(n.id()).toCore(n.text()))
        .flatMap(book -> book.pageCount())
        .filter(pages -> pages < last)
        .ifPresent(
            pages -> {
              throw Refusal.badValue(
                  "pageTo",
                  last,
                  "There is no p %d in %s; its last page is p %d. Put the page right, or the book's leaves."
                      .formatted(last, name.map(Name::text).orElse(""), pages));
            });
  }
}
