package humblequill.server.book;

import humblequill.core.book.BookInUse;
import humblequill.core.book.Cost;
import humblequill.core.book.FullDate;
import humblequill.core.book.Page;
import humblequill.core.book.PageMap;
import humblequill.core.book.PageState;
import humblequill.core.book.Paper;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.book.rule.RuleAnswers;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Books as they stand on the shelf, and one with all its pages. */
@Service
class BookViews {
  private final BookService books;
  private final ToldBooks toldBooks;
  private final PageService pages;
  private final PagePictures pictures;
  private final EntryLedger ledger;
  private final NameService names;
  private final SettingsService settings;
  private final RuleAnswers rules;
  private final Derived<List<Known>> held = new Derived<>();

  /** Books as they were read last, by what is told of them; what is drawn goes on beside it. */
  private final Derived<Map<UUID, Known>> sinceTold = new Derived<>();

  BookViews(
      BookService books,
      ToldBooks toldBooks,
      PageService pages,
      PagePictures pictures,
      EntryLedger ledger,
      NameService names,
      SettingsService settings,
      RuleAnswers rules) {
    this.rules = rules;
    this.books = books;
    this.toldBooks = toldBooks;
    this.pages = pages;
    this.pictures = pictures;
    this.ledger = ledger;
    this.names = names;
    this.settings = settings;
  }

  /** A book with what is known of it. */
  record Known(
      Name name,
      ToldBook told,
      List<Drawn> drawn,
      List<PageService.ToldPage> pages,
      PageMap map,
      Map<UUID, List<PagePicture>> pictures) {
    @Nullable LocalDate from() {
      return told.opened() != null || drawn.isEmpty() ? told.opened() : drawn.get(0).day();
    }

    @Nullable LocalDate last() {
      return drawn.isEmpty() ? null : drawn.get(drawn.size() - 1).day();
    }
  }

  /** One book. */
  @Transactional(readOnly = true)
  Known known(UUID id) {
    return known(books.name(id), ledger.read().byBook(), pictures.byPage(), names.names());
  }

  private Known known(
      Name name, Map<String, List<Drawn>> drawn, Map<UUID, List<PagePicture>> byPage, Names known) {
    var told = toldBooks.of(name.id());
    var facts = pages.told(name.id(), known);
    var mine = drawn.getOrDefault(name.text(), List.of());
    var map =
        PageMap.of(
            told.toCore(name.text()),
            facts.stream()
                .map(p -> p.toCore(byPage.getOrDefault(p.id(), List.of()).size()))
                .toList(),
            mine);
    return new Known(name, told, mine, facts, map, byPage);
  }

  /** All books, in the order in which they came into use. */
  @Transactional(readOnly = true)
  List<BookLine> shelf() {
    var all = all();
    var inUse = inUse(all);
    return all.stream()
        .map(
            k ->
                new BookLine(
                    k.name.id(),
                    k.name.text(),
                    k.told.format().map(f -> f.widthMm()).orElse(null),
                    k.told.format().map(f -> f.heightMm()).orElse(null),
                    k.told.leaves(),
                    k.told.binding(),
                    k.map.pages().size(),
                    k.map.filledShare().orElse(null),
                    k.told.keptPrivate(),
                    k.told.notJudged(),
                    k.from(),
                    k.told.closed(),
                    inUse.isPresent() && inUse.get() == k,
                    k.told.removed()))
        .toList();
  }

  /** Books that were not taken off the shelf. */
  @Transactional(readOnly = true)
  List<Known> onShelf() {
    return all().stream().filter(k -> !k.told.removed()).toList();
  }

  /** The open book that is drawn in now. */
  @Transactional(readOnly = true)
  Optional<Known> inUse() {
    return inUse(all());
  }

  private Optional<Known> inUse(List<Known> all) {
    var name = BookInUse.of(ledger.read().all().toList(), books.told(), Optional.empty());
    return all.stream().filter(k -> name.filter(k.name.text()::equals).isPresent()).findFirst();
  }

  private List<Known> all() {
    var told = List.of(names.names(), toldBooks.all(), pages.told(), pictures.all());
    var drawn = ledger.read();
    var from = new ArrayList<Object>(told);
    from.add(drawn);
    return held.get(from, () -> read(sinceTold.get(told, ConcurrentHashMap::new), drawn));
  }

