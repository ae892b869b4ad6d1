package humblequill.server.day.entry;

import humblequill.core.day.entry.Depth;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.day.entry.OwnFigure;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.server.ground.name.NameService;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What an entry tells of learning, as its columns hold it. */
final class StoredStudy {
  private StoredStudy() {}

  static void write(EntryEntity e, Study study, EntryEntity.NameIds names) {
    e.unit = study.units().map(u -> u.kind().name()).orElse(null);
    e.unitFrom = study.units().map(Units::from).orElse(null);
    e.unitTo = study.units().map(Units::to).orElse(null);
    e.used = study.how().map(HowUsed::name).orElse(null);
    e.facets = String.join("\n", study.facets());
    e.facetIds =
        study.facets().stream()
            .map(f -> String.valueOf(names.apply(NameKind.FACET, Optional.of(f))))
            .collect(Collectors.joining(","));
    e.markBefore = study.markBefore().orElse(null);
    e.lookedFor = study.lookedFor().map(LookedFor::name).orElse(null);
    e.depth = study.depth().map(Depth::name).orElse(null);
    e.ownFigure = study.own().map(OwnFigure::what).orElse(null);
    e.ownCount = study.own().map(OwnFigure::count).orElse(null);
  }

  static Study read(EntryEntity e, Names names) {
    return new Study(
        units(e.unit, e.unitFrom, e.unitTo),
        Optional.ofNullable(e.used).map(HowUsed::valueOf),
        facets(e.facetIds, names),
        Optional.ofNullable(e.markBefore),
        Optional.ofNullable(e.lookedFor).map(LookedFor::valueOf),
        Optional.ofNullable(e.depth).map(Depth::valueOf),
        own(e.ownFigure, e.ownCount));
  }

  static Optional<Units> units(
      @Nullable String kind, @Nullable Integer from, @Nullable Integer to) {
    return kind == null || from == null
        ? Optional.empty()
        : Optional.of(
            new Units(UnitKind.valueOf(kind), from, Objects.requireNonNullElse(to, from)));
  }

  static Optional<OwnFigure> own(@Nullable String what, @Nullable Integer count) {
    return what == null || count == null
        ? Optional.empty()
        : Optional.of(new OwnFigure(what, count));
  }

  static List<UUID> ids(String facetIds) {
    return facetIds.isEmpty()
        ? List.of()
        : Arrays.stream(facetIds.split(",")).map(UUID::fromString).toList();
  }

  /** By their present names. */
  static List<String> facets(String facetIds, Names names) {
    return ids(facetIds).stream()
        .map(id -> NameService.called(names, id))
        .filter(Objects::nonNull)
        .distinct()
        .toList();
  }
}
