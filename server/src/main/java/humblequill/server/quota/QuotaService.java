package humblequill.server.quota;

import humblequill.core.care.Care;
import humblequill.core.plan.DayRoom;
import humblequill.core.quota.BrokenPromiseException;
import humblequill.core.quota.Counting;
import humblequill.core.quota.PaceEstimate;
import humblequill.core.quota.Promise;
import humblequill.core.quota.Quota;
import humblequill.core.quota.TimeLeft;
import humblequill.core.quota.Tracker;
import humblequill.core.quota.Worksheet;
import humblequill.server.edge.Refusal;
import humblequill.server.entry.PracticeDays;
import humblequill.server.settings.SettingsService;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
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
  private static final int DAYS_TO_ADD = 366;
  private static final int WEEK = 7;

  private final QuotaRepository repository;
  private final Prompts prompts;
  private final RuleAnswerRepository answers;
  private final QuotaCounts counts;
  private final QuotaViews views;
  private final QuotaTime time;
  private final SettingsService settings;
  private final PracticeDays days;
  private final Clock clock;

  QuotaService(
      QuotaRepository repository,
      Prompts prompts,
      RuleAnswerRepository answers,
      QuotaCounts counts,
      QuotaViews views,
      QuotaTime time,
      SettingsService settings,
      PracticeDays days,
      Clock clock) {
    this.repository = repository;
    this.prompts = prompts;
    this.answers = answers;
    this.counts = counts;
    this.views = views;
    this.time = time;
    this.settings = settings;
    this.days = days;
    this.clock = clock;
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
    var own =
        terms.unit() == Counting.Unit.MINUTES && terms.kind() != QuotaTerms.Kind.PROMPT_LIST
            ? new PaceEstimate(60, 0, 0)
            : PaceEstimate.of(
                counts.ownSeconds(quota, learner.today().minusYears(YEARS_OF_OWN_PACE)),
                terms.secondsEach());
    var span =
        Tracker.progress(quota, Map.of(), QuotaRooms.hasMinutes(learner), quota.promise().start());
    var taken = time.minutesWithout(changed, learner);
    var rooms = QuotaRooms.of(terms, learner, taken, span.from(), span.due());
    var after = span.due().plusDays(1);
    var next = QuotaRooms.of(terms, learner, taken, after, span.due().plusDays(DAYS_TO_ADD));
    var sheet = Worksheet.of(span.asked(), own.secondsEach(), rooms, next);
    int usual = Care.usualWeek(learner.today(), days.minutesByDay());
    int week =
        (int) Math.round(sheet.workSeconds() / 60.0 * Math.min(1, (double) WEEK / rooms.size()));
    int together = terms.beside() ? week + usual : Math.max(week, usual);
    int needed = (span.asked() + sheet.drawingDays() - 1) / Math.max(1, sheet.drawingDays());
    var drawingDays =
        rooms.stream()
            .map(DayRoom::date)
            .filter(date -> QuotaRooms.isDrawingDay(terms, learner, date))
            .map(
                date ->
                    new TimeLeft.Day(
                        learner.availability().minutesOn(date),
                        taken.applyAsInt(date),
                        time.minutes(quota.counting(), needed, own.secondsEach(), date, learner)))
            .toList();
    var left = TimeLeft.of(drawingDays);
    var day =
        new WorksheetView.DayLeft(
            left.available(),
            left.promised(),
            terms.beside() || !time.besideCourse() ? null : left.forCourse());
    return WorksheetView.of(
        sheet, span.asked(), span.due(), own, day, usual, week, Care.sudden(together, usual));
  }

  /** A promise begins about now: every day since is looked at whenever a day is planned. */
  private void checkStart(LocalDate start) {
    var today = settings.learner().today();
    if (start.isBefore(today.minusDays(Promise.MAX_DAYS))
        || start.isAfter(today.plusDays(Promise.MAX_DAYS))) {
      throw Refusal.badValue(
          "start", start, "A promise begins within three years of today, not on " + start + ".");
    }
  }

  private static Quota core(QuotaTerms terms) {
    try {
      return terms.toCore();
    } catch (BrokenPromiseException e) {
      throw Refusal.badValue(e.field(), e.value(), "Not kept: " + e.getMessage() + ".");
    }
  }

  /** All quotas: those that run first, then the newest. */
  @Transactional(readOnly = true)
  public List<QuotaView> all() {
    return views.all(settings.learner());
  }

  /** One quota. */
  @Transactional(readOnly = true)
  public QuotaView get(UUID id) {
    return all().stream()
        .filter(q -> q.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refusal.notFound("quota", id));
  }

  /** Makes a promise; the same id told twice makes one. */
  @Transactional
  public UUID create(UUID id, QuotaTerms terms, @Nullable UUID againOf) {
    core(terms);
    checkStart(terms.start());
    var document = QuotaCounts.JSON.writeValueAsString(terms);
    var existing = repository.findById(id);
    if (existing.isPresent()) {
      if (!existing.get().document.equals(document)) {
        throw Refusal.conflict("id-taken", "There is another quota with the id " + id + ".");
      }
      return id;
    }
    counts.changed();
    var entity = new QuotaEntity();
    entity.id = id;
    entity.document = document;
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
      throw Refusal.conflict("ended", "This quota is over; take it again instead.");
    }
    if (!terms.start().equals(entity.startDay)) {
      checkStart(terms.start());
    }
    counts.changed();
    entity.document = QuotaCounts.JSON.writeValueAsString(terms);
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
      counts.changed();
      entity.endedOn = day.isBefore(entity.startDay) ? entity.startDay : day;
      repository.saveAndFlush(entity);
    }
  }

  /** Goes on with a quota that was ended. */
  @Transactional
  public void goOn(UUID id, long version) {
    var entity = stored(id, version);
    counts.changed();
    entity.endedOn = null;
    repository.saveAndFlush(entity);
  }

  /** Keeps what was learned and which pages are the best. */
  @Transactional
  public void result(UUID id, long version, String learned, List<UUID> best) {
    var entity = stored(id, version);
    counts.changed();
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
        counts.all().stream().anyMatch(q -> q.id().equals(id) && q.byDay().containsKey(start));
    var terms =
        QuotaCounts.JSON
            .readValue(entity.document, QuotaTerms.class)
            .from(drawn ? start.plusDays(1) : start);
    boolean isNew = !repository.existsById(newId);
    create(newId, terms, id);
    if (isNew) {
      prompts.copy(id, newId);
    }
    return newId;
  }

  /** Removes a quota with its prompts and answers; the entries stay. */
  @Transactional
  public void remove(UUID id, long version) {
    var entity = repository.findById(id);
    if (entity.isEmpty()) {
      return;
    }
    stored(id, version);
    counts.changed();
    repository.findAll().stream().filter(q -> id.equals(q.againOf)).forEach(q -> q.againOf = null);
    prompts.removeAll(id);
    answers.deleteByQuotaId(id);
    repository.delete(entity.get());
    repository.flush();
  }

  /** Keeps whether a rule was kept in an entry. */
  @Transactional
  public void answer(UUID quotaId, UUID entryId, Quota.Rule rule, boolean kept) {
    if (!repository.existsById(quotaId)) {
      throw Refusal.notFound("quota", quotaId);
    }
    var entity =
        answers.findByEntryIdIn(List.of(entryId)).stream()
            .filter(a -> a.quotaId.equals(quotaId) && a.rule == rule)
            .findFirst()
            .orElseGet(RuleAnswerEntity::new);
    entity.quotaId = quotaId;
    entity.entryId = entryId;
    entity.rule = rule;
    entity.kept = kept;
    answers.saveAndFlush(entity);
  }

  private QuotaEntity stored(UUID id, long version) {
    var entity = repository.findById(id).orElseThrow(() -> Refusal.notFound("quota", id));
    if (!Objects.equals(entity.version, version)) {
      throw Refusal.stale("quota", get(id));
    }
    return entity;
  }
}
