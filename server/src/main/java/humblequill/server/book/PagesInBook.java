package humblequill.server.book;

import humblequill.core.ground.message.Message;
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
                  Message.of(
                      "book.noPageInBook",
                      "page",
                      last,
                      "book",
                      name.map(Name::text).orElse(""),
                      "last",
                      pages));
            });
  }
}
