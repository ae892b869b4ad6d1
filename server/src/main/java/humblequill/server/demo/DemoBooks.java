package humblequill.server.demo;

import humblequill.core.book.Binding;
import humblequill.core.book.PageState;
import humblequill.core.book.Paper;
import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.promise.Rule;
import humblequill.server.book.BookFields;
import humblequill.server.book.BookService;
import humblequill.server.book.LineageService;
import humblequill.server.book.PageFields;
import humblequill.server.book.PageService;
import humblequill.server.book.Tray;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.settings.Learner;
import jakarta.annotation.PreDestroy;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.CountDownLatch;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * The made-up learner's books: two filled, one half filled, a pocket book, a private one, loose
 * sheets. Their pictures are drawn after the start, so that the start stays short.
 */
@Component
@ConditionalOnProperty("quill.demo")
public class DemoBooks {
  private static final Logger LOG = LoggerFactory.getLogger(DemoBooks.class);
  private static final int LEAVES = 36;
  private static final int RANKED = 16;
  private static final int IN_TRAY = 5;
  private static final String NEWEST = "Harbour book 3";

  private final BookService books;
  private final PageService pages;
  private final LineageService lineage;
  private final Tray tray;
  private final PagePictures pictures;
  private final DemoPieces pieces;
  private final DemoBench bench;
  private final DemoRanking ranking;
  private final DemoWhatFor whatFor;
  private final EntryLedger ledger;

  /** How many pictures are drawn at most; tests that look at none need none. */
  private final int most;

  /** Whether the start waits for them; a folder that is copied is better whole. */
  private final boolean picturesFirst;

  private final CountDownLatch drawn = new CountDownLatch(1);
  private volatile boolean stopped;

  DemoBooks(
      BookService books,
      PageService pages,
      LineageService lineage,
      Tray tray,
      PagePictures pictures,
      DemoPieces pieces,
      DemoBench bench,
      DemoRanking ranking,
      DemoWhatFor whatFor,
      EntryLedger ledger,
      @Value("${quill.demo.pictures:1000}") int most,
      @Value("${quill.demo.pictures-first:false}") boolean picturesFirst) {
    this.most = most;
    this.picturesFirst = picturesFirst;
    this.books = books;
    this.pages = pages;
    this.lineage = lineage;
    this.tray = tray;
    this.pictures = pictures;
    this.pieces = pieces;
    this.bench = bench;
    this.ranking = ranking;
    this.whatFor = whatFor;
    this.ledger = ledger;
  }

  /** A page with the first entry on it. */
  private record DrawnPage(String book, int number, Drawn drawn) {}

  void make(Learner learner) {
    var found = drawnPages();
    for (var name : List.of("Harbour book 1", "Harbour book 2", NEWEST)) {
      var mine = found.stream().filter(p -> p.book.equals(name)).toList();
      var days = mine.stream().map(p -> p.drawn.day()).sorted().toList();
      var closed = name.equals(NEWEST) ? null : days.get(days.size() - 1);
      books.change(idOf(name), UUID.randomUUID(), 0, harbourBook(name, days.get(0), closed));
    }
    other("Pocket book", "A6", 40, Binding.BOUND, false, List.of(Rule.PEN_ONLY), 14, learner);
    other("Kept to myself", "A5", 48, Binding.BOUND, true, List.of(), 37, learner);
    other("Loose sheets", "A3", 20, Binding.LOOSE, false, List.of(), 8, learner);
    other(DemoBench.BOOK, "A4", 40, Binding.LOOSE, false, List.of(), DemoBench.SHEETS, learner);
    tell(NEWEST, 46, PageState.KEPT_FREE, "gulls to come", false);
    tell(NEWEST, 47, PageState.KEPT_FREE, "gulls to come", false);
    tell("Harbour book 1", 12, PageState.KEPT_FREE, "knots, once they hold", false);
    tell("Harbour book 2", 64, PageState.TORN_OUT, "on the wall", false);
    tell("Harbour book 2", 31, PageState.GLUED_IN, "a ferry ticket with a sketch on it", false);
    folded("Harbour book 1", 9, 40, 70);
    folded("Harbour book 2", 15, 58);
    folded(NEWEST, 13, 22);
    grewOverBooks(found);
    pieces.make(
        found.stream()
            .filter(p -> DemoShapes.of(p.drawn.called()) == DemoShapes.SHED)
            .sorted(Comparator.comparing(p -> p.drawn.day()))
            .map(p -> new DemoPieces.DrawnWithPicture(p.drawn.entry(), pictureOf(p.book, p.number)))
            .toList());
    var making = new Thread(() -> draw(found, learner), "pictures of the demo");
    making.setDaemon(true);
    making.setPriority(Thread.MIN_PRIORITY);
    making.start();
  }

