package humblequill.server.shelf;

import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.shelf.Ownership;
import humblequill.core.shelf.Queue;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameChanges;
import humblequill.server.ground.name.NameService;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what is told of resources. One that entries name needs nothing to be told of it. */
@Service
public class ShelfService {
  private final ResourceRepository repository;
  private final ToldResources told;
  private final NameService names;
  private final NameChanges nameChanges;

  ShelfService(
      ResourceRepository repository,
      ToldResources told,
      NameService names,
      NameChanges nameChanges) {
    this.repository = repository;
    this.told = told;
    this.names = names;
    this.nameChanges = nameChanges;
  }

  /** The name of a resource, or of the one it was merged into. */
  Name name(UUID id) {
    return names
        .names()
        .find(id)
        .filter(n -> n.kind() == NameKind.RESOURCE)
        .orElseThrow(() -> Refusal.notFound("resource", id));
  }

  /** A new resource; told twice it is made once. */
  @Transactional
  public void create(UUID id, ResourceFields fields) {
    if (names.names().itself(id).isEmpty()) {
      try {
        nameChanges.create(Name.fresh(id, NameKind.RESOURCE, fields.name()));
      } catch (IllegalArgumentException e) {
        throw Refusal.badValue(
            "name", fields.name(), Message.of("ground.notKept", "why", Message.why(e)));
      }
    } else if (told.all().containsKey(id)) {
      return;
    }
    write(id, null, fields);
  }

  /** Other facts of a resource, unless they were changed since the client read them. */
  @Transactional
  public void change(UUID id, UUID renaming, long version, ResourceFields fields) {
    var name = name(id);
    if (!name.text().equals(fields.name().strip())) {
      nameChanges.rename(renaming, name.id(), fields.name());
    }
    write(name.id(), version, fields);
  }

  private void write(UUID id, @Nullable Long version, ResourceFields fields) {
    var entity = repository.findById(id).orElseGet(ResourceEntity::new);
    long present = entity.version == null ? 0 : entity.version + 1;
    if (version != null && present != version) {
      throw Refusal.stale(
          "resource", told.of(id).resource().fields(name(id).text(), names.names()));
    }
    check(id, fields);
    entity.id = id;
    entity.removed = false;
    entity.document = StoredResource.write(fields, names);
    told.save(entity);
  }

  private void check(UUID id, ResourceFields fields) {
    for (var span : fields.byHand()) {
      if (span.to() < span.from()) {
        throw Refusal.badValue(
            "byHand",
            span.to(),
            Message.of("shelf.spanBackwards", "to", span.to(), "from", span.from()));
      }
      if (fields.total() != null && span.to() > fields.total()) {
        throw Refusal.badValue(
            "byHand",
            span.to(),
            Message.of("shelf.spanBeyond", "total", fields.total(), "to", span.to()));
      }
    }
    if (fields.unit() == null && (fields.total() != null || !fields.byHand().isEmpty())) {
      throw Refusal.badValue("unit", null, Message.of("shelf.unitMissing"));
    }
    if (fields.ownership() == Ownership.BORROWED && fields.dueBack() == null) {
      throw Refusal.badValue("dueBack", null, Message.of("shelf.returnMissing"));
    }
    if (fields.ended() != null && fields.endedOn() == null) {
      throw Refusal.badValue("endedOn", null, Message.of("shelf.endMissing"));
    }
    fields.onlyAfter().forEach(this::name);
    circle(id, fields);
  }

  private void circle(UUID id, ResourceFields fields) {
    var all = told.waiting();
    all.put(
        id,
        new Queue.Waiting(id, fields.name().strip(), 1, new HashSet<>(fields.onlyAfter()), false));
    Queue.circle(new ArrayList<>(all.values()))
        .ifPresent(
            circle -> {
              throw Refusal.badValue(
                  "onlyAfter",
                  String.join(" → ", circle.path()),
                  Message.of("shelf.afterInCircle", "circle", String.join(" → ", circle.path())));
            });
  }

  /** Gives a resource the first place in the queue; where that is taken, the others move on. */
  @Transactional
  public void takeUpNext(UUID id) {
    var queue =
        told.all().entrySet().stream()
            .filter(e -> !e.getKey().equals(id) && e.getValue().resource().queue() != null)
            .toList();
    boolean taken = queue.stream().anyMatch(e -> queued(e.getValue()) == 1);
    if (taken) {
      queue.forEach(e -> queue(e.getKey(), e.getValue(), queued(e.getValue()) + 1));
    }
    queue(id, told.of(id), 1);
  }

  private static int queued(ToldResources.Told told) {
    return Objects.requireNonNull(told.resource().queue());
  }

  private void queue(UUID id, ToldResources.Told of, int place) {
    var entity = repository.findById(id).orElseGet(ResourceEntity::new);
    entity.id = id;
    entity.document =
        StoredJson.write(of.resource().queued(Math.min(place, ResourceFields.LAST_PLACE)));
    told.save(entity);
  }

  /** Takes a resource off the shelf, or puts it back; its entries still name it. */
  @Transactional
  void remove(UUID id, boolean removed) {
    var name = name(id);
    var entity = repository.findById(name.id()).orElseGet(ResourceEntity::new);
    entity.id = name.id();
    if (entity.document.isEmpty()) {
      entity.document =
          StoredResource.write(StoredResource.NOTHING.fields(name.text(), names.names()), names);
    }
    entity.removed = removed;
    told.save(entity);
  }
}
