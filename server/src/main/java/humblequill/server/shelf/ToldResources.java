package humblequill.server.shelf;

import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.shelf.Queue;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.name.NameUses;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is told of resources, held in memory. */
@Component
class ToldResources implements NameUses {
  private final ResourceRepository repository;
  private final NameService names;
  private final Remembered<Map<UUID, Told>> stored;

  ToldResources(ResourceRepository repository, NameService names, Memory memory) {
    this.repository = repository;
    this.names = names;
    this.stored = memory.remember("what is told of resources", ResourceEntity.class);
  }

  /**
   * What is told of a resource.
   *
   * @param version 0 while nothing was told
   */
  record Told(long version, boolean removed, StoredResource resource) {
    static final Told NOTHING = new Told(0, false, StoredResource.NOTHING);

    boolean done() {
      return removed || resource.ended() != null;
    }
  }

  @Transactional(readOnly = true)
  Map<UUID, Told> all() {
    return stored.get(
        () ->
            repository.findAll().stream()
                .collect(
                    Collectors.toMap(
                        e -> e.id,
                        e ->
                            new Told(
                                e.version == null ? 1 : e.version + 1,
                                e.removed,
                                StoredResource.read(e.document)))));
  }

  /** What was told of one, or of a name that was merged into it. */
  Told of(UUID id) {
    var told = all();
    var own = told.get(id);
    return own != null
        ? own
        : names.names().meaning(id).stream()
            .filter(told::containsKey)
            .sorted()
            .findFirst()
            .map(told::get)
            .map(other -> new Told(0, other.removed(), other.resource()))
            .orElse(Told.NOTHING);
  }

  void save(ResourceEntity entity) {
    repository.saveAndFlush(entity);
  }

  /** Every resource with what it waits for, by its id. */
  Map<UUID, Queue.Waiting> waiting() {
    var known = names.names();
    var waiting = new LinkedHashMap<UUID, Queue.Waiting>();
    for (Name name : known.all(NameKind.RESOURCE)) {
      var told = of(name.id());
      var place = told.resource().queue();
      waiting.put(
          name.id(),
          new Queue.Waiting(
              name.id(),
              name.text(),
              place == null ? Integer.MAX_VALUE : place,
              meant(told.resource().onlyAfter(), known),
              told.done()));
    }
    return waiting;
  }

  private static Set<UUID> meant(List<UUID> ids, Names known) {
    return ids.stream()
        .flatMap(id -> known.find(id).stream())
        .map(Name::id)
        .collect(Collectors.toSet());
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Long> uses() {
    return all().entrySet().stream()
        .filter(e -> !e.getValue().removed())
        .flatMap(
            e ->
                Stream.concat(
                    Stream.of(e.getKey()),
                    e.getValue().resource().topics().stream().map(t -> t.id())))
        .collect(Collectors.groupingBy(id -> id, Collectors.counting()));
  }
}
