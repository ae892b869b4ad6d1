package humblequill.server.book;

import static java.nio.charset.StandardCharsets.UTF_8;

import humblequill.server.day.entry.EntryFilter;
import humblequill.server.ground.settings.SettingsService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.net.URLEncoder;
import java.time.LocalDate;
import java.util.Locale;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/sheet")
class SheetController {
  /** Letters that no font here has, percent-encoded. */
  private static final String MISSING = "Missing-Letters";

  private final Sheets sheets;
  private final SettingsService settings;

  SheetController(Sheets sheets, SettingsService settings) {
    this.sheets = sheets;
    this.settings = settings;
  }

  /** Pages that a sheet may show. */
  @GetMapping
  Sheets.Selection select(
      @RequestParam(required = false) @Nullable UUID book,
      @RequestParam(required = false) @Nullable @Min(1) @Max(9999) Integer first,
      @RequestParam(required = false) @Nullable @Min(1) @Max(9999) Integer last,
      @RequestParam(defaultValue = "false") boolean favourites,
      @RequestParam(required = false) @Nullable LocalDate from,
      @RequestParam(required = false) @Nullable LocalDate to,
      @RequestParam(required = false) @Nullable String exercise,
      @RequestParam(required = false) @Nullable String topic,
      @RequestParam(required = false) @Nullable @Size(max = 200) String text) {
    return sheets.select(
        new Sheets.Asked(
            book,
            first,
            last,
            favourites,
            topic,
            new EntryFilter(
                from,
                to,
                exercise,
                null,
                null,
                null,
                text,
                null,
                null,
                null,
                0,
                Sheets.mostEntries())));
  }

  /** The document, as PDF. */
  @PostMapping(produces = "application/pdf")
  ResponseEntity<byte[]> pdf(@RequestBody @Valid Sheets.Wanted wanted) {
    return file("pages.pdf", sheets.pdf(wanted, locale()));
  }

  /** The same pictures side by side, as PNG. */
  @PostMapping(path = "/strip", produces = "image/png")
  ResponseEntity<byte[]> strip(@RequestBody @Valid Sheets.Wanted wanted) {
    return file("pages.png", sheets.strip(wanted, locale()));
  }

  private Locale locale() {
    return Locale.forLanguageTag(settings.read().look().locale());
  }

  private static ResponseEntity<byte[]> file(String name, Sheets.Sheet sheet) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
        .header(MISSING, URLEncoder.encode(String.join("", sheet.missing()), UTF_8))
        .body(sheet.file());
  }
}
