package humblequill.server.book;

import humblequill.core.book.SheetLayout;
import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.NameKind;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.day.entry.EntryFilter;
import humblequill.server.day.entry.EntryService;
import humblequill.server.day.entry.EntryView;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.FormatStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Any set of pages as one document: what is owed as homework, or shown to somebody. */
@Service
class Sheets {
  private static final int MOST_ENTRIES = 5000;

  private final BookViews views;
  private final EntryService entries;
  private final NameService names;
  private final PagePictures pictures;

  Sheets(BookViews views, EntryService entries, NameService names, PagePictures pictures) {
    this.views = views;
    this.entries = entries;
    this.names = names;
    this.pictures = pictures;
  }

  /**
   * What a sheet may show.
   *
   * @param pages in the order in which they were drawn
   * @param kept private ones that were left out
   * @param bare pages without a picture, which were left out
   */
  record Selection(List<SheetPage> pages, int kept, int bare) {}

  /** A page of a selection. */
  record SheetPage(
      UUID bookId,
      String book,
      int number,
      @Nullable LocalDate day,
      String about,
      int drawings,
      int minutes,
      @Nullable String medium,
      @Nullable Integer mark,
      UUID picture) {}

  /** Which words stand under a picture. */
  enum Words {
    PAGE,
    DAY,
    ABOUT,
    COUNT,
    MINUTES,
    MEDIUM,
    MARK
  }

  /** A sheet to be made. */
  record Wanted(
      @NotNull @Size(max = 200) String title,
      @NotNull SheetLayout.Paper paper,
      @Min(1) @Max(SheetLayout.MOST) int perSheet,
      @NotNull @Size(max = 7) List<@NotNull Words> words,
      @NotEmpty @Size(max = 600) List<@Valid @NotNull PageOfBook> pages) {}

  /** A page by its book and number. */
  record PageOfBook(@NotNull UUID book, @Min(1) @Max(9999) int number) {}

  /**
   * What is asked for; all that is left out asks for everything.
   *
   * @param book of this book alone
   * @param first from this page of it on
   * @param last up to this page of it
   * @param favourites folded corners alone
   * @param topic of this topic, by the entry's own or by its exercise's
   */
  record Asked(
      @Nullable UUID book,
      @Nullable Integer first,
      @Nullable Integer last,
      boolean favourites,
      @Nullable String topic,
      EntryFilter entries) {
    private boolean asksEntries() {
      return entries.from() != null
          || entries.to() != null
          || entries.exercise() != null
          || entries.text() != null;
    }
  }

