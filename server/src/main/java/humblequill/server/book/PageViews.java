package humblequill.server.book;

import humblequill.core.book.Binding;
import humblequill.core.book.Page;
import humblequill.core.book.PageState;
import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.message.Message;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.day.entry.EntryService;
import humblequill.server.day.entry.EntryView;
import humblequill.server.day.entry.Serving;
import humblequill.server.ground.edge.Refusal;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One page with all that is known of it. */
@Service
class PageViews {
  private final BookViews books;
  private final LineageService lineage;
  private final EntryService entries;
  private final List<Serving> servings;

  PageViews(BookViews books, LineageService lineage, EntryService entries, List<Serving> servings) {
    this.servings = servings;
    this.books = books;
    this.lineage = lineage;
    this.entries = entries;
  }

  @Transactional(readOnly = true)
  PageView view(UUID book, int number) {
    var k = books.known(book);
    var page =
        k.map()
            .page(number)
            .orElseThrow(
                () ->
                    Refusal.badValue(
                        "number",
                        number,
                        Message.of(
                            "book.pageNotKnown",
                            "number",
                            number,
                            "book",
                            k.name().text(),
                            "last",
                            k.map().pages().size())));
    var told = k.pages().stream().filter(p -> p.number() == number).findFirst();
    var pictures =
        told.map(p -> k.pictures().getOrDefault(p.id(), List.<PagePicture>of())).orElse(List.of());
    return new PageView(
        k.name().id(),
        k.name().text(),
        k.told().keptPrivate(),
        k.told().notJudged(),
        k.told().binding() == Binding.LOOSE,
        number,
        k.map().pages().size(),
        page.state(),
        told.map(p -> new PageFields(p.state(), p.words(), p.favourite(), p.keptPrivate()))
            .orElse(new PageFields(PageState.UNTOUCHED, "", false, false)),
        pictures,
        layers(page),
        served(page),
        neighbour(k.map().pages(), number, -1).orElse(null),
        neighbour(k.map().pages(), number, 1).orElse(null),
        told.map(p -> lineage.family(p.id())).filter(f -> f.size() > 1).orElse(List.of()));
  }

  private List<EntryView> layers(Page page) {
    var order = new HashMap<UUID, Integer>();
    page.layers().stream().map(Drawn::entry).forEach(id -> order.put(id, order.size()));
    return entries.get(order.keySet()).stream()
        .sorted(Comparator.comparing(e -> order.get(e.id())))
        .toList();
  }

  private List<Serving.Served> served(Page page) {
    var ids = page.layers().stream().map(Drawn::entry).collect(Collectors.toSet());
    return ids.isEmpty()
        ? List.of()
        : servings.stream().flatMap(s -> s.servedBy(ids).stream()).toList();
  }

  private static Optional<Integer> neighbour(List<Page> pages, int number, int way) {
    for (int n = number + way; n >= 1 && n <= pages.size(); n += way) {
      if (pages.get(n - 1).state() != PageState.UNTOUCHED) {
        return Optional.of(n);
      }
    }
    return Optional.empty();
  }
}