  /** A book that nothing was drawn in since it was read last is as it was. */
  private List<Known> read(Map<UUID, Known> last, Ledger ledger) {
    var known = names.names();
    var drawn = ledger.byBook();
    var byPage = pictures.byPage();
    var read = new ArrayList<Known>();
    for (var name : known.all(NameKind.BOOK)) {
      var was = last.get(name.id());
      boolean asItWas = was != null && was.drawn == drawn.getOrDefault(name.text(), List.of());
      var now = asItWas ? was : known(name, drawn, byPage, known);
      last.put(name.id(), now);
      read.add(now);
    }
    read.sort(
        Comparator.comparing(
                Known::from, Comparator.nullsLast(Comparator.<LocalDate>naturalOrder()))
            .thenComparing(k -> k.name.text()));
    return List.copyOf(read);
  }

  /** One book with its pages. */
  @Transactional(readOnly = true)
  BookView view(UUID id) {
    var k = known(id);
    var size = k.told.format();
    int minutes = k.drawn.stream().mapToInt(d -> d.minutes().minutes()).sum();
    var counts = new EnumMap<PageState, Integer>(PageState.class);
    for (var state : PageState.values()) {
      counts.put(state, k.map.count(state));
    }
    return new BookView(
        k.name.id(),
        k.told.version(),
        k.told.fields(k.name.text(), names.names()),
        size.map(f -> f.widthMm()).orElse(null),
        size.map(f -> f.heightMm()).orElse(null),
        k.map.pages().size(),
        counts,
        k.map.drawnOn(),
        minutes,
        k.from(),
        k.last(),
        full(k),
        k.told.price() == null ? null : Cost.of(k.told.price(), k.map.drawnOn(), minutes),
        remarks(k),
        rules.kept().counts(k.told.rules(), k.drawn),
        openings(k));
  }

  private @Nullable FullDate full(Known k) {
    var left = k.map.left();
    var from = k.from();
    if (left.isEmpty() || from == null || k.told.closed() != null) {
      return null;
    }
    return FullDate.of(
        left.get(), k.map.newlyDrawn(), from, usualPagesADay(k), settings.learner().today());
  }

  /** Pages a day of the book that was closed last; one a day without such a book. */
  private double usualPagesADay(Known but) {
    return all().stream()
        .filter(k -> k.told.closed() != null && k.from() != null && k != but)
        .max(Comparator.comparing(k -> Objects.requireNonNull(k.told.closed())))
        .map(k -> k.map.pagesADay(k.from(), k.told.closed()))
        .filter(mean -> mean > 0)
        .orElse(1.0);
  }

  /** Media that the paper does not stand and that were used all the same; said once each. */
  private List<BookView.PaperRemark> remarks(Known k) {
    var remarks = new ArrayList<BookView.PaperRemark>();
    for (var paper : k.told.paper()) {
      var medium = NameService.called(names.names(), paper.medium().id());
      var pages =
          k.drawn.stream()
              .filter(d -> d.medium().equals(Optional.ofNullable(medium)))
              .flatMap(d -> d.span().stream())
              .flatMapToInt(s -> java.util.stream.IntStream.rangeClosed(s.from(), s.to()))
              .distinct()
              .sorted()
              .boxed()
              .toList();
      boolean used = k.drawn.stream().anyMatch(d -> d.medium().equals(Optional.ofNullable(medium)));
      if (paper.paper() != Paper.STANDS && used && medium != null) {
        remarks.add(new BookView.PaperRemark(medium, paper.paper(), pages));
      }
    }
    return remarks;
  }

  private static List<BookView.OpeningView> openings(Known k) {
    return k.map.openings().stream()
        .map(
            o ->
                new BookView.OpeningView(
                    o.left().map(p -> tile(p, k)).orElse(null),
                    o.right().map(p -> tile(p, k)).orElse(null)))
        .toList();
  }

  private static BookView.PageTile tile(Page page, Known k) {
    var layers = page.layers();
    return new BookView.PageTile(
        page.number(),
        page.state(),
        page.fact().map(f -> f.words()).orElse(""),
        page.fact().map(f -> f.favourite()).orElse(false),
        page.fact()
            .flatMap(f -> k.pictures.getOrDefault(f.id(), List.of()).stream().findFirst())
            .map(PagePicture::id)
            .orElse(null),
        layers.isEmpty() ? "" : layers.get(layers.size() - 1).called(),
        layers.isEmpty() ? null : layers.get(0).day());
  }
}
