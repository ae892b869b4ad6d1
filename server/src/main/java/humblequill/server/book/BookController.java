package humblequill.server.book;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/books")
class BookController {
  private final BookService books;
  private final BookViews views;
  private final Renumbering renumbering;
  private final LooseSheets looseSheets;

  BookController(
      BookService books, BookViews views, Renumbering renumbering, LooseSheets looseSheets) {
    this.looseSheets = looseSheets;
    this.renumbering = renumbering;
    this.books = books;
    this.views = views;
  }

  /** All books, those that are off the shelf among them. */
  @GetMapping
  List<BookLine> shelf() {
    return views.shelf();
  }

  @GetMapping("/{id}")
  BookView read(@PathVariable UUID id) {
    return views.view(id);
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  BookView create(@RequestBody @Valid NewBook book) {
    books.create(book.id(), book.fields());
    return views.view(book.id());
  }

  @PutMapping("/{id}")
  BookView change(@PathVariable UUID id, @RequestBody @Valid ChangedBook book) {
    books.change(id, book.change(), book.version(), book.fields());
    return views.view(id);
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID id) {
    books.remove(id, true);
  }

  @PostMapping("/{id}/back")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putBack(@PathVariable UUID id) {
    books.remove(id, false);
  }

  /** What a move of pages would do; nothing is moved. */
  @PostMapping("/{id}/pages/preview")
  Renumbering.Moved preview(
      @PathVariable UUID id, @RequestBody @Valid Renumbering.MoveOfPages move) {
    return renumbering.preview(id, move);
  }

  /** Moves pages; entries, pictures and what was told follow. */
  @PostMapping("/{id}/pages/move")
  Renumbering.Moved move(@PathVariable UUID id, @RequestBody @Valid Renumbering.MoveOfPages move) {
    return renumbering.move(id, move);
  }

  /** Puts a loose sheet into a book. */
  @PostMapping("/sheets/put-in")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putIn(@RequestBody @Valid LooseSheets.SheetInBook sheet) {
    looseSheets.putIn(sheet);
  }

  /** Takes a loose sheet out of a book again. */
  @PostMapping("/sheets/take-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeOut(@RequestBody @Valid LooseSheets.SheetInBook sheet) {
    looseSheets.takeOut(sheet);
  }

  /** A new book under an id that the client made, so that a retry never makes two. */
  record NewBook(@NotNull UUID id, @NotNull @Valid BookFields fields) {}

  /**
   * A change on top of the version that the client read.
   *
   * @param change made by the client; under it another name can be taken back
   */
  record ChangedBook(long version, @NotNull UUID change, @NotNull @Valid BookFields fields) {}
}
