package humblequill.server.promise;

import humblequill.core.course.plan.OpenWeek;
import humblequill.core.day.entry.Tally;
import humblequill.core.promise.BroughtAlong;
import humblequill.core.promise.Forecast;
import humblequill.core.promise.ForecastRecord;
import humblequill.core.promise.Outcome;
import humblequill.core.promise.PaceEstimate;
import humblequill.core.promise.Progress;
import humblequill.core.promise.QuotaRecord;
import humblequill.core.promise.Worksheet;
import humblequill.server.book.rule.RuleAnswers;
import humblequill.server.course.plan.PlanService;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.Learner;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows promises: how they stand, how they will go, what they came to. */
@Component
class QuotaViews {
  private static final int WEEK = 7;
  private static final int MINUTE = 60;

  private final QuotaAccounts accounts;
  private final RuleAnswers answers;
  private final PlanService plans;
  private final QuotaTime time;
  private final NameService names;
  private final Derived<ForecastRecord> record = new Derived<>();
  private final Map<UUID, Held> heldOf = new ConcurrentHashMap<>();

  /** What follows from a promise and its entries, and takes long to work out. */
  private static final class Held {
    private final Derived<Progress> progress = new Derived<>();
    private final Derived<QuotaRecord> record = new Derived<>();
    private final Derived<Double> unitsADay = new Derived<>();
    private final Derived<Forecast> forecast = new Derived<>();
  }

  QuotaViews(
      QuotaAccounts accounts,
      RuleAnswers answers,
      PlanService plans,
      QuotaTime time,
      NameService names) {
    this.accounts = accounts;
    this.answers = answers;
    this.plans = plans;
    this.time = time;
    this.names = names;
  }

  /** All promises in short: those that run first, then the newest. */
  List<QuotaLine> all(Learner learner) {
    var quotas = accounts.all();
    if (quotas.isEmpty()) {
      return List.of();
    }
    heldOf.keySet().retainAll(quotas.stream().map(QuotaAccounts.Counted::id).toList());
    var course = courseToday(learner);
    var lines = new ArrayList<QuotaLine>();
    for (var q : quotas) {
      lines.add(line(q, standing(q, quotas, course, learner), learner));
    }
    Collections.reverse(lines);
    lines.sort(Comparator.comparing(v -> v.outcome() != Outcome.RUNNING));
    return lines;
  }

  /** One promise with all of it. */
  Optional<QuotaView> one(UUID id, Learner learner) {
    var quotas = accounts.all();
    return quotas.stream()
        .filter(q -> q.id().equals(id))
        .findFirst()
        .map(q -> view(q, standing(q, quotas, courseToday(learner), learner), learner));
  }

  private List<BroughtAlong.Portion> courseToday(Learner learner) {
    var weeks = plans.weeksOn(plans.planning(learner), learner.today());
    return courseToday(weeks, weeks.stream().map(w -> w.open().outlook()).toList());
  }

  /** What is left of today's shares for the courses. */
  static List<BroughtAlong.Portion> courseToday(
      List<PlanService.PlannedWeek> weeks, List<OpenWeek.Outlook> outlooks) {
    var portions = new ArrayList<BroughtAlong.Portion>();
    for (int i = 0; i < weeks.size(); i++) {
      var week = weeks.get(i);
      portions.addAll(BroughtAlong.ofDay(week.week(), week.open(), outlooks.get(i)));
    }
    return portions;
  }

  /**
   * How a promise stands.
   *
   * @param before the time before, when it is taken again
   */
  private record Standing(
      Progress progress,
      PaceEstimate pace,
      Outcome outcome,
      QuotaAccounts.@Nullable Counted before) {}

  private Standing standing(
      QuotaAccounts.Counted q,
      List<QuotaAccounts.Counted> all,
      List<BroughtAlong.Portion> course,
      Learner learner) {
    var account = q.account();
    var progress =
        held(q.id())
            .progress
            .get(List.of(q, learner.today(), learner.availability()), () -> q.progress(learner))
            .servedBy(BroughtAlong.units(account.quota().counting(), course));
    var before = all.stream().filter(o -> o.id().equals(q.againOf())).findFirst();
    return new Standing(progress, account.pace(), account.outcome(progress), before.orElse(null));
  }

  private QuotaLine line(QuotaAccounts.Counted q, Standing standing, Learner learner) {
    boolean runs = standing.outcome() == Outcome.RUNNING;
    var sums =
        runs
            ? new QuotaLine.Sums(standing.progress().asked(), standing.progress().done())
            : sums(record(q, learner));
    return new QuotaLine(
        q.id(),
        q.version(),
        q.terms(),
        standing.outcome(),
        q.endedOn(),
        figures(
            standing.progress(),
            standing.pace().secondsEach(),
            learner,
            runs ? q.account().curve(standing.progress(), learner.today()) : List.of()),
        runs ? forecast(q, standing.progress(), standing.before(), learner) : null,
        sums);
  }

  private QuotaRecord record(QuotaAccounts.Counted q, Learner learner) {
    return held(q.id())
        .record
        .get(
            List.of(q, learner.today(), learner.availability()),
            () -> q.account().record(learner.drawingDays(), learner.today()));
  }

  private static QuotaLine.Sums sums(QuotaRecord record) {
    return new QuotaLine.Sums(record.asked(), record.done());
  }

