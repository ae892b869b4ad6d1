package humblequill.server.book;

import humblequill.core.book.PageState;
import humblequill.core.book.TrayProposals;
import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.book.picture.UsedElsewhere;
import humblequill.server.day.entry.EntryService;
import humblequill.server.day.entry.EntryView;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures that wait for their pages, and where they most likely belong. */
@Service
public class Tray {
  private final PagePictures pictures;
  private final PageService pages;
  private final BookService books;
  private final BookViews views;
  private final EntryService entries;
  private final NameService names;
  private final SettingsService settings;
  private final List<UsedElsewhere> elsewhere;

  Tray(
      PagePictures pictures,
      PageService pages,
      BookService books,
      BookViews views,
      EntryService entries,
      NameService names,
      SettingsService settings,
      List<UsedElsewhere> elsewhere) {
    this.elsewhere = elsewhere;
    this.pictures = pictures;
    this.pages = pages;
    this.books = books;
    this.views = views;
    this.entries = entries;
    this.names = names;
    this.settings = settings;
  }

  /** All that wait. */
  record TrayView(List<WaitingPicture> waiting) {}

  /** A picture that waits, and a page for it; without a page where nothing tells of one. */
  record WaitingPicture(PagePicture picture, @Nullable ProposedPage proposed) {}

  /**
   * A page proposed for a picture.
   *
   * @param day when the page was drawn on; null for one that was not yet
   * @param about what was drawn on it
   * @param rests on what the proposal rests
   */
  record ProposedPage(
      UUID bookId,
      String book,
      int number,
      @Nullable LocalDate day,
      String about,
      TrayProposals.Rests rests) {}

  /** A page without a picture, and the entry that drew on it. */
  private record BarePage(TrayProposals.Bare bare, Drawn drawn) {}

  @Transactional(readOnly = true)
  TrayView read() {
    var used = elsewhere.stream().flatMap(e -> e.pictures().stream()).collect(Collectors.toSet());
    var waiting = pictures.waiting().stream().filter(p -> !used.contains(p.id())).toList();
    if (waiting.isEmpty()) {
      return new TrayView(List.of());
    }
    var bare = bare(waiting);
    var proposals =
        TrayProposals.of(
                waiting.stream()
                    .map(
                        p ->
                            new TrayProposals.Waiting(
                                p.id(), Optional.ofNullable(p.day()), arrived(p)))
                    .toList(),
                bare.stream().map(BarePage::bare).toList(),
                next())
            .stream()
            .collect(Collectors.toMap(TrayProposals.Proposal::picture, p -> p));
    return new TrayView(
        waiting.stream()
            .map(p -> new WaitingPicture(p, proposed(proposals.get(p.id()), bare)))
            .toList());
  }

  private @Nullable ProposedPage proposed(
      TrayProposals.@Nullable Proposal proposal, List<BarePage> bare) {
    if (proposal == null) {
      return null;
    }
    var page =
        bare.stream()
            .filter(
                b -> b.bare.number() == proposal.number() && b.bare.book().equals(proposal.book()))
            .findFirst();
    return new ProposedPage(
        names.names().find(NameKind.BOOK, proposal.book()).map(Name::id).orElseThrow(),
        proposal.book(),
        proposal.number(),
        page.map(p -> p.bare.day()).orElse(null),
        page.map(p -> p.drawn.called()).orElse(""),
        proposal.rests());
  }

  /** Pages drawn on in the days of the pictures and before, that have no picture yet. */
  private List<BarePage> bare(List<PagePicture> waiting) {
    var days = waiting.stream().map(p -> p.day() == null ? arrived(p) : p.day()).toList();
    var first =
        days.stream().min(LocalDate::compareTo).orElseThrow().minusDays(TrayProposals.DAYS_BEFORE);
    var last = days.stream().max(LocalDate::compareTo).orElseThrow();
    var found = new ArrayList<BarePage>();
    for (var k : views.onShelf()) {
      for (var page : k.map().pages()) {
        boolean pictured = page.fact().map(f -> f.pictures() > 0).orElse(false);
        page.layers().stream()
            .filter(d -> !pictured && !d.day().isBefore(first) && !d.day().isAfter(last))
            .findFirst()
            .ifPresent(
                d ->
                    found.add(
                        new BarePage(
                            new TrayProposals.Bare(
                                k.name().text(), page.number(), d.day(), Optional.empty()),
                            d)));
      }
    }
    return withTimes(found);
  }

  private List<BarePage> withTimes(List<BarePage> found) {
    Map<UUID, LocalTime> times = new HashMap<>();
    entries.get(found.stream().map(b -> b.drawn.entry()).distinct().toList()).stream()
        .filter(e -> e.fields().time() != null)
        .forEach((EntryView e) -> times.put(e.id(), e.fields().time()));
    return found.stream()
        .map(
            b ->
                new BarePage(
                    new TrayProposals.Bare(
                        b.bare.book(),
                        b.bare.number(),
                        b.bare.day(),
                        Optional.ofNullable(times.get(b.drawn.entry()))),
                    b.drawn))
        .toList();
  }

  private LocalDate arrived(PagePicture picture) {
    return settings.learner().clock().practiceDay(picture.addedAt());
  }

  /** The page after the last one drawn on in the book in use. */
  private Optional<TrayProposals.Bare> next() {
    return views
        .inUse()
        .flatMap(
            k -> {
              int last =
                  k.map().pages().stream()
                      .filter(p -> p.isDrawnOn())
                      .mapToInt(p -> p.number())
                      .max()
                      .orElse(0);
              return Stream.iterate(last + 1, n -> n + 1)
                  .limit(k.map().pages().size() + 1L)
                  .filter(
                      n ->
                          k.map()
                              .page(n)
                              .map(p -> p.state() == PageState.UNTOUCHED)
                              .orElse(k.told().leaves() == null))
                  .findFirst()
                  .map(
                      n ->
                          new TrayProposals.Bare(
                              k.name().text(),
                              n,
                              k.last() == null ? LocalDate.EPOCH : k.last(),
                              Optional.empty()));
            });
  }

  /** Puts a picture on a page; one that has its own already gets this one beside it. */
  @Transactional
  public PagePicture place(UUID id, UUID book, int number, boolean beside) {
    var page = pages.idOf(books.name(book).id(), number);
    boolean taken =
        pictures.byPage().getOrDefault(page, List.of()).stream()
            .anyMatch(p -> !p.beside() && !p.id().equals(id));
    return pictures.place(id, page, beside || taken);
  }
}
