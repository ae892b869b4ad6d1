package humblequill.server.topic.recall;

import humblequill.core.ground.message.Message;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.topic.recall.Judging;
import humblequill.core.topic.recall.StepOrder;
import humblequill.server.book.picture.PagePicture;
import humblequill.server.book.picture.PagePictures;
import humblequill.server.book.picture.UsedElsewhere;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Plates and orders of steps that the learner made or brought in. */
@Service
public class OwnPlates implements UsedElsewhere {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final int MOST = 200;

  private final RecallOwnRepository repository;
  private final PagePictures pictures;
  private final Remembered<All> stored;

  OwnPlates(RecallOwnRepository repository, PagePictures pictures, Memory memory) {
    this.repository = repository;
    this.pictures = pictures;
    this.stored = memory.remember("plates and orders of one's own", RecallOwnEntity.class);
  }

  /** An order of one's own. */
  record OwnOrder(StepOrder order, long version) {}

  private record All(List<ShownPlate> plates, List<OwnOrder> orders, Set<UUID> pictures) {}

  private All all() {
    return stored.get(
        () -> {
          var kept = repository.findAll().stream().filter(e -> !e.removed).toList();
          return new All(
              of(kept, Recall.Kind.PLATE).stream()
                  .map(OwnPlates::shown)
                  .sorted(Comparator.comparing(p -> p.plate().title()))
                  .toList(),
              of(kept, Recall.Kind.ORDER).stream()
                  .map(e -> new OwnOrder(order(e), e.version == null ? 0 : e.version))
                  .sorted(Comparator.comparing(o -> o.order().title()))
                  .toList(),
              kept.stream()
                  .map(e -> e.picture)
                  .filter(Objects::nonNull)
                  .collect(Collectors.toSet()));
        });
  }

  private static List<RecallOwnEntity> of(List<RecallOwnEntity> kept, Recall.Kind kind) {
    return kept.stream().filter(e -> e.kind.equals(StoredJson.word(kind))).toList();
  }

  private static StepOrder order(RecallOwnEntity e) {
    return PlateFile.order(e.id.toString(), JSON.readTree(e.document));
  }

  private static ShownPlate shown(RecallOwnEntity e) {
    var file = JSON.readTree(e.document);
    return new ShownPlate(
        PlateFile.plate(e.id.toString(), file),
        PlateFile.note(file),
        e.picture,
        e.pictureWay,
        e.version == null ? 0 : e.version);
  }

  @Transactional(readOnly = true)
  List<ShownPlate> plates() {
    return all().plates();
  }

  @Transactional(readOnly = true)
  List<OwnOrder> orders() {
    return all().orders();
  }

  /** Of an order of one's own; empty for one that ships. */
  @Transactional(readOnly = true)
  Optional<Long> version(StepOrder order) {
    return all().orders().stream()
        .filter(o -> o.order().id().equals(order.id()))
        .map(OwnOrder::version)
        .findFirst();
  }

  @Override
  @Transactional(readOnly = true)
  public Set<UUID> pictures() {
    return all().pictures();
  }

  /** The picture of a plate as it is now; empty for lines, and where it was taken out. */
  Optional<PagePicture> picture(ShownPlate plate) {
    return Optional.ofNullable(plate.picture()).map(id -> pictures.all().get(id));
  }

  /** The lines of a plate; empty where it shows a picture. Not held, since they can be long. */
  @Transactional(readOnly = true)
  Optional<String> svg(ShownPlate plate) {
    return repository.findById(UUID.fromString(plate.plate().id())).map(e -> e.svg);
  }

  /** Keeps a plate, a new one or a change; what its file said beyond the format stays. */
  @Transactional
  public void keep(UUID id, OwnFields.PlateFields fields) {
    var entity = onTopOf(id, Recall.Kind.PLATE, fields.version());
    var file = told(entity, fields.title(), fields.topics());
    file.put("note", fields.note().strip());
    pins(file, fields.pins());
    if (fields.cabinet() != null || fields.svg() != null) {
      entity.svg =
          fields.cabinet() == null ? CleanSvg.of(fields.svg()).svg() : drawn(fields.cabinet());
      entity.picture = null;
    } else if (fields.picture() != null) {
      entity.picture = fields.picture();
      entity.svg = null;
    } else if (entity.svg == null && entity.picture == null) {
      throw Refusal.badValue("picture", "", Message.of("topic.noPicture"));
    }
    framed(entity, file, null);
    save(entity, file);
  }

  private static String drawn(OwnFields.CabinetPicture c) {
    return Reference.of(c.seed(), c.kind(), c.emphasis(), c.view()).drawing().svg();
  }

  /** Keeps an order of steps, a new one or a change. */
  @Transactional
  public void keep(UUID id, OwnFields.OrderFields fields) {
    var entity = onTopOf(id, Recall.Kind.ORDER, fields.version());
    var file = told(entity, fields.title(), fields.topics());
    var steps = file.putArray("steps");
    fields.steps().forEach(s -> steps.add(s.strip()));
    PlateFile.order(id.toString(), file);
    save(entity, file);
  }

  /**
   * What was brought in.
   *
   * @param leftOut what of its drawing was left out, since it could run or ask for something
   *     elsewhere
   */
  public record BroughtIn(Recall.Kind kind, UUID id, String title, List<String> leftOut) {}

