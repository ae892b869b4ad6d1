package humblequill.server.book;

import humblequill.core.day.entry.PageSpan;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pictures that wait. */
@RestController
@RequestMapping("/api/tray")
class TrayController {
  private final Tray tray;
  private final TrayRow row;

  TrayController(Tray tray, TrayRow row) {
    this.tray = tray;
    this.row = row;
  }

  /** Pictures that wait, each with the page it most likely belongs to. */
  @GetMapping
  Tray.TrayView read() {
    return tray.read();
  }

  /** What it would be to put pictures on pages that follow each other. */
  @GetMapping("/row")
  TrayRow.RowOfPictures row(
      @RequestParam UUID book,
      @RequestParam @Min(1) @Max(PageSpan.MAX_PAGE) int first,
      @RequestParam(defaultValue = "false") boolean two,
      @RequestParam UUID from) {
    return row.look(book, first, two, from);
  }

  /** Puts one picture of such a row on its pages. */
  @PutMapping("/row/{id}")
  TrayRow.PlacedInRow place(@PathVariable UUID id, @RequestBody @Valid PagesOfPicture pages) {
    return row.place(
        id,
        pages.part(),
        pages.book(),
        new PageSpan(pages.from(), pages.two() ? PageSpan.after(pages.from()) : pages.from()));
  }

  /**
   * The pages of one picture.
   *
   * @param part the right page's picture, made by the client
   * @param two whether it shows the page after too
   */
  record PagesOfPicture(
      @NotNull UUID part,
      @NotNull UUID book,
      @Min(1) @Max(PageSpan.MAX_PAGE) int from,
      boolean two) {}
}
