package humblequill.server.book;

import humblequill.core.book.Page;
import humblequill.core.book.PageFact;
import humblequill.core.ground.name.Fold;
import humblequill.server.book.picture.PagePicture;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds pages by their entries, by words told of them, by captions and by their book. */
@Service
public class PageSearch {
  private final BookViews books;

  PageSearch(BookViews books) {
    this.books = books;
  }

  /**
   * A page that was found.
   *
   * @param about what was drawn on it last, or what was told of it
   * @param day when it was last drawn on
   */
  public record FoundPage(
      UUID bookId,
      String book,
      int number,
      @Nullable LocalDate day,
      String about,
      @Nullable UUID picture) {}

  /**
   * Pages that were found.
   *
   * @param pages the newest first
   * @param total how many there are in all
   */
  public record FoundPages(List<FoundPage> pages, int total) {}

  /**
   * Pages that hold some of the entries, or of which the words tell.
   *
   * @param most how many are listed
   */
  @Transactional(readOnly = true)
  public FoundPages find(String words, Set<UUID> entries, int most) {
    var sought = Fold.plain(words.strip());
    var found = new ArrayList<FoundPage>();
    for (var k : books.onShelf()) {
      boolean whole = holds(k.name().text(), sought);
      for (var page : k.map().pages()) {
        if (whole && page.isDrawnOn()
            || holdsOneOf(page, entries)
            || page.fact().isPresent() && isTold(k, page.fact().get(), sought)) {
          found.add(found(k, page));
        }
      }
    }
    found.sort(
        Comparator.comparing(
                FoundPage::day, Comparator.nullsLast(Comparator.<LocalDate>reverseOrder()))
            .thenComparing(FoundPage::book)
            .thenComparing(FoundPage::number));
    return new FoundPages(found.stream().limit(most).toList(), found.size());
  }

  private static boolean isTold(BookViews.Known k, PageFact fact, String sought) {
    return holds(fact.words(), sought)
        || k.pictures().getOrDefault(fact.id(), List.of()).stream()
            .anyMatch(p -> holds(p.caption(), sought));
  }

  /** Asked of every page there is. */
  private static boolean holdsOneOf(Page page, Set<UUID> entries) {
    for (var layer : page.layers()) {
      if (entries.contains(layer.entry())) {
        return true;
      }
    }
    return false;
  }

  private static boolean holds(String text, String sought) {
    return !sought.isEmpty() && Fold.plain(text).contains(sought);
  }

  private static List<PagePicture> pictures(BookViews.Known k, Page page) {
    return page.fact().map(f -> k.pictures().getOrDefault(f.id(), List.of())).orElse(List.of());
  }

  private static FoundPage found(BookViews.Known k, Page page) {
    var layers = page.layers();
    var last = layers.isEmpty() ? null : layers.get(layers.size() - 1);
    return new FoundPage(
        k.name().id(),
        k.name().text(),
        page.number(),
        last == null ? null : last.day(),
        last == null ? page.fact().map(f -> f.words()).orElse("") : last.called(),
        pictures(k, page).stream().findFirst().map(PagePicture::id).orElse(null));
  }
}
