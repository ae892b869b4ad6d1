package humblequill.server.shelf;

import humblequill.core.day.entry.UnitKind;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.shelf.Ownership;
import humblequill.core.shelf.ResourceKind;
import humblequill.core.shelf.ResourceRole;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.name.NameRef;
import humblequill.server.ground.name.NameService;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A resource as it is stored. See docs/formats/stored.md. */
record StoredResource(
    String kind,
    String role,
    List<NameRef> topics,
    @Nullable String unit,
    @Nullable Integer total,
    @Nullable BigDecimal price,
    String currency,
    String ownership,
    @Nullable LocalDate dueBack,
    List<LocalDate> wanted,
    @Nullable Integer queue,
    List<UUID> onlyAfter,
    @Nullable UUID afterPlacement,
    @Nullable String afterWeek,
    List<StoredSpan> byHand,
    @Nullable String ended,
    @Nullable LocalDate endedOn,
    String goodFor,
    String bewareOf,
    String note) {
  /** Units from one to another. */
  record StoredSpan(int from, int to) {}

  /** Nothing told. */
  static final StoredResource NOTHING =
      new StoredResource(
          StoredJson.word(ResourceKind.OTHER),
          StoredJson.word(ResourceRole.TEACHES),
          List.of(),
          null,
          null,
          null,
          "",
          StoredJson.word(Ownership.OWNED),
          null,
          List.of(),
          null,
          List.of(),
          null,
          null,
          List.of(),
          null,
          null,
          "",
          "",
          "");

  static String write(ResourceFields f, NameService names) {
    return StoredJson.write(
        new StoredResource(
            StoredJson.word(f.kind()),
            StoredJson.word(f.role()),
            f.topics().stream()
                .map(t -> Objects.requireNonNull(names.refer(NameKind.TOPIC, t)))
                .distinct()
                .toList(),
            f.unit() == null ? null : StoredJson.word(f.unit()),
            f.total(),
            f.price(),
            f.currency(),
            StoredJson.word(f.ownership()),
            f.dueBack(),
            f.wanted().stream().sorted().toList(),
            f.queue(),
            f.onlyAfter().stream().distinct().toList(),
            f.afterPlacement(),
            f.afterWeek(),
            f.byHand().stream().map(s -> new StoredSpan(s.from(), s.to())).toList(),
            f.ended() == null ? null : StoredJson.word(f.ended()),
            f.endedOn(),
            f.goodFor().strip(),
            f.bewareOf().strip(),
            f.note().strip()));
  }

  /** What it is. */
  ResourceKind kindOf() {
    return StoredJson.kind(ResourceKind.class, kind);
  }

  /** The same at another place in the queue. */
  StoredResource queued(int place) {
    return new StoredResource(
        kind,
        role,
        topics,
        unit,
        total,
        price,
        currency,
        ownership,
        dueBack,
        wanted,
        place,
        onlyAfter,
        afterPlacement,
        afterWeek,
        byHand,
        ended,
        endedOn,
        goodFor,
        bewareOf,
        note);
  }

  static StoredResource read(String text) {
    return StoredJson.read(text, StoredResource.class);
  }

  /** As it is read and written, with names as they are called now. */
  ResourceFields fields(String name, Names names) {
    return new ResourceFields(
        name,
        StoredJson.kind(ResourceKind.class, kind),
        StoredJson.kind(ResourceRole.class, role),
        topics.stream()
            .map(t -> Objects.requireNonNullElse(NameService.called(names, t.id()), t.text()))
            .distinct()
            .toList(),
        unit == null ? null : StoredJson.kind(UnitKind.class, unit),
        total,
        price,
        currency,
        StoredJson.kind(Ownership.class, ownership),
        dueBack,
        wanted,
        queue,
        onlyAfter,
        afterPlacement,
        afterWeek,
        byHand.stream().map(s -> new ResourceFields.UnitSpan(s.from, s.to)).toList(),
        ended == null ? null : StoredJson.kind(ResourceFields.Ended.class, ended),
        endedOn,
        goodFor,
        bewareOf,
        note);
  }
}