  private QuotaView view(QuotaAccounts.Counted q, Standing standing, Learner learner) {
    var account = q.account();
    var today = learner.today();
    var progress = standing.progress();
    var pace = standing.pace();
    var before = standing.before();
    return new QuotaView(
        q.id(),
        q.version(),
        q.terms(),
        standing.outcome(),
        figures(progress, pace.secondsEach(), learner, account.curve(progress, today)),
        standing.outcome() == Outcome.RUNNING ? forecast(q, progress, before, learner) : null,
        pace.secondsEach(),
        pace.entries(),
        record(q, learner),
        before == null ? null : record(before, learner),
        q.againOf(),
        q.endedOn(),
        q.learned(),
        q.best(),
        entries(q),
        prompts(q),
        q.nextPage(),
        answers.kept().counts(account));
  }

  /** How forecasts of all promises held so far. */
  ForecastRecord forecastRecord(Learner learner) {
    var all = accounts.all();
    return record.get(
        List.of(all, learner.today(), learner.availability()),
        () ->
            all.stream()
                .filter(q -> q.account().quota().promise().dated())
                .map(q -> ForecastRecord.of(q.account(), learner.drawingDays(), learner.today()))
                .reduce(ForecastRecord.NONE, ForecastRecord::plus));
  }

  private Forecast forecast(
      QuotaAccounts.Counted q,
      Progress progress,
      QuotaAccounts.@Nullable Counted before,
      Learner learner) {
    var account = q.account();
    var days = account.quota().drawingDays(learner.drawingDays());
    var today = learner.today();
    var held = held(q.id());
    var restsOn = new ArrayList<Object>(time.restsOn(learner));
    restsOn.add(q);
    double holds = held.unitsADay.get(restsOn, () -> unitsADay(q, progress, learner));
    return held.forecast.get(
        List.of(q, accounts.all(), today, learner.availability(), progress.day().served(), holds),
        () -> {
          var earlier = before == null ? Tally.NONE : before.progress(learner).before().daily();
          return Forecast.of(
              progress,
              new Forecast.Known(
                  earlier.plus(account.daysBefore(progress.from(), learner.drawingDays())),
                  days,
                  today,
                  !account.quota().promise().weekly(),
                  account.quota().promise().dated(),
                  holds));
        });
  }

  /** What a day to come holds of what is promised. */
  private double unitsADay(QuotaAccounts.Counted q, Progress progress, Learner learner) {
    var quota = q.account().quota();
    var days = quota.drawingDays(learner.drawingDays());
    var today = learner.today();
    var from = progress.from().isAfter(today) ? progress.from() : today;
    var due = progress.due().isBefore(from) ? from.plusDays(WEEK - 1) : progress.due();
    var rooms =
        quota.time().rooms(days, time.dayWithout(q.id(), learner), from, due).stream()
            .filter(room -> days.test(room.date()))
            .toList();
    // Nothing that is drawn today may change what the days to come are taken for.
    return Worksheet.unitsADay(rooms, q.account().before(today).pace().secondsEach());
  }

  private Held held(UUID id) {
    return heldOf.computeIfAbsent(id, made -> new Held());
  }

  static int minutes(int units, int secondsEach) {
    return Math.round(units * (float) secondsEach / MINUTE);
  }

  private static QuotaView.ProgressView figures(
      Progress p, int secondsEach, Learner learner, List<Integer> curve) {
    int needed = (p.neededPerDay() * secondsEach + MINUTE - 1) / MINUTE;
    return new QuotaView.ProgressView(
        p.from(),
        p.due(),
        p.asked(),
        p.done(),
        p.left(),
        p.daysLeft(),
        p.today(),
        p.doneToday(),
        p.day().served(),
        p.leftToday(),
        p.bonusToday(),
        minutes(p.leftToday(), secondsEach),
        p.neededPerDay(),
        p.left() == 0 ? 0 : needed + learner.work().overheadMinutes(),
        p.before().pace(),
        p.before().planned(),
        p.span().missed(),
        p.number().orElse(null),
        p.total(),
        p.weeks().stream()
            .map(w -> new QuotaView.ProgressView.WeekDone(w.from(), w.target(), w.done(), w.met()))
            .toList(),
        curve);
  }

  private static List<QuotaView.CountedEntry> entries(QuotaAccounts.Counted q) {
    var counting = q.account().quota().counting();
    var list =
        new ArrayList<>(
            q.account().matching().stream()
                .map(
                    d ->
                        new QuotaView.CountedEntry(
                            d.entry(),
                            d.day(),
                            d.called(),
                            counting.unitsIn(d),
                            d.minutes().minutes(),
                            d.mark() == 0 ? null : d.mark()))
                .toList());
    Collections.reverse(list);
    return list;
  }

  private static List<QuotaView.PromptView> prompts(QuotaAccounts.Counted q) {
    if (q.terms().kind() != QuotaTerms.Kind.PROMPT_LIST) {
      return List.of();
    }
    return q.prompts().stream()
        .map(
            p -> new QuotaView.PromptView(p.id(), p.words(), p.chosen(), p.doneOn(), p.developed()))
        .toList();
  }

  /** What running promises want of their entries. */
  List<RuleAnswers.Wish> wishes(Learner learner) {
    return accounts.all().stream()
        .filter(q -> !q.account().quota().rules().isEmpty())
        .filter(q -> q.account().runs(q.progress(learner)))
        .map(
            q ->
                new RuleAnswers.Wish(
                    q.terms().title(), q.account().quota().rules(), q.account().matching()))
        .toList();
  }
}
