package humblequill.server.ground.name;

import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.BrokenNamesException;
import humblequill.core.ground.name.MediumProperty;
import humblequill.core.ground.name.Name;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import humblequill.server.ground.data.StoredJson;
import humblequill.server.ground.edge.Refusal;
import java.time.Clock;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Renames, merges, parts and removes names; each change is one row and can be taken back. */
@Service
public class NameChanges {
  private final NameRepository repository;
  private final NameChangeRepository changes;
  private final NameService names;
  private final GivenTopics topics;
  private final List<NameUses> places;
  private final Clock clock;

  NameChanges(
      NameRepository repository,
      NameChangeRepository changes,
      NameService names,
      GivenTopics topics,
      List<NameUses> places,
      Clock clock) {
    this.repository = repository;
    this.changes = changes;
    this.names = names;
    this.topics = topics;
    this.places = places;
    this.clock = clock;
  }

  /** All names with how often each is used. */
  @Transactional(readOnly = true)
  public NamesView read() {
    var all = names.names();
    var uses = uses();
    var shipped = ShippedNames.all().stream().map(Name::id).collect(Collectors.toSet());
    var given = topics.names().stream().map(Name::id).collect(Collectors.toSet());
    return new NamesView(
        Arrays.stream(NameKind.values())
            .flatMap(kind -> all.all(kind).stream())
            .filter(name -> !given.contains(name.id()) || uses.containsKey(name.id()))
            .sorted(
                Comparator.comparing(Name::kind)
                    .thenComparing(Name::text, String.CASE_INSENSITIVE_ORDER))
            .map(name -> view(name, all, uses, shipped, given))
            .toList());
  }

  private static NamesView.NameView view(
      Name name, Names all, Map<UUID, Long> uses, Set<UUID> shipped, Set<UUID> given) {
    var merged =
        all.mergedInto(name.id()).stream()
            .map(m -> new NamesView.MergedName(m.id(), m.text(), uses.getOrDefault(m.id(), 0L)))
            .toList();
    return new NamesView.NameView(
        name.id(),
        name.kind(),
        name.text(),
        name.spellings(),
        name.properties().stream().sorted().toList(),
        shipped.contains(name.id()),
        given.contains(name.id()),
        uses.getOrDefault(name.id(), 0L) + merged.stream().mapToLong(m -> m.uses()).sum(),
        merged);
  }

  private Map<UUID, Long> uses() {
    var all = new HashMap<UUID, Long>();
    places.forEach(place -> place.uses().forEach((id, n) -> all.merge(id, n, Long::sum)));
    return all;
  }

  /** Makes a name that nothing was written with yet; the same id told twice makes one. */
  @Transactional
  public void create(Name name) {
    names.change();
    if (names.names().itself(name.id()).isPresent()) {
      return;
    }
    standsBesideOthers(name);
    names.save(name);
  }

  /** Another text for a name. What it was called before stays as a spelling of it. */
  @Transactional
  public void rename(UUID change, UUID id, String text) {
    notOfTaxonomy(id);
    make(change, id, before -> standsBesideOthers(before.renamed(text.strip())));
  }

  private Optional<Name> standsBesideOthers(Name name) {
    try {
      names.names().check(name);
      return Optional.of(name);
    } catch (BrokenNamesException e) {
      var field = e.value().equals(name.text()) ? "text" : "spellings";
      throw Refusal.badValue(field, e.value(), Message.of("ground.notKept", "why", Message.why(e)));
    }
  }

  private void notOfTaxonomy(UUID id) {
    topics.names().stream()
        .filter(topic -> topic.id().equals(id))
        .findFirst()
        .ifPresent(
            topic -> {
              throw Refusal.conflict(
                  "of-taxonomy", Message.of("ground.nameOfTopic", "name", topic.text()));
            });
  }

  /** Lets the row of a topic follow the taxonomy, where the topic was renamed. */
  @Transactional
  public void renamedInTaxonomy(UUID id, String text) {
    names.change();
    if (repository.existsById(id)) {
      names.save(need(id).renamed(text));
    }
  }

  /** Other spellings and properties. */
  @Transactional
  public void describe(
      UUID change, UUID id, List<String> spellings, Set<MediumProperty> properties) {
    make(change, id, before -> standsBesideOthers(before.with(spellings, properties)));
  }

