package humblequill.server.book;

import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class PageController {
  private final PageService pages;
  private final PageViews views;
  private final PagePictures pictures;
  private final LineageService lineage;
  private final Tray tray;
  private final EntryPictures entryPictures;

  PageController(
      PageService pages,
      PageViews views,
      PagePictures pictures,
      LineageService lineage,
      Tray tray,
      EntryPictures entryPictures) {
    this.entryPictures = entryPictures;
    this.pages = pages;
    this.views = views;
    this.pictures = pictures;
    this.lineage = lineage;
    this.tray = tray;
  }

  @GetMapping("/books/{book}/pages/{number}")
  PageView read(@PathVariable UUID book, @PathVariable int number) {
    return views.view(book, number);
  }

  @PutMapping("/books/{book}/pages/{number}")
  PageView tell(
      @PathVariable UUID book, @PathVariable int number, @RequestBody @Valid PageFields fields) {
    pages.tell(book, number, fields);
    return views.view(book, number);
  }

  /** Puts a picture on a page. */
  @PutMapping("/pictures/{id}/page")
  PagePicture place(@PathVariable UUID id, @RequestBody @Valid PlaceOnPage place) {
    return tray.place(id, place.book(), place.number(), place.beside());
  }

  /** Takes a picture off its page; it waits in the tray again. */
  @DeleteMapping("/pictures/{id}/page")
  PagePicture takeOff(@PathVariable UUID id) {
    return pictures.place(id, null, false);
  }

  /**
   * The picture of the first page of each entry that has one, by the entry.
   *
   * @param shown whether it is for showing around, which leaves private pages and books out
   */
  @GetMapping("/entry-pictures")
  Map<UUID, UUID> ofEntries(
      @RequestParam @Size(max = 500) Set<UUID> entries,
      @RequestParam(defaultValue = "false") boolean shown) {
    return shown ? entryPictures.shown(entries) : entryPictures.of(entries);
  }

  @PostMapping("/lineage")
  PageView grew(@RequestBody @Valid Grew grew) {
    lineage.grew(
        grew.id(),
        pages.idOf(grew.fromBook(), grew.from()),
        pages.idOf(grew.intoBook(), grew.into()),
        grew.words());
    return views.view(grew.intoBook(), grew.into());
  }

  @DeleteMapping("/lineage/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(@PathVariable UUID id) {
    lineage.forget(id);
  }

  /**
   * Where a picture belongs.
   *
   * @param beside whether it is a detail or another view beside the page's own picture
   */
  record PlaceOnPage(@NotNull UUID book, @Min(1) @Max(9999) int number, boolean beside) {}

  /** A drawing on one page that grew into one on another. */
  record Grew(
      @NotNull UUID id,
      @NotNull UUID fromBook,
      @Min(1) @Max(9999) int from,
      @NotNull UUID intoBook,
      @Min(1) @Max(9999) int into,
      @NotNull @Size(max = 400) String words) {}
}
