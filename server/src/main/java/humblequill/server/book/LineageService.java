package humblequill.server.book;

import humblequill.core.book.Lineage;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what grew into what, page by page. */
@Service
public class LineageService {
  private final GrewIntoRepository repository;
  private final PageService pages;
  private final PagePictures pictures;
  private final NameService names;
  private final Remembered<List<Told>> stored;

  LineageService(
      GrewIntoRepository repository,
      PageService pages,
      PagePictures pictures,
      NameService names,
      Memory memory) {
    this.repository = repository;
    this.pages = pages;
    this.pictures = pictures;
    this.names = names;
    this.stored = memory.remember("what grew into what", GrewIntoEntity.class);
  }

  /** One step as told. */
  private record Told(UUID id, UUID from, UUID into, String words) {}

  private List<Told> told() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .map(e -> new Told(e.id, e.fromPage, e.intoPage, e.words))
                .toList());
  }

  private static Lineage lineage(List<Told> told) {
    return new Lineage(told.stream().map(t -> new Lineage.Step(t.from, t.into)).toList());
  }

  /** All pages of a page's family, each after those it came out of. */
  @Transactional(readOnly = true)
  List<PageView.Relative> family(UUID page) {
    var told = told();
    var byId = byId();
    var byPage = pictures.byPage();
    return lineage(told).family(page).stream()
        .filter(byId::containsKey)
        .map(id -> relative(byId.get(id), told, byId, byPage))
        .toList();
  }

  private PageView.Relative relative(
      PageService.ToldPage page,
      List<Told> told,
      Map<UUID, PageService.ToldPage> byId,
      Map<UUID, List<PagePicture>> byPage) {
    return new PageView.Relative(
        page.bookId(),
        called(page),
        page.number(),
        byPage.getOrDefault(page.id(), List.of()).stream()
            .findFirst()
            .map(PagePicture::id)
            .orElse(null),
        told.stream()
            .filter(t -> t.into.equals(page.id()) && byId.containsKey(t.from))
            .map(t -> step(t, byId.get(t.from)))
            .toList());
  }

  private PageView.Step step(Told told, PageService.ToldPage from) {
    return new PageView.Step(told.id, called(from), from.number(), told.words);
  }

  private String called(PageService.ToldPage page) {
    return names.names().find(page.bookId()).map(Name::text).orElse("");
  }

  private Map<UUID, PageService.ToldPage> byId() {
    var byId = new HashMap<UUID, PageService.ToldPage>();
    pages.told().values().forEach(some -> some.forEach(p -> byId.put(p.id(), p)));
    return byId;
  }

  /** Tells that a drawing grew into another; refused, with the way, when it would end in itself. */
  @Transactional
  public void grew(UUID id, UUID from, UUID into, String words) {
    if (repository.existsById(id)) {
      return;
    }
    var told = told();
    if (told.stream().anyMatch(t -> t.from.equals(from) && t.into.equals(into))) {
      throw Refusal.conflict("known", Message.of("book.knownAlready"));
    }
    var back = lineage(told).path(into, from);
    if (!back.isEmpty()) {
      var byId = byId();
      var way =
          back.stream()
              .map(p -> Optional.ofNullable(byId.get(p)))
              .flatMap(Optional::stream)
              .map(p -> "p " + p.number() + " of " + called(p))
              .collect(Collectors.joining(" → "));
      throw Refusal.conflict(
          "circle", Message.of("book.circleOfDrawings", "itself", from.equals(into), "way", way));
    }
    var entity = new GrewIntoEntity();
    entity.id = id;
    entity.fromPage = from;
    entity.intoPage = into;
    entity.words = words.strip();
    repository.saveAndFlush(entity);
  }

  /** Takes a step back. */
  @Transactional
  void forget(UUID id) {
    repository.deleteById(id);
    repository.flush();
  }
}
