package humblequill.server.sitting;

import humblequill.core.cabinet.Reference;
import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.Step;
import humblequill.core.sitting.Timed;
import humblequill.server.data.Remembered;
import humblequill.server.edge.Refusal;
import humblequill.server.entry.EntryFields;
import humblequill.server.entry.EntryService;
import humblequill.server.reference.PictureFolder;
import humblequill.server.settings.SettingsService;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Runs sittings: one at a time, by the clock, and writes their entries at the end. */
@Service
public class SittingService {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final int MINUTE = 60_000;

  private final SittingRepository repository;
  private final SittingSettingsRepository settingsRepository;
  private final EntryService entries;
  private final PictureFolder folder;
  private final SettingsService settings;
  private final Clock clock;
  private final Remembered<Optional<UUID>> open = new Remembered<>();
  private final Remembered<SittingSettings> own = new Remembered<>();

  SittingService(
      SittingRepository repository,
      SittingSettingsRepository settingsRepository,
      EntryService entries,
      PictureFolder folder,
      SettingsService settings,
      Clock clock) {
    this.repository = repository;
    this.settingsRepository = settingsRepository;
    this.entries = entries;
    this.folder = folder;
    this.settings = settings;
    this.clock = clock;
  }

  /** How sittings run. */
  @Transactional(readOnly = true)
  public SittingSettings readSettings() {
    return own.get(this::storedSettings);
  }

  private SittingSettings storedSettings() {
    var e =
        settingsRepository
            .findById(SittingSettingsEntity.ONLY)
            .orElseGet(SittingSettingsEntity::new);
    return new SittingSettings(e.breakEveryMinutes, e.breakMinutes, e.sound, e.flash);
  }

  @Transactional
  SittingSettings writeSettings(SittingSettings wanted) {
    var e =
        settingsRepository
            .findById(SittingSettingsEntity.ONLY)
            .orElseGet(SittingSettingsEntity::new);
    own.changed();
    e.breakEveryMinutes = wanted.breakEveryMinutes();
    e.breakMinutes = wanted.breakMinutes();
    e.sound = wanted.sound();
    e.flash = wanted.flash();
    settingsRepository.saveAndFlush(e);
    return wanted;
  }

  @Transactional(readOnly = true)
  Ladder ladder(SittingPlan plan) {
    return plan.ladder(readSettings());
  }

  /** Begins a sitting; the same id told twice begins one. */
  @Transactional
  void begin(BegunSitting begun) {
    if (repository.existsById(begun.id())) {
      return;
    }
    settle();
    var running = repository.findByEndedAtIsNull();
    if (!running.isEmpty()) {
      throw Refusal.conflict(
          "sitting-open", "There is a sitting under way; finish it before another one begins.");
    }
    if (begun.exerciseId() == null && (begun.topic() == null || begun.topic().isBlank())) {
      throw Refusal.badValue("topic", "", "A sitting has an exercise or a topic.");
    }
    if (begun.references() == BegunSitting.References.CABINET && begun.cabinet() == null) {
      throw Refusal.badValue("cabinet", "", "The cabinet needs to know what to show.");
    }
    var ladder = ladder(begun.plan());
    open.changed();
    var entity = new SittingEntity();
    entity.id = begun.id();
    entity.practiceDay = settings.learner().today();
    entity.startedAt = now();
    entity.begun = JSON.writeValueAsString(begun);
    entity.steps = JSON.writeValueAsString(ladder.steps());
    entity.events = "[]";
    entries.check(fields(begun, entity, 1, 1, ""));
    repository.saveAndFlush(entity);
  }

  private Instant now() {
    return clock.instant().truncatedTo(ChronoUnit.MILLIS);
  }

  /** The sitting under way. */
  @Transactional(readOnly = true)
  Optional<SittingView> current() {
    return open.get(() -> repository.findByEndedAtIsNull().stream().findFirst().map(s -> s.id))
        .flatMap(repository::findById)
        .map(this::view);
  }

  @Transactional(readOnly = true)
  SittingView get(UUID id) {
    return view(stored(id));
  }

  /**
   * Takes what was pressed.
   *
   * @param known how many presses the client knows of; a press that was taken already changes
   *     nothing
   */
  @Transactional
  void press(UUID id, Timed.Press press, int known) {
    var entity = stored(id);
    var events = events(entity);
    if (entity.endedAt != null || events.size() != known) {
      return;
    }
    events.add(new Timed.Event(press, now()));
    entity.events = JSON.writeValueAsString(events);
    repository.saveAndFlush(entity);
    close(entity);
  }

  /** Ends sittings whose time is over and writes their entries. */
  @Transactional
  public void settle() {
    open.get(() -> repository.findByEndedAtIsNull().stream().findFirst().map(s -> s.id))
        .flatMap(repository::findById)
        .ifPresent(this::close);
  }

  /** Forgets a sitting that is under way: nothing is logged. */
  @Transactional
  void discard(UUID id) {
    repository
        .findById(id)
        .filter(s -> s.endedAt == null)
        .ifPresent(
            s -> {
              open.changed();
              repository.delete(s);
            });
  }

