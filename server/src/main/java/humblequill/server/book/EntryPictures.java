package humblequill.server.book;

import humblequill.core.day.entry.Drawn;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.name.NameService;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures of the pages that entries name. */
@Service
public class EntryPictures {
  private final EntryLedger ledger;
  private final PageService pages;
  private final PagePictures pictures;
  private final NameService names;
  private final PrivatePictures privates;

  EntryPictures(
      EntryLedger ledger,
      PageService pages,
      PagePictures pictures,
      NameService names,
      PrivatePictures privates) {
    this.privates = privates;
    this.ledger = ledger;
    this.pages = pages;
    this.pictures = pictures;
    this.names = names;
  }

  /** Which entry each picture of a page belongs to: the last one that names the page. */
  @Transactional(readOnly = true)
  public Map<UUID, Drawn> byPicture() {
    var byPage = pictures.byPage();
    if (byPage.isEmpty()) {
      return Map.of();
    }
    var known = names.names();
    var pagesOf = new HashMap<UUID, Map<Integer, UUID>>();
    var found = new HashMap<UUID, Drawn>();
    ledger
        .read()
        .all()
        .filter(d -> d.span().isPresent() && d.book().isPresent())
        .forEach(
            d ->
                known
                    .find(NameKind.BOOK, d.book().get())
                    .map(book -> pagesOf.computeIfAbsent(book.id(), id -> numbered(id, known)))
                    .stream()
                    .flatMap(
                        pages ->
                            IntStream.rangeClosed(d.span().get().from(), d.span().get().to())
                                .mapToObj(pages::get))
                    .filter(Objects::nonNull)
                    .flatMap(page -> byPage.getOrDefault(page, List.of()).stream())
                    .forEach(picture -> found.put(picture.id(), d)));
    return found;
  }

  /** The same without private pages and books, for what is shown around. */
  @Transactional(readOnly = true)
  public Map<UUID, UUID> shown(Set<UUID> entries) {
    var found = new HashMap<>(of(entries));
    found.values().removeAll(privates.among(found.values()));
    return found;
  }

  private Map<Integer, UUID> numbered(UUID book, Names known) {
    return pages.told(book, known).stream()
        .collect(Collectors.toMap(PageService.ToldPage::number, PageService.ToldPage::id));
  }

  /** The first page's picture of each entry that has one. */
  @Transactional(readOnly = true)
  public Map<UUID, UUID> of(Set<UUID> entries) {
    var byPage = pictures.byPage();
    if (byPage.isEmpty()) {
      return Map.of();
    }
    var known = names.names();
    var found = new HashMap<UUID, UUID>();
    ledger
        .read()
        .all()
        .filter(d -> entries.contains(d.entry()) && d.span().isPresent() && d.book().isPresent())
        .forEach(
            d ->
                known
                    .find(NameKind.BOOK, d.book().get())
                    .flatMap(book -> pages.told(book.id(), d.span().get().from()))
                    .map(page -> byPage.get(page.id()))
                    .ifPresent(own -> found.put(d.entry(), own.get(0).id())));
    return found;
  }
}