  @PreDestroy
  void stop() {
    stopped = true;
  }

  /** Waits until all pictures are drawn. */
  public void await() throws InterruptedException {
    drawn.await();
  }

  /** Waits for the pictures if the start should. */
  void awaitIfFirst() {
    if (!picturesFirst) {
      return;
    }
    try {
      await();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private List<DrawnPage> drawnPages() {
    var found = new TreeMap<String, DrawnPage>();
    ledger
        .read()
        .all()
        .forEach(
            d ->
                d.span()
                    .ifPresent(
                        span -> {
                          for (int n = span.from(); n <= span.to(); n++) {
                            var book = d.book().orElseThrow();
                            found.putIfAbsent(
                                book + " %04d".formatted(n), new DrawnPage(book, n, d));
                          }
                        }));
    return new ArrayList<>(found.values());
  }

  private static UUID idOf(String book) {
    return Name.given(NameKind.BOOK, book);
  }

  private static BookFields harbourBook(String name, LocalDate opened, @Nullable LocalDate closed) {
    return new BookFields(
        name,
        "A4",
        LEAVES,
        true,
        Binding.BOUND,
        120,
        new BigDecimal("12.50"),
        "EUR",
        List.of(
            new BookFields.OnPaper("graphite", Paper.STANDS),
            new BookFields.OnPaper("pen", Paper.STANDS),
            new BookFields.OnPaper("brush pen", Paper.STANDS),
            new BookFields.OnPaper("ink wash", Paper.BUCKLES)),
        List.of(Rule.FINISH_EVERY_PAGE),
        "",
        "Every boat in the basin once, from the quay.",
        false,
        false,
        false,
        opened,
        closed,
        closed == null ? null : 80);
  }

  /** A book beside the harbour books, of which only pages and pictures are known. */
  private void other(
      String name,
      String format,
      int leaves,
      Binding binding,
      boolean kept,
      List<Rule> rules,
      int drawn,
      Learner learner) {
    books.create(
        idOf(name),
        new BookFields(
            name,
            format,
            leaves,
            binding == Binding.BOUND,
            binding,
            null,
            null,
            "",
            List.of(),
            rules,
            "",
            "",
            kept,
            false,
            kept,
            learner.today().minusDays(DemoLearner.DAYS_BEFORE),
            null,
            null));
    for (int n = 1; n <= drawn; n++) {
      tell(name, n, PageState.DRAWN, "", false);
    }
  }

  private void tell(String book, int number, PageState state, String words, boolean favourite) {
    pages.tell(idOf(book), number, new PageFields(state, words, favourite, false));
  }

  private void folded(String book, int... numbers) {
    for (int n : numbers) {
      tell(book, n, PageState.UNTOUCHED, "", true);
    }
  }

  /** The first subject that is in all three books grows from one to the next. */
  private void grewOverBooks(List<DrawnPage> found) {
    for (var shape : DemoShapes.values()) {
      var one = lastOf(found, "Harbour book 1", shape);
      var two = lastOf(found, "Harbour book 2", shape);
      var three = lastOf(found, NEWEST, shape);
      if (one > 0 && two > 0 && three > 0) {
        grew("Harbour book 1", one, "Harbour book 2", two, "drawn again with the far side");
        grew("Harbour book 2", two, NEWEST, three, "taken further, in ink");
        return;
      }
    }
  }

  private static int lastOf(List<DrawnPage> found, String book, DemoShapes shape) {
    return found.stream()
        .filter(p -> p.book.equals(book) && DemoShapes.of(p.drawn.called()) == shape)
        .filter(
            p ->
                p.drawn
                    .day()
                    .isBefore(found.get(0).drawn.day().plusDays(DemoLearner.DAYS_BEFORE - 3)))
        .mapToInt(DrawnPage::number)
        .max()
        .orElse(0);
  }

  private void grew(String from, int fromPage, String into, int intoPage, String words) {
    lineage.grew(
        seeded("grew " + from + fromPage),
        pages.idOf(idOf(from), fromPage),
        pages.idOf(idOf(into), intoPage),
        words);
  }

  private static UUID pictureOf(String book, int number) {
    return seeded("picture " + book + number);
  }

  private static UUID seeded(String what) {
    return UUID.nameUUIDFromBytes(("demo/" + what).getBytes(StandardCharsets.UTF_8));
  }

  /** The newest pages first, since they are looked at first; the last five wait in the tray. */
  private void draw(List<DrawnPage> found, Learner learner) {
    var order = new ArrayList<>(found);
    order.sort(
        Comparator.comparing((DrawnPage p) -> p.drawn.day())
            .thenComparing(DrawnPage::book)
            .thenComparing(DrawnPage::number)
            .reversed());
    try {
      if (most > 0) {
        sheetsOfTheBench(learner);
      }
      for (int i = 0; i < Math.min(most, order.size()) && !stopped; i++) {
        picture(order.get(i), learner, i < IN_TRAY);
      }
      if (most > 0) {
        whatFor.makeOfPictures();
        ranking.make(
            order.stream()
                .skip(IN_TRAY)
                .limit(RANKED)
                .map(p -> pictureOf(p.book, p.number))
                .toList());
      }
      if (most < order.size()) {
        return;
      }
      for (var other : Map.of("Pocket book", 14, "Loose sheets", 8).entrySet()) {
        for (int n = 1; n <= other.getValue() && !stopped; n++) {
          var shape = DemoShapes.values()[(n * 7) % DemoShapes.values().length];
          keep(other.getKey(), n, shape, 1, .6, learner.today().minusDays(3L * n), false);
        }
      }
    } catch (IOException | RuntimeException e) {
      if (!stopped) {
        LOG.warn("The demo's pictures stopped: {}", e.toString());
      }
    } finally {
      drawn.countDown();
    }
  }

  private void sheetsOfTheBench(Learner learner) throws IOException {
    for (var sheet : bench.sheets(learner.today())) {
      if (stopped) {
        return;
      }
      var bytes = sheet.picture().jpeg(sheet.day().atTime(18, sheet.number() % 60));
      var name = "sheet %02d.jpg".formatted(sheet.number());
      pictures.keep(sheet.attempt(), name, new ByteArrayInputStream(bytes), bytes.length);
      tray.place(sheet.attempt(), idOf(DemoBench.BOOK), sheet.number(), false);
      bench.keep(sheet);
    }
    bench.aim(learner.today());
  }

  private void picture(DrawnPage page, Learner learner, boolean waits) throws IOException {
    double past =
        Math.min(
            1,
            (learner.today().toEpochDay() - page.drawn.day().toEpochDay())
                / (double) DemoLearner.DAYS_BEFORE);
    int units = page.drawn.drawings().orElse(1);
    keep(
        page.book,
        page.number,
        DemoShapes.of(page.drawn.called()),
        Math.max(1, Math.min(6, units)),
        .25 + past,
        page.drawn.day(),
        waits);
  }

  private void keep(
      String book,
      int number,
      DemoShapes shape,
      int times,
      double wobble,
      LocalDate day,
      boolean waits)
      throws IOException {
    var id = pictureOf(book, number);
    boolean lying = waits || number % 5 == 0;
    var seen = new DemoPicture(shape.lines(), times, wobble, lying, id.getMostSignificantBits());
    var bytes = seen.jpeg(day.atTime(18, number % 60));
    var kept =
        pictures.keep(
            id, "quay %03d.jpg".formatted(number), new ByteArrayInputStream(bytes), bytes.length);
    if (!waits) {
      tray.place(kept.picture().id(), idOf(book), number, false);
    }
  }
}