  private void close(SittingEntity entity) {
    var timed = timed(entity);
    if (!timed.over() || entity.endedAt != null) {
      return;
    }
    open.changed();
    var begun = begun(entity);
    entity.endedAt = timed.endedAt();
    int minutes = Math.round((float) timed.workMillis() / MINUTE);
    if (!timed.drawn().isEmpty() || minutes > 0) {
      entries.create(
          entity.id,
          fields(begun, entity, timed.drawn().size(), Math.max(1, minutes), poses(timed)));
      entity.entryId = entity.id;
    }
    repository.saveAndFlush(entity);
  }

  private EntryFields fields(
      BegunSitting begun, SittingEntity entity, int drawings, int minutes, String poses) {
    boolean counted = !begun.timeOnly() && drawings > 0;
    return new EntryFields(
        entity.practiceDay,
        LocalTime.ofInstant(entity.startedAt, settings.learner().clock().zone())
            .truncatedTo(ChronoUnit.MINUTES),
        begun.exerciseId(),
        begun.exerciseId() == null ? begun.topic() : null,
        counted ? drawings : null,
        minutes,
        begun.source(),
        begun.medium(),
        null,
        null,
        null,
        null,
        null,
        "",
        "",
        begun.aim().isBlank() ? "" : "Aim: " + begun.aim().strip(),
        begun.timeOnly() ? null : poses);
  }

  /** Lengths and counts, as in {@code 10 x 30 s, 4 x 2 min}. */
  private static String poses(Timed timed) {
    return timed.countByLength().entrySet().stream()
        .map(e -> e.getValue() + " x " + length(e.getKey()))
        .collect(Collectors.joining(", "));
  }

  private static String length(int seconds) {
    if (seconds < 60) {
      return seconds + " s";
    }
    return seconds % 60 == 0
        ? seconds / 60 + " min"
        : seconds / 60 + ":" + String.format(java.util.Locale.ROOT, "%02d", seconds % 60) + " min";
  }

  private SittingEntity stored(UUID id) {
    return repository.findById(id).orElseThrow(() -> Refusal.notFound("sitting", id));
  }

  private static BegunSitting begun(SittingEntity entity) {
    return JSON.readValue(entity.begun, BegunSitting.class);
  }

  private static Ladder ladder(SittingEntity entity) {
    return new Ladder(JSON.readValue(entity.steps, new TypeReference<List<Step>>() {}));
  }

  private static List<Timed.Event> events(SittingEntity entity) {
    return new ArrayList<>(
        JSON.readValue(entity.events, new TypeReference<List<Timed.Event>>() {}));
  }

  private Timed timed(SittingEntity entity) {
    return Timed.at(ladder(entity), entity.startedAt, events(entity), now());
  }

  private SittingView view(SittingEntity entity) {
    var begun = begun(entity);
    var ladder = ladder(entity);
    var events = events(entity);
    var now = now();
    var timed = Timed.at(ladder, entity.startedAt, events, now);
    var own = readSettings();
    return new SittingView(
        entity.id,
        entity.practiceDay,
        begun.title(),
        begun.aim(),
        begun.drill(),
        now.toEpochMilli(),
        ladder.steps().stream()
            .map(
                s ->
                    new SittingView.StepView(
                        s.kind(),
                        s.seconds(),
                        s.drawing(),
                        s.part(),
                        s.kind().shows(),
                        s.kind().draws()))
            .toList(),
        timed.step(),
        timed.leftMillis(),
        ahead(begun, ladder, timed),
        timed.paused(),
        timed.over(),
        ladder.drawings(),
        timed.drawn().size(),
        timed.skipped(),
        events.size(),
        Math.round((float) timed.workMillis() / MINUTE),
        timed.over() ? poses(timed) : "",
        entity.entryId,
        own.sound(),
        own.flash());
  }

  private List<SittingView.Ahead> ahead(BegunSitting begun, Ladder ladder, Timed timed) {
    var ahead = new ArrayList<SittingView.Ahead>();
    var pictures =
        begun.references() == BegunSitting.References.FOLDER
            ? folder.shuffled(begun.seed())
            : List.<UUID>of();
    long ends = timed.stepEnds().toEpochMilli();
    int reference = timed.reference();
    var steps = ladder.steps();
    for (int i = timed.step(); i < steps.size(); i++) {
      var step = steps.get(i);
      ends += i == timed.step() ? 0 : step.seconds() * 1000L;
      boolean rests = step.kind() == Step.Kind.BREAK;
      ahead.add(new SittingView.Ahead(i, ends, rests ? null : picture(begun, pictures, reference)));
      boolean last = i + 1 == steps.size() || steps.get(i + 1).drawing() != step.drawing();
      reference += !rests && last ? 1 : 0;
    }
    return ahead;
  }

  private static @Nullable String picture(BegunSitting begun, List<UUID> pictures, int reference) {
    return switch (begun.references()) {
      case NONE -> null;
      case CABINET ->
          "/api/cabinet/picture.svg?seed=%d&kind=%s&foreshortening=%s"
              .formatted(
                  begun.seed() + reference,
                  begun.cabinet(),
                  Objects.requireNonNullElse(begun.foreshortening(), Reference.Foreshortening.ANY));
      case FOLDER ->
          pictures.isEmpty()
              ? null
              : "/api/references/pictures/" + pictures.get(reference % pictures.size());
    };
  }
}
