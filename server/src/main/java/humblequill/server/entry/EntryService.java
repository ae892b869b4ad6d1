package humblequill.server.entry;

import humblequill.core.entry.Entry;
import humblequill.core.entry.PageSpan;
import humblequill.server.course.CourseService;
import humblequill.server.course.PlacedCourse;
import humblequill.server.edge.Refusal;
import humblequill.server.settings.SettingsService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the entries. */
@Service
public class EntryService {
  private static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);

  private final EntryRepository repository;
  private final CourseService courses;
  private final SettingsService settings;
  private final PracticeDays days;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  EntryService(
      EntryRepository repository,
      CourseService courses,
      SettingsService settings,
      PracticeDays days,
      Clock clock,
      ApplicationEventPublisher events) {
    this.repository = repository;
    this.courses = courses;
    this.settings = settings;
    this.days = days;
    this.clock = clock;
    this.events = events;
  }

  /** Entries that match, newest first. */
  @Transactional(readOnly = true)
  public EntryPage find(EntryFilter filter) {
    var text =
        filter.text() == null || filter.text().isBlank()
            ? null
            : "%" + escaped(filter.text().strip()) + "%";
    var page =
        repository.search(
            filter.from() == null ? LocalDate.of(1, 1, 1) : filter.from(),
            filter.to() == null ? LocalDate.of(9999, 12, 31) : filter.to(),
            filter.exercise(),
            filter.topic(),
            filter.medium(),
            filter.source(),
            text,
            PageRequest.of(filter.page(), filter.size()));
    return new EntryPage(
        page.map(EntryView::of).getContent(),
        page.getTotalElements(),
        filter.page(),
        filter.size());
  }

  private static String escaped(String text) {
    return text.toLowerCase(Locale.ROOT).replaceAll("([!%_])", "!$1");
  }

  /** One entry. */
  @Transactional(readOnly = true)
  public EntryView get(UUID id) {
    return EntryView.of(stored(id));
  }

  /** Entries of one day in the order they were drawn. */
  @Transactional(readOnly = true)
  public List<EntryView> on(LocalDate day) {
    return repository.findByPracticeDayOrderByTimeOfDayAscWrittenAtAsc(day).stream()
        .map(EntryView::of)
        .toList();
  }

  /** All entries, oldest first. */
  @Transactional(readOnly = true)
  public List<EntryView> all() {
    return repository.inOrder().stream().map(EntryView::of).toList();
  }

  /** The units done of each exercise, by date: drawings or minutes, whichever its target counts. */
  @Transactional(readOnly = true)
  public Map<String, Map<LocalDate, Integer>> unitsDone(
      PlacedCourse placed, Collection<String> exercises) {
    var done = new HashMap<String, Map<LocalDate, Integer>>();
    for (var d : repository.done(placed.id(), exercises)) {
      var exercise = placed.placement().exercise(d.exerciseId());
      if (exercise.isEmpty()) {
        continue;
      }
      int units =
          exercise
              .get()
              .unitsIn(Optional.ofNullable(d.drawings()), Optional.ofNullable(d.minutes()));
      done.computeIfAbsent(d.exerciseId(), e -> new HashMap<>())
          .merge(d.day(), units, Integer::sum);
    }
    return done;
  }

  /** Entries from a day on, in the order they were drawn. */
  @Transactional(readOnly = true)
  public List<EntryView> since(LocalDate from) {
    return repository
        .findByPracticeDayGreaterThanEqualOrderByPracticeDayAscTimeOfDayAscWrittenAtAsc(from)
        .stream()
        .map(EntryView::of)
        .toList();
  }

  /** The highest page that entries fill in a book, whatever the case of its name; 0 without one. */
  @Transactional(readOnly = true)
  public int lastPage(String book) {
    return repository.lastPage(book).orElse(0);
  }

  /** Minutes so far of each topic, by the names that entries and courses use. */
  @Transactional(readOnly = true)
  public Map<String, Integer> minutesByTopic() {
    var placed =
        courses.all().stream().collect(Collectors.toMap(PlacedCourse::id, Function.identity()));
    var minutes = new HashMap<String, Integer>();
    for (var sum : repository.minutesByExerciseAndTopic()) {
      var course = sum.placementId() == null ? null : placed.get(sum.placementId());
      var topics =
          sum.exerciseId() == null || course == null
              ? List.of(sum.topic() == null ? "" : sum.topic())
              : course.placement().topicsOf(sum.exerciseId());
      int seconds = Math.toIntExact(sum.seconds());
      topics.forEach(t -> minutes.merge(t, (seconds + 59) / 60, Integer::sum));
    }
    return minutes;
  }

  /** The outcome of a create: the same create told twice makes one entry. */
  public record Created(EntryView entry, boolean isNew) {}

  /** Stores a new entry under the client's id. */
  @Transactional
  public Created create(UUID id, EntryFields fields) {
    check(fields);
    var existing = repository.findById(id);
    if (existing.isPresent()) {
      var probe = new EntryEntity();
      fill(probe, fields);
      if (!same(existing.get(), probe)) {
        throw Refusal.conflict("id-taken", "There is another entry with the id " + id + ".");
      }
      return new Created(EntryView.of(existing.get()), false);
    }
    var entity = new EntryEntity();
    entity.id = id;
    fill(entity, fields);
    entity.writtenAt = clock.instant();
    touched(List.of(fields.day()));
    events.publishEvent(new EntryCreated(id));
    return new Created(EntryView.of(repository.saveAndFlush(entity)), true);
  }

  /** Stores entries that are known to be new and valid, in one transaction. */
  @Transactional
  public void createAll(Map<UUID, EntryFields> entries) {
    var touched = new ArrayList<LocalDate>();
    var now = clock.instant();
    var toSave = new ArrayList<EntryEntity>();
    entries.forEach(
        (id, fields) -> {
          check(fields);
          var entity = new EntryEntity();
          entity.id = id;
          fill(entity, fields);
          entity.writtenAt = now;
          touched.add(fields.day());
          toSave.add(entity);
        });
    repository.saveAllAndFlush(toSave);
    touched(touched);
  }

  /** Changes an entry, unless it was changed since the client read it. */
  @Transactional
  public EntryView update(UUID id, long version, EntryFields fields) {
    check(fields);
    var entity = stored(id);
    if (!Objects.equals(entity.version, version)) {
      throw Refusal.stale("entry", EntryView.of(entity));
    }
    touched(List.of(entity.practiceDay, fields.day()));
    fill(entity, fields);
    return EntryView.of(repository.saveAndFlush(entity));
  }

  /** Removes an entry; one that is gone already stays gone. */
  @Transactional
  public void delete(UUID id, long version) {
    var entity = repository.findById(id);
    if (entity.isEmpty()) {
      return;
    }
    if (!Objects.equals(entity.get().version, version)) {
      throw Refusal.stale("entry", EntryView.of(entity.get()));
    }
    touched(List.of(entity.get().practiceDay));
    events.publishEvent(new EntryRemoved(id));
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
      throw Refusal.badValue(
          "day", fields.day(), fields.day() + " lies ahead; an entry is for today or earlier.");
    }
    if (fields.day().isBefore(EARLIEST)) {
      throw Refusal.badValue("day", fields.day(), fields.day() + " is before 1900.");
    }
    if (fields.pageTo() != null && fields.pageFrom() == null) {
      throw Refusal.badValue("pageFrom", null, "A last page needs a first one.");
    }
    if (fields.pageTo() != null && fields.pageTo() < fields.pageFrom()) {
      throw Refusal.badValue(
          "pageTo",
          fields.pageTo(),
          "Page " + fields.pageTo() + " comes before page " + fields.pageFrom() + ".");
    }
    if (fields.exerciseId() != null) {
      exercise(fields.exerciseId());
    }
    try {
      toCore(fields);
    } catch (IllegalArgumentException e) {
      throw Refusal.badValue("entry", "", "Not kept: " + e.getMessage() + ".");
    }
  }

  private void touched(Collection<LocalDate> changed) {
    days.touched(changed);
    events.publishEvent(new EntriesChanged(List.copyOf(changed)));
  }

  private static Entry toCore(EntryFields f) {
    int to = f.pageTo() == null ? Objects.requireNonNullElse(f.pageFrom(), 1) : f.pageTo();
    return new Entry(
        f.day(),
        Optional.ofNullable(f.time()),
        text(f.exerciseId()),
        text(f.topic()),
        Optional.ofNullable(f.drawings()),
        Optional.ofNullable(f.minutes()),
        text(f.source()),
        text(f.medium()),
        text(f.resource()),
        text(f.book()),
        Optional.ofNullable(f.pageFrom()).map(from -> new PageSpan(from, to)),
        Optional.ofNullable(f.mark()),
        f.wentWrong().strip(),
        f.nextTime().strip(),
        f.note().strip());
  }

  private static Optional<String> text(@Nullable String text) {
    return Optional.ofNullable(text).map(String::strip).filter(t -> !t.isEmpty());
  }

  private EntryEntity stored(UUID id) {
    return repository.findById(id).orElseThrow(() -> Refusal.notFound("entry", id));
  }

  /** The exercise of the followed course, or of an earlier one. */
  private Map.Entry<PlacedCourse, humblequill.core.course.Exercise> exercise(String exerciseId) {
    var candidates = new ArrayList<>(courses.followed());
    candidates.addAll(courses.all());
    for (var placed : candidates) {
      var exercise = placed.placement().exercise(exerciseId);
      if (exercise.isPresent()) {
        return Map.entry(placed, exercise.get());
      }
    }
    throw Refusal.badValue(
        "exerciseId", exerciseId, "There is no exercise \"" + exerciseId + "\" in your course.");
  }

  private void fill(EntryEntity entity, EntryFields fields) {
    var entry = toCore(fields);
    entity.practiceDay = entry.day();
    entity.timeOfDay = entry.time().orElse(null);
    entity.topic = entry.topic().orElse(null);
    entity.drawings = entry.drawings().orElse(null);
    entity.minutes = entry.minutes().orElse(null);
    entity.source = entry.source().orElse(null);
    entity.medium = entry.medium().orElse(null);
    entity.resource = entry.resource().orElse(null);
    entity.book = entry.book().orElse(null);
    entity.pageFrom = entry.pages().map(PageSpan::from).orElse(null);
    entity.pageTo = entry.pages().map(PageSpan::to).orElse(null);
    entity.mark = entry.mark().orElse(null);
    entity.wentWrong = entry.wentWrong();
    entity.nextTime = entry.nextTime();
    entity.note = entry.note();
    entity.poses = fields.poses() == null ? "" : fields.poses().strip();
    if (!Objects.equals(entity.exerciseId, entry.exerciseId().orElse(null))) {
      var found = entry.exerciseId().map(this::exercise);
      entity.exerciseId = entry.exerciseId().orElse(null);
      entity.placementId = found.map(f -> f.getKey().id()).orElse(null);
      entity.exerciseTitle = found.map(f -> f.getValue().title()).orElse(null);
      entity.secondsEach = found.map(f -> f.getValue().secondsEach()).orElse(null);
    }
  }

  private static boolean same(EntryEntity a, EntryEntity b) {
    return fields(a).equals(fields(b));
  }

  /** An entry's fields as they would be written. */
  static EntryFields fields(EntryEntity e) {
    return new EntryFields(
        e.practiceDay,
        e.timeOfDay,
        e.exerciseId,
        e.topic,
        e.drawings,
        e.minutes,
        e.source,
        e.medium,
        e.resource,
        e.book,
        e.pageFrom,
        e.pageTo,
        e.mark,
        e.wentWrong,
        e.nextTime,
        e.note,
        e.poses.isEmpty() ? null : e.poses);
  }

  /** Which of these ids are taken. */
  @Transactional(readOnly = true)
  public Map<UUID, EntryFields> existing(Set<UUID> ids) {
    var found = new HashMap<UUID, EntryFields>();
    repository.findAllById(ids).forEach(e -> found.put(e.id, fields(e)));
    return found;
  }
}
