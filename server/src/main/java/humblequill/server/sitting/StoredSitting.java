package humblequill.server.sitting;

import com.fasterxml.jackson.annotation.JsonInclude;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.sitting.Drill;
import humblequill.core.sitting.cabinet.Emphasis;
import humblequill.core.sitting.cabinet.Reference;
import humblequill.core.sitting.cabinet.View;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.name.NameRef;
import humblequill.server.ground.name.NameService;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What a sitting began with, as it is stored. See docs/formats/stored.md. */
record StoredSitting(
    StoredPlan ladder,
    String title,
    @Nullable String exercise,
    @Nullable NameRef topic,
    boolean timeOnly,
    @Nullable Boolean free,
    String aim,
    @Nullable Integer energy,
    @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Integer dread,
    String cue,
    @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String where,
    @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean little,
    String drill,
    @Nullable NameRef source,
    @Nullable NameRef medium,
    @Nullable NameRef book,
    @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable NameRef resource,
    @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String unit,
    @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Integer unitFrom,
    @Nullable Integer page,
    @Nullable UUID prompt,
    String references,
    @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable UUID referenceSet,
    @Nullable String cabinet,
    @Nullable String foreshortening,
    @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable String view,
    long seed) {
  /** A ladder as it was asked for. */
  record StoredPlan(
      String kind,
      @Nullable Integer minutes,
      @Nullable Integer secondsEach,
      @Nullable List<StoredRow> rows,
      @Nullable List<String> parts) {
    static StoredPlan of(SittingPlan plan) {
      return new StoredPlan(
          StoredJson.word(plan.kind()),
          plan.minutes(),
          plan.secondsEach(),
          plan.rows() == null
              ? null
              : plan.rows().stream().map(r -> new StoredRow(r.count(), r.seconds())).toList(),
          plan.parts());
    }

    SittingPlan toPlan() {
      return new SittingPlan(
          StoredJson.kind(SittingPlan.Kind.class, kind),
          minutes,
          secondsEach,
          rows == null
              ? null
              : rows.stream().map(r -> new SittingPlan.PoseRow(r.count, r.seconds)).toList(),
          parts);
    }
  }

  record StoredRow(int count, int seconds) {}

  static StoredSitting of(BegunSitting b, NameService names) {
    return new StoredSitting(
        StoredPlan.of(b.plan()),
        b.title(),
        b.exerciseId(),
        names.refer(NameKind.TOPIC, b.topic()),
        b.timeOnly(),
        b.free(),
        b.aim(),
        b.energy(),
        b.dread(),
        b.cue().strip(),
        b.where() == null || b.where().isBlank() ? null : b.where().strip(),
        b.little(),
        StoredJson.word(b.drill()),
        names.refer(NameKind.SOURCE, b.source()),
        names.refer(NameKind.MEDIUM, b.medium()),
        names.refer(NameKind.BOOK, b.book()),
        names.refer(NameKind.RESOURCE, b.resource()),
        b.unit() == null ? null : StoredJson.word(b.unit()),
        b.unitFrom(),
        b.page(),
        b.promptId(),
        StoredJson.word(b.references()),
        b.referenceSet(),
        b.cabinet() == null ? null : StoredJson.word(b.cabinet()),
        b.emphasis() == null ? null : StoredJson.word(b.emphasis()),
        b.view() == null ? null : StoredJson.word(b.view()),
        b.seed());
  }

  /** What it began with, with names as they are called now. */
  BegunSitting toBegun(UUID id, Names names) {
    return new BegunSitting(
        id,
        ladder.toPlan(),
        title,
        exercise,
        NameService.called(names, NameRef.idOf(topic)),
        timeOnly,
        free,
        aim,
        energy,
        dread,
        cue,
        where,
        little,
        StoredJson.kind(Drill.class, drill),
        NameService.called(names, NameRef.idOf(source)),
        NameService.called(names, NameRef.idOf(medium)),
        NameService.called(names, NameRef.idOf(book)),
        NameService.called(names, NameRef.idOf(resource)),
        unit == null ? null : StoredJson.kind(UnitKind.class, unit),
        unitFrom,
        page,
        prompt,
        StoredJson.kind(BegunSitting.References.class, references),
        referenceSet,
        cabinet == null ? null : StoredJson.kind(Reference.Kind.class, cabinet),
        foreshortening == null ? null : StoredJson.kind(Emphasis.class, foreshortening),
        view == null ? null : StoredJson.kind(View.class, view),
        seed);
  }

  /** Identities of the names it speaks of. */
  Stream<UUID> names() {
    return Stream.of(topic, source, medium, book, resource)
        .filter(Objects::nonNull)
        .map(NameRef::id);
  }
}
