package humblequill.server.shelf;

import humblequill.core.ground.name.NameKind;
import humblequill.core.shelf.Queue;
import humblequill.core.shelf.ResourceKind;
import humblequill.core.shelf.Teachers;
import humblequill.server.ground.name.NameService;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What on the shelf teaches some topics. */
@Component
public class Teaching {
  private final ShelfViews views;
  private final ShelfService shelf;
  private final ToldResources told;
  private final NameService names;

  Teaching(ShelfViews views, ShelfService shelf, ToldResources told, NameService names) {
    this.names = names;
    this.views = views;
    this.shelf = shelf;
    this.told = told;
  }

  /** A resource that teaches. */
  public record Teacher(UUID id, String name) {}

  /** What kinds resources are, by their names; without those that are something else. */
  @Transactional(readOnly = true)
  public Map<String, String> kinds() {
    var kinds = new TreeMap<String, String>();
    for (var name : names.names().all(NameKind.RESOURCE)) {
      var kind = told.of(name.id()).resource().kindOf();
      if (kind != ResourceKind.OTHER) {
        kinds.put(name.text(), kind.name());
      }
    }
    return kinds;
  }

  /**
   * A resource to take up.
   *
   * @param topic that it teaches
   */
  public record NextTeacher(String name, String topic) {}

  /** The one to take up for some topics; empty where one is read for them, or none is left. */
  @Transactional(readOnly = true)
  public Optional<NextTeacher> next(List<String> topics, LocalDate today) {
    var there = new LinkedHashMap<>(views.resources());
    there.keySet().removeIf(id -> told.of(id).removed());
    var waiting = told.waiting();
    var all =
        there.entrySet().stream()
            .map(
                e ->
                    new Teachers.OnShelf(
                        e.getKey(),
                        e.getValue(),
                        queue(e.getKey()),
                        !Queue.waitsFor(waiting.get(e.getKey()), waiting).isEmpty()))
            .toList();
    return Teachers.next(all, topics, today)
        .map(
            id ->
                new NextTeacher(
                    shelf.name(id).text(),
                    topics.stream()
                        .filter(there.get(id).about()::contains)
                        .findFirst()
                        .orElse("")));
  }

  private OptionalInt queue(UUID id) {
    var place = told.of(id).resource().queue();
    return place == null ? OptionalInt.empty() : OptionalInt.of(place);
  }

  /** Those at hand that teach one of some topics. */
  @Transactional(readOnly = true)
  public List<Teacher> of(List<String> topics) {
    return views.resources().entrySet().stream()
        .filter(e -> !told.of(e.getKey()).removed() && e.getValue().teachesAny(topics))
        .map(e -> new Teacher(e.getKey(), shelf.name(e.getKey()).text()))
        .toList();
  }
}
