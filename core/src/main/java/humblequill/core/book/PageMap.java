package humblequill.core.book;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** All pages of a book: from what was told of them, and from the entries that name them. */
public final class PageMap {
  private final Book book;
  private final List<Page> pages;

  private PageMap(Book book, List<Page> pages) {
    this.book = book;
    this.pages = List.copyOf(pages);
  }

  /**
   * The pages of a book. A book whose leaves nobody counted has as many pages as are known of, and
   * so has one in which more pages were drawn on than it should have.
   *
   * @param facts of its pages, each number at most once
   * @param drawn entries of this book, oldest first; those that name no page are passed over
   */
  public static PageMap of(Book book, Collection<PageFact> facts, Collection<Drawn> drawn) {
    var told = facts.stream().collect(Collectors.toMap(PageFact::number, f -> f));
    var layers = new HashMap<Integer, List<Drawn>>();
    for (var each : drawn) {
      each.span().ifPresent(span -> add(layers, span, each));
    }
    int last = book.pageCount().orElse(0);
    for (var number : told.keySet()) {
      last = Math.max(last, number);
    }
    for (var number : layers.keySet()) {
      last = Math.max(last, number);
    }
    var pages = new ArrayList<Page>();
    for (int n = 1; n <= last; n++) {
      var fact = Optional.ofNullable(told.get(n));
      var on = layers.getOrDefault(n, List.of());
      pages.add(new Page(n, state(fact, on), fact, on));
    }
    return new PageMap(book, pages);
  }

  private static void add(Map<Integer, List<Drawn>> layers, PageSpan span, Drawn drawn) {
    for (int n = span.from(); n <= span.to(); n++) {
      layers.computeIfAbsent(n, k -> new ArrayList<>()).add(drawn);
    }
  }

  private static PageState state(Optional<PageFact> fact, List<Drawn> layers) {
    var told = fact.map(PageFact::state).orElse(PageState.UNTOUCHED);
    boolean drawn = !layers.isEmpty() || fact.map(f -> f.pictures() > 0).orElse(false);
    return switch (told) {
      case UNTOUCHED, DRAWN -> drawn ? PageState.DRAWN : told;
      // A page that was kept free and then drawn on is free no longer.
      case KEPT_FREE -> drawn ? PageState.DRAWN : told;
      case TORN_OUT, GLUED_IN -> told;
    };
  }

  /** All of them, in order. */
  public List<Page> pages() {
    return pages;
  }

  /** One of them, if it is there. */
  public Optional<Page> page(int number) {
    return number < 1 || number > pages.size()
        ? Optional.empty()
        : Optional.of(pages.get(number - 1));
  }

  /** How many pages are in a state. */
  public int count(PageState state) {
    return (int) pages.stream().filter(p -> p.state() == state).count();
  }

  /** How many pages were drawn on, those that were torn out among them. */
  public int drawnOn() {
    return (int) pages.stream().filter(Page::isDrawnOn).count();
  }

  /** How many pages something may still be begun on; empty where nobody counted the leaves. */
  public Optional<Integer> left() {
    return book.pageCount().map(all -> (int) pages.stream().filter(Page::isLeft).count());
  }

  /**
   * How far the book is used up, 0 to 1: what is neither untouched nor kept free. Empty where
   * nobody counted the leaves.
   */
  public Optional<Double> filledShare() {
    long used =
        pages.stream()
            .filter(p -> p.state() != PageState.UNTOUCHED && p.state() != PageState.KEPT_FREE)
            .count();
    return book.pageCount().map(all -> (double) used / pages.size());
  }

  /**
   * Pages first drawn on, by day. A page of which nothing but a picture is known counts on none.
   */
  public Tally newlyDrawn() {
    var days = new TreeMap<LocalDate, Integer>();
    for (var page : pages) {
      page.layers().stream()
          .map(Drawn::day)
          .min(LocalDate::compareTo)
          .ifPresent(day -> days.merge(day, 1, Integer::sum));
    }
    return new Tally(days);
  }

  /**
   * Pages first drawn on a calendar day, on average.
   *
   * @param from the first day in use
   * @param to the last one, not before it
   */
  public double pagesADay(LocalDate from, LocalDate to) {
    return newlyDrawn().between(from, to) / (1.0 + ChronoUnit.DAYS.between(from, to));
  }

  /**
   * Pages that lie open together, as bound: the first page is the right one of the first opening.
   * Where one side of each leaf is used, and in a portfolio, each page lies by itself.
   */
  public List<Opening> openings() {
    boolean single = book.binding() == Binding.LOOSE || !book.bothSides();
    var openings = new ArrayList<Opening>();
    if (single) {
      pages.forEach(p -> openings.add(new Opening(Optional.empty(), Optional.of(p))));
      return openings;
    }
    for (int left = 0; left <= pages.size(); left += 2) {
      var one = page(left);
      var other = page(left + 1);
      if (one.isPresent() || other.isPresent()) {
        openings.add(new Opening(one, other));
      }
    }
    return openings;
  }

  /**
   * Two pages that lie open together.
   *
   * @param left empty before the first page, and where pages lie by themselves
   * @param right empty after the last page
   */
  public record Opening(Optional<Page> left, Optional<Page> right) {
    public Opening {
      Objects.requireNonNull(left);
      Objects.requireNonNull(right);
    }
  }
}
