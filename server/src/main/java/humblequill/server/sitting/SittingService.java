package humblequill.server.sitting;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Poses;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.Units;
import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Name;
import humblequill.core.sitting.Ladder;
import humblequill.core.sitting.SetUp;
import humblequill.core.sitting.Timed;
import humblequill.server.day.entry.EntryCreated;
import humblequill.server.day.entry.EntryFields;
import humblequill.server.day.entry.EntryRemoved;
import humblequill.server.day.entry.EntryService;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.name.NameUses;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.promise.Prompts;
import humblequill.server.promise.PromptsInWords;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Runs sittings: one at a time, by the clock, and writes their entries at the end. */
@Service
public class SittingService implements NameUses {
  private static final int MINUTE = 60_000;

  private final SittingRepository repository;
  private final SittingSettingsRepository settingsRepository;
  private final EntryService entries;
  private final Prompts prompts;
  private final SittingViews views;
  private final SettingsService settings;
  private final SetUpOfSittings setUp;
  private final WarmUpSittings warmUps;
  private final PastSittings past;
  private final Clock clock;
  private final NameService names;
  private final Remembered<Optional<UUID>> open;

  SittingService(
      SittingRepository repository,
      SittingSettingsRepository settingsRepository,
      EntryService entries,
      Prompts prompts,
      SittingViews views,
      SettingsService settings,
      SetUpOfSittings setUp,
      WarmUpSittings warmUps,
      PastSittings past,
      NameService names,
      Memory memory,
      Clock clock) {
    this.names = names;
    this.open =
        memory.remember(
            "which sitting is under way", SittingEntity.class, SittingSettingsEntity.class);
    this.repository = repository;
    this.settingsRepository = settingsRepository;
    this.entries = entries;
    this.prompts = prompts;
    this.views = views;
    this.settings = settings;
    this.setUp = setUp;
    this.warmUps = warmUps;
    this.past = past;
    this.clock = clock;
  }

