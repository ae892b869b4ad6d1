package humblequill.server.promise;

import humblequill.core.day.care.Care;
import humblequill.core.ground.message.Message;
import humblequill.core.promise.Account;
import humblequill.core.promise.BrokenPromiseException;
import humblequill.core.promise.Counting;
import humblequill.core.promise.PaceEstimate;
import humblequill.core.promise.Promise;
import humblequill.core.promise.PromiseTime;
import humblequill.core.promise.Quota;
import humblequill.core.promise.TakenMinutes;
import humblequill.core.promise.TimeLeft;
import humblequill.core.promise.Worksheet;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the quotas and works out whether they can be kept. */
@Service
public class QuotaService {
  private static final int YEARS_OF_OWN_PACE = 2;

  private final QuotaRepository repository;
  private final Prompts prompts;
  private final QuotaAccounts accounts;
  private final QuotaViews views;
  private final QuotaTime time;
  private final SettingsService settings;
  private final EntryLedger ledger;
  private final NameService names;
  private final Clock clock;

  QuotaService(
      QuotaRepository repository,
      Prompts prompts,
      QuotaAccounts accounts,
      QuotaViews views,
      QuotaTime time,
      SettingsService settings,
      EntryLedger ledger,
      NameService names,
      Clock clock) {
    this.repository = repository;
    this.prompts = prompts;
    this.accounts = accounts;
    this.views = views;
    this.time = time;
    this.settings = settings;
    this.ledger = ledger;
    this.names = names;
    this.clock = clock;
  }

  /** How forecasts of all promises held so far. */
  @Transactional(readOnly = true)
  public ForecastsHeld forecasts() {
    return ForecastsHeld.of(views.forecastRecord(settings.learner()));
  }

  /**
   * Can it be done? Nothing is kept.
   *
   * @param changed the quota whose terms these are to be; null for a new one
   */
  @Transactional(readOnly = true)
  public WorksheetView worksheet(QuotaTerms terms, @Nullable UUID changed) {
    var learner = settings.learner();
    var quota = core(terms);
    checkStart(terms.start());
    var pace = pace(quota, learner);
    var day = time.dayWithout(changed, learner);
    var sheet = Worksheet.of(quota, pace.secondsEach(), learner.drawingDays(), day);
    int usual = Care.usualWeek(learner.today(), ledger.read().minutes());
    boolean sudden = Care.suddenWith(sheet.weekMinutes(), usual, terms.beside());
    return WorksheetView.of(sheet, pace, left(quota, sheet, pace, day, learner), usual, sudden);
  }

  /**
   * How long one unit takes by all own entries of that work, or else of the same topic and length.
   * What just anything took tells nothing of it.
   */
  private PaceEstimate pace(Quota quota, Learner learner) {
    if (quota.counting().unit() == Counting.Unit.MINUTES) {
      return PaceEstimate.ofMinutes();
    }
    if (!quota.counting().namesTheWork()) {
      return quota.pace(List.of());
    }
    var lately = ledger.read().since(learner.today().minusYears(YEARS_OF_OWN_PACE));
    var own = Account.secondsAUnit(quota.counting(), lately);
    return quota.pace(
        own.isEmpty() ? Account.secondsOfAlike(quota, time.topicsAskedFor(quota), lately) : own);
  }

  /** What becomes of the minutes of its drawing days. */
  private WorksheetView.DayLeft left(
      Quota quota, Worksheet sheet, PaceEstimate pace, PromiseTime.Day day, Learner learner) {
    var days =
        quota
            .drawingDays(learner.drawingDays())
            .between(quota.promise().start(), sheet.due())
            .stream()
            .map(
                date ->
                    new TimeLeft.Day(
                        learner.availability().minutesOn(date),
                        day.taken().applyAsInt(date),
                        TakenMinutes.of(
                            quota.counting(),
                            sheet.evenPerDay(),
                            pace.secondsEach(),
                            time.courseOn(date, learner))))
            .toList();
    var left = TimeLeft.of(days);
    var own = quota.time();
    boolean course = !own.beside() && time.besideCourse();
    return new WorksheetView.DayLeft(
        left.available(),
        left.promised(),
        !own.beside() && left.isOver(own.minutesADay().orElse(0)),
        course ? left.forCourse() : null);
  }

  /** A promise begins about now: every day since is looked at whenever a day is planned. */
  private void checkStart(LocalDate start) {
    var today = settings.learner().today();
    if (start.isBefore(today.minusDays(Promise.MAX_DAYS))
        || start.isAfter(today.plusDays(Promise.MAX_DAYS))) {
      throw Refusal.badValue("start", start, Message.of("promise.startWithin", "start", start));
    }
  }