  @Transactional(readOnly = true)
  Selection select(Asked asked) {
    var matching =
        asked.asksEntries()
            ? entries.find(asked.entries).entries().stream()
                .map(EntryView::id)
                .collect(Collectors.toSet())
            : null;
    var topic = asked.topic == null ? null : names.names().called(NameKind.TOPIC, asked.topic);
    var found = new ArrayList<SheetPage>();
    int kept = 0;
    int bare = 0;
    for (var k : views.onShelf()) {
      if (asked.book != null && !k.name().id().equals(views.known(asked.book).name().id())) {
        continue;
      }
      var told = k.pages().stream().collect(Collectors.toMap(p -> p.number(), p -> p));
      for (var page : k.map().pages()) {
        var layers =
            page.layers().stream()
                .filter(d -> matching == null || matching.contains(d.entry()))
                .filter(d -> topic == null || d.topics().contains(topic))
                .toList();
        var fact = told.get(page.number());
        boolean wanted =
            page.isDrawnOn()
                && (matching == null && topic == null || !layers.isEmpty())
                && (asked.first == null || page.number() >= asked.first)
                && (asked.last == null || page.number() <= asked.last)
                && (!asked.favourites || fact != null && fact.favourite());
        if (!wanted) {
          continue;
        }
        var picture =
            fact == null
                ? null
                : k.pictures().getOrDefault(fact.id(), List.of()).stream().findFirst().orElse(null);
        if (k.told().keptPrivate() || fact != null && fact.keptPrivate()) {
          kept++;
        } else if (picture == null) {
          bare++;
        } else {
          found.add(page(k, page.number(), layers, picture.id()));
        }
      }
    }
    found.sort(
        Comparator.comparing(SheetPage::day, Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(SheetPage::book)
            .thenComparing(SheetPage::number));
    return new Selection(found, kept, bare);
  }

  private static SheetPage page(BookViews.Known k, int number, List<Drawn> layers, UUID picture) {
    var first = layers.isEmpty() ? null : layers.get(0);
    return new SheetPage(
        k.name().id(),
        k.name().text(),
        number,
        first == null ? null : first.day(),
        first == null ? "" : first.called(),
        layers.stream().mapToInt(d -> d.drawings().orElse(0)).sum(),
        layers.stream().mapToInt(d -> d.minutes().minutes()).sum(),
        first == null ? null : first.medium().orElse(null),
        first == null || first.mark() == 0 ? null : first.mark(),
        picture);
  }

  /**
   * What was made of some pages.
   *
   * @param missing letters that no font here has; a question mark stands for each
   */
  record Sheet(byte[] file, Set<String> missing) {
    private static Sheet of(byte[] file, Wanted wanted, List<SheetPdf.Tile> tiles) {
      var missing = new LinkedHashSet<>(Lettering.missing(wanted.title()));
      tiles.forEach(tile -> missing.addAll(Lettering.missing(tile.caption())));
      return new Sheet(file, missing);
    }
  }

  /** The document. */
  @Transactional(readOnly = true)
  Sheet pdf(Wanted wanted, Locale locale) {
    var tiles = tiles(wanted, locale);
    try (var pdf =
        new SheetPdf(SheetLayout.of(wanted.paper(), wanted.perSheet()), wanted.title())) {
      var out = new ByteArrayOutputStream();
      pdf.write(wanted.title(), tiles, out);
      return Sheet.of(out.toByteArray(), wanted, tiles);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The same pictures side by side, as PNG. */
  @Transactional(readOnly = true)
  Sheet strip(Wanted wanted, Locale locale) {
    if (wanted.pages().size() > SheetStrip.MOST) {
      throw Refusal.badValue(
          "pages", wanted.pages().size(), Message.of("book.stripIsFull", "most", SheetStrip.MOST));
    }
    try {
      var tiles = tiles(wanted, locale);
      return Sheet.of(SheetStrip.png(wanted.title(), tiles), wanted, tiles);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private List<SheetPdf.Tile> tiles(Wanted wanted, Locale locale) {
    Map<PageOfBook, SheetPage> known = new LinkedHashMap<>();
    var all =
        select(
            new Asked(
                null,
                null,
                null,
                false,
                null,
                new EntryFilter(null, null, null, null, null, null, null, null, null, null, 0, 1)));
    all.pages().forEach(p -> known.put(new PageOfBook(p.bookId(), p.number()), p));
    var tiles = new ArrayList<SheetPdf.Tile>();
    for (var page : wanted.pages()) {
      var there = known.get(page);
      if (there == null) {
        throw Refusal.badValue(
            "pages", page.number(), Message.of("book.pageWithoutPicture", "page", page.number()));
      }
      tiles.add(tile(there, wanted.words(), locale));
    }
    return tiles;
  }

  private SheetPdf.Tile tile(SheetPage page, List<Words> words, Locale locale) {
    var caption =
        words.stream()
            .distinct()
            .map(w -> word(w, page, locale))
            .filter(w -> !w.isEmpty())
            .collect(Collectors.joining(" · "));
    return new SheetPdf.Tile() {
      @Override
      public byte[] picture(int longestDots) throws IOException {
        return pictures.shown(page.picture(), longestDots);
      }

      @Override
      public String caption() {
        return caption;
      }
    };
  }

  private static String say(Message message) {
    return humblequill.server.ground.message.Words.say(message);
  }

  private static String word(Words word, SheetPage page, Locale locale) {
    return switch (word) {
      case PAGE -> say(Message.of("book.pageCaption", "book", page.book(), "page", page.number()));
      case DAY ->
          page.day() == null
              ? ""
              : DateTimeFormatter.ofLocalizedDate(FormatStyle.MEDIUM)
                  .withLocale(locale)
                  .format(page.day());
      case ABOUT -> page.about();
      case COUNT ->
          page.drawings() == 0
              ? ""
              : say(Message.of("book.countCaption", "drawings", page.drawings()));
      case MINUTES ->
          page.minutes() == 0
              ? ""
              : say(Message.of("book.minutesCaption", "minutes", page.minutes()));
      case MEDIUM -> page.medium() == null ? "" : page.medium();
      case MARK -> page.mark() == null ? "" : page.mark() + "/5";
    };
  }

  static int mostEntries() {
    return MOST_ENTRIES;
  }
}