  /** How sittings run. */
  @Transactional(readOnly = true)
  public SittingSettings readSettings() {
    return storedSettings();
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
      throw Refusal.conflict("sitting-open", Message.of("sitting.underWay"));
    }
    if (begun.exerciseId() != null && begun.exerciseId().isBlank()) {
      throw Refusal.badValue("exerciseId", "", Message.of("sitting.exerciseWithoutName"));
    }
    if (begun.exerciseId() == null && (begun.topic() == null || begun.topic().isBlank())) {
      throw Refusal.badValue("topic", "", Message.of("sitting.nothingToDraw"));
    }
    if (begun.references() == BegunSitting.References.CABINET && begun.cabinet() == null) {
      throw Refusal.badValue("cabinet", "", Message.of("sitting.nothingToShow"));
    }
    var ladder = ladder(begun.plan());
    var entity = new SittingEntity();
    entity.id = begun.id();
    entity.practiceDay = settings.learner().today();
    entity.startedAt = now();
    entity.write(StoredSitting.of(begun, names));
    entity.write(ladder);
    int drawings = Math.max(1, ladder.drawings());
    checkPages(begun, drawings);
    entries.check(fields(begun, entity, drawings, 1, Poses.NONE));
    repository.saveAndFlush(entity);
  }

  private static void checkPages(BegunSitting begun, int drawings) {
    if (begun.page() != null && begun.page() + drawings - 1 > PageSpan.MAX_PAGE) {
      throw Refusal.badValue(
          "page",
          begun.page(),
          Message.of(
              "sitting.pagesPastBook",
              "drawings",
              drawings,
              "page",
              begun.page(),
              "last",
              PageSpan.MAX_PAGE));
    }
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

  /** What the last sitting began with that was neither for a share nor for a promise. */
  @Transactional(readOnly = true)
  Optional<BegunSitting> lastFree() {
    return repository.findTop50ByOrderByStartedAtDesc().stream()
        .filter(s -> Boolean.TRUE.equals(s.begun().free()))
        .map(this::begun)
        .findFirst();
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
    var events = entity.events();
    if (entity.endedAt != null || events.size() != known) {
      return;
    }
    events.add(new Timed.Event(press, now()));
    entity.write(events);
    repository.saveAndFlush(entity);
    close(entity);
  }

  /** Ends sittings whose time is over and writes their entries. */
  @Transactional
  public void settle() {
    underWay().flatMap(repository::findById).ifPresent(this::close);
  }

  /** Which sitting is under way. */
  public Optional<UUID> underWay() {
    return open.get(() -> repository.findByEndedAtIsNull().stream().findFirst().map(s -> s.id));
  }

  /** Forgets a sitting that is under way: nothing is logged. */
  @Transactional
  void discard(UUID id) {
    repository
        .findById(id)
        .filter(s -> s.endedAt == null)
        .ifPresent(
            s -> {
              repository.delete(s);
            });
  }

  private void close(SittingEntity entity) {
    var timed = timed(entity);
    if (!timed.over() || entity.endedAt != null) {
      return;
    }
    var begun = begun(entity);
    entity.endedAt = timed.endedAt();
    int minutes = Math.round((float) timed.workMillis() / MINUTE);
    if (!timed.drawn().isEmpty() || minutes > 0) {
      int counted = Math.min(Entry.MAX_MINUTES, Math.max(1, minutes));
      var poses = timed.poses();
      var logged = takable(begun, fields(begun, entity, timed.drawn().size(), counted, poses));
      entries.create(entity.id, logged);
      entity.entryId = entity.id;
      views.drawnFrom(entity.begun(), timed.drawn().size());
      entity.setUpMinutes =
          SetUp.measured(entity.startedAt, timed, warmUps.holds(entity.begun(), logged.day()))
              .orElse(null);
      entity.practiceDay = logged.day();
      if (!timed.drawn().isEmpty()) {
        prompts.draw(begun.promptId(), entity.practiceDay);
      }
    }
    repository.saveAndFlush(entity);
  }

  /** What setting up costs on a drawing day, as far as sittings told it. */
  @Transactional(readOnly = true)
  SetUp setUp() {
    return setUp.of(settings.read().work().overheadMinutes());
  }

  /** Tells what a sitting cost beside drawing, where the clock could not know. */
  @Transactional
  void tellSetUp(UUID id, int minutes) {
    var entity = stored(id);
    entity.setUpMinutes = minutes;
    repository.saveAndFlush(entity);
  }

  /** Tells how a sitting felt, once it is over. */
  @Transactional
  void tellFelt(UUID id, @Nullable Integer energy, @Nullable Integer was) {
    var entity = stored(id);
    if (entity.endedAt == null) {
      throw Refusal.conflict("sitting-open", Message.of("sitting.feelingTooEarly"));
    }
    entity.energyAfter = energy;
    entity.howItWas = was;
    repository.saveAndFlush(entity);
  }

  /** What was told before when sittings began. */
  @Transactional(readOnly = true)
  SittingHabits told() {
    return past.habits();
  }

  /** The entry of a sitting takes the tick of its prompt along when it goes, and brings it back. */
  @EventListener
  void removed(EntryRemoved event) {
    repository
        .findById(event.id())
        .ifPresent(s -> prompts.undraw(s.begun().prompt(), s.practiceDay));
  }

  @EventListener
  void created(EntryCreated event) {
    repository
        .findById(event.id())
        .filter(s -> s.entryId != null && !timed(s).drawn().isEmpty())
        .ifPresent(s -> prompts.draw(s.begun().prompt(), s.practiceDay));
  }

  /**
   * What was drawn is logged in any case: on today, should the clock's zone have been moved back
   * meanwhile, and under its title, should its exercise be gone.
   */
  private EntryFields takable(BegunSitting begun, EntryFields fields) {
    var today = settings.learner().today();
    var onDay = fields.day().isAfter(today) ? fields.on(today) : fields;
    try {
      entries.check(onDay);
      return onDay;
    } catch (Refusal gone) {
      var title = begun.title().strip();
      return onDay.underTopic(title.substring(0, Math.min(Name.MAX_TEXT, title.length())));
    }
  }

  private EntryFields fields(
      BegunSitting begun, SittingEntity entity, int drawings, int minutes, Poses poses) {
    boolean counted = !begun.timeOnly() && drawings > 0;
    var pages = counted && begun.page() != null ? PageSpan.filledBy(begun.page(), drawings) : null;
    var draft = new EntryDraft(entity.practiceDay);
    draft.time =
        Optional.ofNullable(
            LocalTime.ofInstant(entity.startedAt, settings.learner().clock().zone())
                .truncatedTo(ChronoUnit.MINUTES));
    draft.exerciseId = Optional.ofNullable(begun.exerciseId());
    draft.topic = Optional.ofNullable(begun.exerciseId() == null ? begun.topic() : null);
    draft.drawings = Optional.ofNullable(counted ? drawings : null);
    draft.minutes = Optional.ofNullable(minutes);
    draft.source = Optional.ofNullable(begun.source());
    draft.medium = Optional.ofNullable(begun.medium());
    draft.book = Optional.ofNullable(begun.book());
    draft.pages = Optional.ofNullable(pages);
    draft.resource = Optional.ofNullable(begun.resource());
    draft.study = study(begun, drawings);
    draft.poses = begun.timeOnly() ? Poses.NONE : poses;
    draft.note = note(begun);
    return EntryFields.of(draft);
  }

  /** Attempted first only where the drawing after the solution was made too. */
  private static Study study(BegunSitting begun, int drawings) {
    var units =
        begun.unit() == null || begun.unitFrom() == null
            ? Optional.<Units>empty()
            : Optional.of(new Units(begun.unit(), begun.unitFrom(), begun.unitFrom()));
    boolean attempted = begun.plan().kind() == SittingPlan.Kind.ATTEMPT_FIRST && drawings > 0;
    return new Study(
        units,
        attempted ? Optional.of(HowUsed.ATTEMPTED_FIRST) : Optional.empty(),
        List.of(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private BegunSitting begun(SittingEntity entity) {
    return entity.begun().toBegun(entity.id, names.names());
  }

  private static String note(BegunSitting begun) {
    var aim = begun.aim().isBlank() ? "" : "Aim: " + begun.aim().strip();
    return begun.promptId() == null ? aim : PromptsInWords.note(begun.title().strip(), aim);
  }

  private SittingView view(SittingEntity entity) {
    return views.view(entity, now(), readSettings());
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Long> uses() {
    return repository.findAll().stream()
        .flatMap(s -> s.begun().names())
        .collect(Collectors.groupingBy(id -> id, Collectors.counting()));
  }

  private SittingEntity stored(UUID id) {
    return repository.findById(id).orElseThrow(() -> Refusal.notFound("sitting", id));
  }

  private Timed timed(SittingEntity entity) {
    return Timed.at(entity.ladder(), entity.startedAt, entity.events(), now());
  }
}