  /** Keeps a plate or an order from its files. */
  @Transactional
  public BroughtIn bringIn(UUID id, OwnFields.OwnFile brought) {
    var file = PlateFile.tree(brought.file());
    var kind = PlateFile.isOrder(file) ? Recall.Kind.ORDER : Recall.Kind.PLATE;
    var entity = onTopOf(id, kind, null);
    file.remove("id");
    List<String> leftOut = List.of();
    if (kind == Recall.Kind.PLATE) {
      if (brought.svg() != null) {
        var clean = CleanSvg.of(brought.svg());
        leftOut = clean.leftOut();
        entity.svg = clean.svg();
        framed(entity, file, clean.ratio());
      } else if (brought.picture() != null) {
        entity.picture = brought.picture();
        framed(entity, file, null);
      } else {
        throw Refusal.badValue(
            "picture", file.path("picture").asString(""), Message.of("topic.pictureMissing"));
      }
      PlateFile.note(file);
    } else {
      PlateFile.order(id.toString(), file);
    }
    save(entity, file);
    return new BroughtIn(kind, id, file.path("title").asString(), leftOut);
  }

  /** Takes one's own out, or puts it back. */
  @Transactional
  void remove(UUID id, boolean removed) {
    var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("plateOrOrder", id));
    entity.removed = removed;
    repository.saveAndFlush(entity);
  }

  /** The file of a plate or an order. */
  @Transactional(readOnly = true)
  String file(String id) {
    return repository.findAll().stream()
        .filter(e -> !e.removed && e.id.toString().equals(id))
        .findFirst()
        .map(e -> PlateFile.yaml((ObjectNode) JSON.readTree(e.document)))
        .orElseThrow(() -> Refusal.notFound("plateOrOrder", id));
  }

  private RecallOwnEntity onTopOf(UUID id, Recall.Kind kind, @Nullable Long version) {
    var entity = repository.findById(id).orElseGet(RecallOwnEntity::new);
    if (!Objects.equals(version, entity.version)) {
      throw Refusal.stale("plateOrOrder", entity.document);
    }
    if (entity.isNew()) {
      if (repository.count() >= MOST) {
        throw Refusal.badValue("title", "", Message.of("topic.enoughPlates", "most", MOST));
      }
      entity.id = id;
      entity.kind = StoredJson.word(kind);
    } else if (!entity.kind.equals(StoredJson.word(kind))) {
      throw Refusal.badValue("id", id, Message.of("topic.plateOrOrder"));
    }
    return entity;
  }

  private static ObjectNode told(RecallOwnEntity entity, String title, List<String> topics) {
    var file =
        entity.isNew()
            ? JsonNodeFactory.instance.objectNode().put("format", 1)
            : (ObjectNode) JSON.readTree(entity.document);
    file.put("title", title.strip());
    var list = file.putArray("topics");
    topics.stream().map(String::strip).distinct().forEach(list::add);
    return file;
  }

  /** Pins keep what their file said beyond the format. */
  private static void pins(ObjectNode file, List<OwnFields.PinFields> pins) {
    var before =
        file.path("pins")
            .valueStream()
            .map(ObjectNode.class::cast)
            .collect(Collectors.toMap(p -> p.path("id").asString(), p -> p));
    var ids = new HashSet<String>();
    pins.stream().map(OwnFields.PinFields::id).filter(Objects::nonNull).forEach(ids::add);
    var list = file.putArray("pins");
    for (var fields : pins) {
      var id = fields.id() == null ? newId(fields.name(), ids) : fields.id();
      var pin = before.getOrDefault(id, JsonNodeFactory.instance.objectNode()).deepCopy();
      pin.put("id", id).put("name", fields.name().strip()).put("latin", fields.latin().strip());
      var others = pin.putArray("others");
      fields.others().stream().map(String::strip).distinct().forEach(others::add);
      pin.put("x", fields.x()).put("y", fields.y());
      list.add(pin);
    }
  }

  private static String newId(String name, Set<String> taken) {
    var plain = Judging.plain(name).replace(' ', '-');
    var begin = plain.isEmpty() ? "pin" : plain.substring(0, Math.min(40, plain.length()));
    var id = begin;
    for (int i = 2; !taken.add(id); i++) {
      id = begin + "-" + i;
    }
    return id;
  }

  /** Takes the frame of the picture that the pins lie on, and checks them against it. */
  private void framed(RecallOwnEntity entity, ObjectNode file, @Nullable Double lines) {
    if (entity.picture != null) {
      var seen = pictures.all().get(entity.picture);
      if (seen == null) {
        throw Refusal.badValue("picture", entity.picture, Message.of("topic.pictureGone"));
      }
      entity.pictureWay = seen.way();
      file.put("ratio", (double) seen.width() / seen.height());
      file.put("picture", "picture.jpg");
    } else {
      entity.pictureWay = null;
      var drawn = Objects.requireNonNull(entity.svg);
      file.put("ratio", lines == null ? CleanSvg.of(drawn).ratio() : lines);
      file.put("picture", "picture.svg");
    }
    PlateFile.plate(entity.id.toString(), file);
  }

  private void save(RecallOwnEntity entity, ObjectNode file) {
    entity.document = file.toString();
    entity.removed = false;
    repository.saveAndFlush(entity);
  }
}