  private Quota core(QuotaTerms terms) {
    try {
      return terms.toCore(names.names());
    } catch (BrokenPromiseException e) {
      throw Refusal.badValue(
          e.field(), e.value(), Message.of("ground.notKept", "why", Message.why(e)));
    }
  }

  /** All quotas in short: those that run first, then the newest. */
  @Transactional(readOnly = true)
  public List<QuotaLine> all() {
    return views.all(settings.learner());
  }

  /** One quota. */
  @Transactional(readOnly = true)
  public QuotaView get(UUID id) {
    return views.one(id, settings.learner()).orElseThrow(() -> Refusal.notFound("quota", id));
  }

  /** Makes a promise; the same id told twice makes one. */
  @Transactional
  public UUID create(UUID id, QuotaTerms terms, @Nullable UUID againOf) {
    core(terms);
    checkStart(terms.start());
    return create(id, StoredQuota.of(terms, names), againOf);
  }

  private UUID create(UUID id, StoredQuota terms, @Nullable UUID againOf) {
    var existing = repository.findById(id);
    if (existing.isPresent()) {
      if (!StoredQuota.read(existing.get().document).equals(terms)) {
        throw Refusal.conflict("id-taken", Message.of("promise.idTaken", "id", id));
      }
      return id;
    }
    var entity = new QuotaEntity();
    entity.id = id;
    entity.document = terms.written();
    entity.startDay = terms.start();
    entity.againOf = againOf;
    entity.madeAt = clock.instant();
    repository.saveAndFlush(entity);
    return id;
  }

  /** Changes a promise that is under way. */
  @Transactional
  public void change(UUID id, long version, QuotaTerms terms) {
    core(terms);
    var entity = stored(id, version);
    if (entity.endedOn != null) {
      throw Refusal.conflict("ended", Message.of("promise.quotaOver"));
    }
    if (!terms.start().equals(entity.startDay)) {
      checkStart(terms.start());
    }
    entity.document = StoredQuota.of(terms, names).written();
    entity.startDay = terms.start();
    repository.saveAndFlush(entity);
  }

  /** Ends a quota today; its record stays. */
  @Transactional
  public void end(UUID id, long version) {
    stored(id, version);
    endOn(id, settings.learner().today());
  }

  /** Ends a quota on a day; one that is over already stays as it ended. */
  @Transactional
  public void endOn(UUID id, LocalDate day) {
    var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("quota", id));
    if (entity.endedOn == null) {
      entity.endedOn = day.isBefore(entity.startDay) ? entity.startDay : day;
      repository.saveAndFlush(entity);
    }
  }

  /** Goes on with a quota that was ended. */
  @Transactional
  public void goOn(UUID id, long version) {
    var entity = stored(id, version);
    entity.endedOn = null;
    repository.saveAndFlush(entity);
  }

  /** Keeps what was learned and which pages are the best. */
  @Transactional
  public void result(UUID id, long version, String learned, List<UUID> best) {
    var entity = stored(id, version);
    entity.learned = learned.strip();
    entity.best = best.stream().distinct().map(UUID::toString).collect(Collectors.joining(" "));
    repository.saveAndFlush(entity);
  }

  /**
   * Takes a promise again from a day on: the same terms, the same prompts. What was drawn on that
   * day for the time before does not count twice; then it begins the day after.
   */
  @Transactional
  public UUID again(UUID id, UUID newId, LocalDate start) {
    var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("quota", id));
    boolean drawn =
        accounts.all().stream().anyMatch(q -> q.id().equals(id) && q.account().byDay().has(start));
    var terms = StoredQuota.read(entity.document).from(drawn ? start.plusDays(1) : start);
    checkStart(terms.start());
    boolean isNew = !repository.existsById(newId);
    create(newId, terms, id);
    if (isNew) {
      prompts.copy(id, newId);
    }
    return newId;
  }

  /** Removes a quota with its prompts; the entries stay. */
  @Transactional
  public void remove(UUID id, long version) {
    var entity = repository.findById(id);
    if (entity.isEmpty()) {
      return;
    }
    stored(id, version);
    repository.findAll().stream().filter(q -> id.equals(q.againOf)).forEach(q -> q.againOf = null);
    prompts.removeAll(id);
    repository.delete(entity.get());
    repository.flush();
  }

  private QuotaEntity stored(UUID id, long version) {
    var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("quota", id));
    if (!Objects.equals(entity.version, version)) {
      throw Refusal.stale("quota", get(id));
    }
    return entity;
  }
}
