package humblequill.server.day.entry;

import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.SettingsService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the entries. */
@Service
public class EntryService {
  private static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);

  private static final int ASKED_AT_ONCE = 1000;

  private final EntryRepository repository;
  private final PlacementService placements;
  private final NameService names;
  private final SettingsService settings;
  private final EntryLedger ledger;
  private final EntryIndex index;
  private final SaidNotes notes;
  private final List<EntryCheck> checks;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  EntryService(
      EntryRepository repository,
      PlacementService placements,
      NameService names,
      SettingsService settings,
      EntryLedger ledger,
      EntryIndex index,
      SaidNotes notes,
      List<EntryCheck> checks,
      Clock clock,
      ApplicationEventPublisher events) {
    this.index = index;
    this.notes = notes;
    this.checks = checks;
    this.repository = repository;
    this.placements = placements;
    this.names = names;
    this.settings = settings;
    this.ledger = ledger;
    this.clock = clock;
    this.events = events;
  }

  /** Entries that match, newest first. */
  @Transactional(readOnly = true)
  public EntryList find(EntryFilter filter) {
    var known = names.names();
    var found = index.find(filter, known);
    // A question with as many marks as there are ids is put together and read anew each time.
    var near =
        found.isDense()
            ? repository.between(found.first(), found.last())
            : repository.findAllById(found.ids());
    return new EntryList(inOrder(near, found.ids(), known), found.total());
  }

  /** Those of some entries that have these ids, in their order. */
  private static List<EntryView> inOrder(List<EntryEntity> some, List<UUID> ids, Names known) {
    var place = new HashMap<UUID, Integer>();
    ids.forEach(id -> place.put(id, place.size()));
    var entries = new ArrayList<>(some);
    entries.removeIf(e -> !place.containsKey(e.id));
    entries.sort(Comparator.comparing(e -> place.get(e.id)));
    return views(entries, known);
  }

  /**
   * Which entries match, the newest of them in full.
   *
   * @param ids those found, as many as the filter wants
   */
  public record FoundEntries(Set<UUID> ids, EntryList newest) {}

  /** Entries that match, found in one look over all of them. */
  @Transactional(readOnly = true)
  public FoundEntries find(EntryFilter filter, int inFull) {
    var known = names.names();
    var found = index.find(filter, known);
    var first = found.ids().subList(0, Math.min(inFull, found.ids().size()));
    return new FoundEntries(
        Set.copyOf(found.ids()),
        new EntryList(inOrder(repository.findAllById(first), first, known), found.total()));
  }

  private static List<EntryView> views(List<EntryEntity> entries, Names known) {
    return entries.stream().map(e -> EntryView.of(e, known)).toList();
  }

  private EntryView view(EntryEntity entry) {
    return EntryView.of(entry, names.names());
  }

  /** One entry. */
  @Transactional(readOnly = true)
  public EntryView get(UUID id) {
    return view(stored(id));
  }

  /** Some entries by their ids; those that are gone are left out. */
  @Transactional(readOnly = true)
  public List<EntryView> get(Collection<UUID> ids) {
    return views(repository.findAllById(ids), names.names());
  }

  /** Entries of one day in the order they were drawn. */
  @Transactional(readOnly = true)
  public List<EntryView> on(LocalDate day) {
    return views(repository.findByPracticeDayOrderByTimeOfDayAscWrittenAtAsc(day), names.names());
  }

  /** Entries of some days, in no order. */
  @Transactional(readOnly = true)
  public List<EntryView> on(Collection<LocalDate> days) {
    return views(repository.findByPracticeDayIn(days), names.names());
  }

  /** All entries, oldest first. */
  @Transactional(readOnly = true)
  public List<EntryView> all() {
    return views(repository.inOrder(), names.names());
  }

  /** The highest page that entries fill in a book; 0 without one. */
  @Transactional(readOnly = true)
  public int lastPage(String book) {
    var known = names.names();
    return known
        .find(NameKind.BOOK, book)
        .flatMap(b -> repository.lastPage(known.meaning(b.id())))
        .orElse(0);
  }

  /** The last entry of an exercise or topic. */
  @Transactional(readOnly = true)
  public Optional<EntryView> last(Optional<String> exerciseId, Optional<String> topic) {
    var known = names.names();
    return exerciseId
        .flatMap(repository::findFirstByExerciseIdOrderByPracticeDayDescWrittenAtDesc)
        .or(
            () ->
                topic
                    .flatMap(t -> known.find(NameKind.TOPIC, t))
                    .map(t -> known.meaning(t.id()))
                    .flatMap(repository::findFirstByTopicIdInOrderByPracticeDayDescWrittenAtDesc))
        .map(this::view);
  }

  /** The outcome of a create: the same create told twice makes one entry. */
  public record Created(EntryView entry, boolean isNew) {}

  /** Stores a new entry under the client's id. */
  @Transactional
  public Created create(UUID id, EntryFields fields) {
    check(fields);
    checks.forEach(c -> c.check(fields));
    var existing = repository.findById(id);
    if (existing.isPresent()) {
      if (!says(existing.get(), fields)) {
        throw Refusal.conflict("id-taken", Message.of("day.idTaken", "id", id));
      }
      return new Created(view(existing.get()), false);
    }
    var entity = fresh(id, fields, clock.instant(), names::idOf);
    touched(List.of(fields.day()));
    events.publishEvent(new EntryCreated(id, fields));
    return new Created(view(repository.saveAndFlush(entity)), true);
  }

  private EntryEntity fresh(UUID id, EntryFields fields, Instant now, EntryEntity.NameIds nameIds) {
    var entity = new EntryEntity();
    entity.id = id;
    fill(entity, fields, nameIds);
    entity.writtenAt = now;
    return entity;
  }

  /** Stores entries that are known to be new and valid, in one transaction. */
  @Transactional
  public void createAll(Map<UUID, EntryFields> entries) {
    var now = clock.instant();
    names.make(entries.values().stream().flatMap(f -> written(f.toCore())).distinct().toList());
    var toSave = new ArrayList<EntryEntity>();
    var days = new ArrayList<LocalDate>();
    entries.forEach(
        (id, fields) -> {
          check(fields);
          toSave.add(fresh(id, fields, now, names::idOf));
          days.add(fields.day());
        });
    repository.saveAllAndFlush(toSave);
    touched(days);
  }

  private static Stream<NameService.Written> written(Entry entry) {
    return Stream.concat(
        entry.names().entrySet().stream()
            .map(name -> new NameService.Written(name.getKey(), name.getValue())),
        entry.study().facets().stream().map(f -> new NameService.Written(NameKind.FACET, f)));
  }

  /** Changes an entry, unless it was changed since the client read it. */
  @Transactional
  public EntryView update(UUID id, long version, EntryFields fields) {
    check(fields);
    var entity = stored(id);
    if (!Objects.equals(entity.version, version)) {
      throw Refusal.stale("entry", view(entity));
    }
    checks.forEach(c -> c.check(fields));
    touched(List.of(entity.practiceDay, fields.day()));
    fill(entity, fields, names::idOf);
    return view(repository.saveAndFlush(entity));
  }

  /** Gives entries other pages of their book. */
  @Transactional
  public void renumber(Map<UUID, PageSpan> pages) {
    var found = repository.findAllById(pages.keySet());
    touched(found.stream().map(e -> e.practiceDay).distinct().toList());
    found.forEach(
        e -> {
          e.pageFrom = pages.get(e.id).from();
          e.pageTo = pages.get(e.id).to();
        });
    repository.saveAllAndFlush(found);
  }

  /** Gives entries one page of another book. */
  @Transactional
  public void moveTo(Set<UUID> ids, String book, int page) {
    var found = repository.findAllById(ids);
    touched(found.stream().map(e -> e.practiceDay).distinct().toList());
    found.forEach(
        e -> {
          e.book = book;
          e.bookId = names.idOf(NameKind.BOOK, book);
          e.pageFrom = page;
          e.pageTo = page;
        });
    repository.saveAllAndFlush(found);
  }

  /** Removes an entry; one that is gone already stays gone. */
  @Transactional
  public void delete(UUID id, long version) {
    var entity = repository.findById(id);
    if (entity.isEmpty()) {
      return;
    }
    if (!Objects.equals(entity.get().version, version)) {
      throw Refusal.stale("entry", view(entity.get()));
    }
    touched(List.of(entity.get().practiceDay));
    events.publishEvent(new EntryRemoved(id, view(entity.get()).fields()));
    repository.delete(entity.get());
    repository.flush();
  }

  /**
   * Checks fields as a write would, without writing; a caller may go on with others after a
   * refusal.
   */
  @Transactional(readOnly = true, noRollbackFor = Refusal.class)
  public void check(EntryFields fields) {
    var today = settings.learner().today();
    if (fields.day().isAfter(today)) {
      throw Refusal.badValue("day", fields.day(), Message.of("day.liesAhead", "day", fields.day()));
    }
    if (fields.day().isBefore(EARLIEST)) {
      throw Refusal.badValue(
          "day", fields.day(), Message.of("day.beforeBooks", "day", fields.day()));
    }
    fields.toCore().exerciseId().ifPresent(this::exercise);
  }

  private void touched(Collection<LocalDate> changed) {
    events.publishEvent(new EntriesChanged(List.copyOf(changed)));
  }

  private EntryEntity stored(UUID id) {
    return repository.findById(id).orElseThrow(() -> Refusal.notFound("entry", id));
  }

  /** The exercise of a followed course, or of an earlier one. */
  private Map.Entry<PlacedCourse, Exercise> exercise(String exerciseId) {
    var candidates = new ArrayList<>(placements.followed());
    candidates.addAll(placements.all());
    for (var placed : candidates) {
      var exercise = placed.placement().exercise(exerciseId);
      if (exercise.isPresent()) {
        return Map.entry(placed, exercise.get());
      }
    }
    throw Refusal.badValue(
        "exerciseId", exerciseId, Message.of("day.noExercise", "exercise", exerciseId));
  }

  /** The kind of an exercise; null for one that is in no course. */
  @Transactional(readOnly = true)
  public @Nullable ExerciseKind kindOf(String exerciseId) {
    return placements.all().stream()
        .flatMap(placed -> placed.placement().exercise(exerciseId).stream())
        .map(Exercise::kind)
        .findFirst()
        .orElse(null);
  }

  private void fill(EntryEntity entity, EntryFields fields, EntryEntity.NameIds nameIds) {
    var entry = fields.toCore();
    entity.write(entry, nameIds);
    if (!Objects.equals(entity.exerciseId, entry.exerciseId().orElse(null))) {
      var found = entry.exerciseId().map(this::exercise);
      entity.exerciseId = entry.exerciseId().orElse(null);
      entity.placementId = found.map(f -> f.getKey().id()).orElse(null);
      entity.exerciseTitle = found.map(f -> f.getValue().title()).orElse(null);
      entity.secondsEach = found.map(f -> f.getValue().secondsEach()).orElse(null);
    }
  }

  /** Whether an entry says the same, in whatever spelling. */
  private boolean says(EntryEntity entity, EntryFields fields) {
    return same(entity.fields(names.names()), fields);
  }

  /** Whether two entries say the same, in whatever spelling. */
  @Transactional(readOnly = true)
  public boolean same(EntryFields a, EntryFields b) {
    return inPresentNames(a).equals(inPresentNames(b));
  }

  /** An entry with all its names as they are called now, so that equal ones are equal. */
  @Transactional(readOnly = true)
  public Entry inPresentNames(EntryFields fields) {
    return fields.toCore().called(names.names());
  }

  /** Which of these ids are taken. */
  @Transactional(readOnly = true)
  public Map<UUID, EntryFields> existing(Set<UUID> ids) {
    var known = names.names();
    var found = new HashMap<UUID, EntryFields>();
    var all = List.copyOf(ids);
    for (int from = 0; from < all.size(); from += ASKED_AT_ONCE) {
      var some = all.subList(from, Math.min(all.size(), from + ASKED_AT_ONCE));
      repository.findAllById(some).forEach(e -> found.put(e.id, e.fields(known)));
    }
    return found;
  }
}