  /**
   * Makes a name another spelling of a second one: all that named it names that one from now on.
   */
  @Transactional
  public void merge(UUID change, UUID id, UUID into) {
    var target = names.names().find(into).orElseThrow(() -> Refusal.notFound("name", into));
    var name = need(id);
    notOfTaxonomy(id);
    if (name.kind() != target.kind()) {
      throw Refusal.badValue(
          "into",
          target.text(),
          Message.of("ground.kindsDiffer", "name", name.text(), "other", target.text()));
    }
    names.idOf(target.kind(), target.text());
    make(change, id, before -> Optional.of(before.meaning(Optional.of(target.id()))));
  }

  /** Lets a name that was merged stand by itself again. */
  @Transactional
  public void part(UUID change, UUID id) {
    make(change, id, before -> Optional.of(before.meaning(Optional.empty())));
  }

  /** Removes a name; one that is used anywhere stays. */
  @Transactional
  public void remove(UUID change, UUID id) {
    var name = need(id);
    var used = uses();
    long count = names.names().meaning(id).stream().mapToLong(i -> used.getOrDefault(i, 0L)).sum();
    if (count > 0) {
      throw Refusal.conflict(
          "in-use", Message.of("ground.nameInUse", "name", name.text(), "count", count));
    }
    if (ShippedNames.all().stream().anyMatch(s -> s.id().equals(id))) {
      throw Refusal.conflict("ships", Message.of("ground.nameShipped", "name", name.text()));
    }
    make(change, id, before -> Optional.empty());
  }

  private Name need(UUID id) {
    return names.names().itself(id).orElseThrow(() -> Refusal.notFound("name", id));
  }

  private interface Edit {
    Optional<Name> of(Name before);
  }

  private void make(UUID change, UUID id, Edit edit) {
    names.change();
    if (changes.existsById(change)) {
      return;
    }
    var before = need(id);
    var after = edited(before, edit);
    var entity = new NameChangeEntity();
    entity.id = change;
    entity.nameId = id;
    entity.madeAt = clock.instant();
    entity.before = repository.existsById(id) ? stored(before) : null;
    entity.after = after.map(NameChanges::stored).orElse(null);
    changes.saveAndFlush(entity);
    put(id, after);
  }

  private static Optional<Name> edited(Name before, Edit edit) {
    try {
      return edit.of(before);
    } catch (IllegalArgumentException e) {
      throw Refusal.badValue(
          "text", before.text(), Message.of("ground.notKept", "why", Message.why(e)));
    }
  }

  private static String stored(Name name) {
    return StoredJson.write(StoredName.of(name));
  }

  private void put(UUID id, Optional<Name> name) {
    name.ifPresentOrElse(names::save, () -> names.remove(id));
  }

  /** Takes a change back, unless the name was changed again since. */
  @Transactional
  public void undo(UUID change) {
    names.change();
    var entity =
        changes.findById(change).orElseThrow(() -> Refusal.notFound("changeOfName", change));
    if (entity.undoneAt != null) {
      return;
    }
    var now = repository.findById(entity.nameId).map(NameEntity::read).map(NameChanges::stored);
    if (!Objects.equals(now.orElse(null), entity.after)) {
      throw Refusal.conflict("changed-since", Message.of("ground.nameChangedSince"));
    }
    entity.undoneAt = clock.instant();
    changes.saveAndFlush(entity);
    restore(entity);
  }

  private void restore(NameChangeEntity entity) {
    var before = read(entity.before);
    if (before.isEmpty() && places.stream().anyMatch(p -> p.uses().containsKey(entity.nameId))) {
      // It was given and not kept before; a row that others refer to stays, with what is given.
      names.names().itself(entity.nameId).map(n -> given(n.id())).ifPresent(names::save);
      return;
    }
    put(entity.nameId, before);
  }

  private Name given(UUID id) {
    var all = new HashSet<>(ShippedNames.all());
    all.addAll(topics.names());
    return all.stream().filter(name -> name.id().equals(id)).findFirst().orElseThrow();
  }

  private static Optional<Name> read(@Nullable String stored) {
    return Optional.ofNullable(stored)
        .map(text -> StoredJson.read(text, StoredName.class).toName());
  }
}
