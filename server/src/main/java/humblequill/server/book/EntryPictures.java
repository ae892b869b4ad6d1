package humblequill.server.book;

import humblequill.core.name.NameKind;
import humblequill.server.entry.EntryLedger;
import humblequill.server.name.NameService;
import humblequill.server.picture.PagePictures;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The picture of the page that an entry names. */
@Service
class EntryPictures {
  private final EntryLedger ledger;
  private final PageService pages;
  private final PagePictures pictures;
  private final NameService names;

  EntryPictures(EntryLedger ledger, PageService pages, PagePictures pictures, NameService names) {
    this.ledger = ledger;
    this.pages = pages;
    this.pictures = pictures;
    this.names = names;
  }

  /** The first page's picture of each entry that has one. */
  @Transactional(readOnly = true)
  Map<UUID, UUID> of(Set<UUID> entries) {
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
