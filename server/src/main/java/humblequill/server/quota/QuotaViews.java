package humblequill.server.quota;

import humblequill.core.course.Exercise;
import humblequill.core.plan.OpenWeek;
import humblequill.core.quota.Counting;
import humblequill.core.quota.Forecast;
import humblequill.core.quota.Progress;
import humblequill.core.quota.Quota;
import humblequill.core.quota.Run;
import humblequill.core.quota.Worksheet;
import humblequill.server.entry.EntryView;
import humblequill.server.plan.PlanService;
import humblequill.server.settings.Learner;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows quotas: how they stand, how they will go, what they came to. */
@Component
class QuotaViews {
  private static final int WEEK = 7;

  private final QuotaCounts counts;
  private final PromptRepository prompts;
  private final RuleAnswerRepository answers;
  private final PlanService plans;
  private final QuotaTime time;

  QuotaViews(
      QuotaCounts counts,
      PromptRepository prompts,
      RuleAnswerRepository answers,
      PlanService plans,
      QuotaTime time) {
    this.time = time;
    this.counts = counts;
    this.prompts = prompts;
    this.answers = answers;
    this.plans = plans;
  }

  List<QuotaView> all(Learner learner) {
    var quotas = counts.all();
    if (quotas.isEmpty()) {
      return List.of();
    }
    var weeks = plans.weeksOn(plans.planning(learner), learner.today());
    var outlooks = weeks.stream().map(w -> w.open().outlook()).toList();
    var views =
        new ArrayList<>(
            quotas.stream()
                .map(q -> view(q, quotas, served(q, weeks, outlooks, learner), learner))
                .toList());
    Collections.reverse(views);
    views.sort(Comparator.comparing(v -> v.outcome() != QuotaView.Outcome.RUNNING));
    return views;
  }

  /** Units of today's course shares that count for a quota as well. */
  static int served(
      QuotaCounts.Counted q,
      List<PlanService.PlannedWeek> weeks,
      List<OpenWeek.Outlook> outlooks,
      Learner learner) {
    int units = 0;
    for (int i = 0; i < weeks.size(); i++) {
      var week = weeks.get(i);
      var day = outlooks.get(i).on(learner.today());
      if (day.isEmpty()) {
        continue;
      }
      for (var share : day.get().shares()) {
        var exercise = week.exercise(share.exerciseId());
        var topics = new HashSet<>(week.week().week().topicsOf(exercise));
        int left = Math.max(0, share.count() - week.open().doneOn(exercise.id(), learner.today()));
        if (q.quota().counting().servedBy(exercise.id(), topics, exercise.source())) {
          units += units(q.quota().counting().unit(), exercise, left);
        }
      }
    }
    return units;
  }

  private static int units(Counting.Unit unit, Exercise exercise, int count) {
    boolean drawings = exercise.target().unit() == Exercise.Unit.DRAWINGS;
    if (unit == Counting.Unit.MINUTES) {
      return drawings ? count * exercise.secondsEach() / 60 : count;
    }
    return drawings ? count : 0;
  }

  private QuotaView view(
      QuotaCounts.Counted q, List<QuotaCounts.Counted> all, int served, Learner learner) {
    var progress = q.progress(learner).servedBy(served);
    var pace = q.pace();
    var outcome = outcome(q, progress);
    var before = all.stream().filter(o -> o.id().equals(q.againOf())).findFirst();
    var earlier = new ArrayList<Integer>();
    before.ifPresent(b -> earlier.addAll(b.progress(learner).daily().values()));
    earlier.addAll(q.daysBefore(progress.from(), learner));
    return new QuotaView(
        q.id(),
        q.version(),
        q.terms(),
        outcome,
        figures(progress, pace.secondsEach(), learner, curve(q, progress, learner)),
        outcome == QuotaView.Outcome.RUNNING ? forecast(q, progress, earlier, learner) : null,
        pace.secondsEach(),
        pace.entries(),
        run(q, learner),
        before.map(b -> run(b, learner)).orElse(null),
        q.againOf(),
        q.endedOn(),
        q.learned(),
        q.best(),
        entries(q),
        prompts(q),
        q.nextPage(),
        kept(q));
  }

  private Forecast forecast(
      QuotaCounts.Counted q, Progress progress, List<Integer> earlier, Learner learner) {
    var taken = time.minutesWithout(q.id(), learner);
    var today = learner.today();
    var from = progress.from().isAfter(today) ? progress.from() : today;
    var due = progress.due().isBefore(from) ? from.plusDays(WEEK - 1) : progress.due();
    var drawingDay = q.drawingDay(learner);
    var rooms =
        QuotaRooms.of(q.terms(), learner, taken, from, due).stream()
            .filter(room -> drawingDay.test(room.date()))
            .toList();
    double holds = Worksheet.unitsADay(rooms, q.pace().secondsEach());
    return Forecast.of(progress, earlier, drawingDay, today, !q.weekly(), holds);
  }

  static QuotaView.Outcome outcome(QuotaCounts.Counted q, Progress progress) {
    if (q.runs(progress)) {
      return QuotaView.Outcome.RUNNING;
    }
    if (q.weekly() ? q.endedOn() == null : progress.reached()) {
      return QuotaView.Outcome.FINISHED;
    }
    return q.endedOn() != null && !q.endedOn().isAfter(progress.due())
        ? QuotaView.Outcome.STOPPED
        : QuotaView.Outcome.RUN_OUT;
  }

  static QuotaView.ProgressView figures(
      Progress p, int secondsEach, Learner learner, List<Integer> curve) {
    int leftToday = Math.max(0, p.today() - p.doneToday() - p.served());
    return new QuotaView.ProgressView(
        p.from(),
        p.due(),
        p.asked(),
        p.done(),
        p.left(),
        p.daysLeft(),
        p.today(),
        p.doneToday(),
        p.served(),
        p.bonusToday(),
        Math.round(leftToday * secondsEach / 60f),
        p.neededPerDay(),
        p.left() == 0 ? 0 : (p.neededPerDay() * secondsEach + 59) / 60 + learner.overheadMinutes(),
        p.pace(),
        p.planned(),
        p.missed(),
        p.page().orElse(null),
        p.total(),
        p.weeks().stream()
            .map(w -> new QuotaView.ProgressView.WeekDone(w.from(), w.target(), w.done(), w.met()))
            .toList(),
        curve);
  }

  /** Today is left out until something was drawn, since the forecast begins with it. */
  private static List<Integer> curve(QuotaCounts.Counted q, Progress p, Learner learner) {
    var last = p.doneToday() > 0 ? learner.today() : learner.today().minusDays(1);
    var end = last.isAfter(p.due()) ? p.due() : last;
    return Run.of(
            q.byDay().entrySet().stream()
                .map(e -> new Run.Part(e.getKey(), e.getValue(), 0, 0))
                .toList(),
            p.asked(),
            p.from(),
            end)
        .curve();
  }

  private static Run run(QuotaCounts.Counted q, Learner learner) {
    var end = Optional.ofNullable(q.endedOn()).orElse(learner.today());
    var due = q.progress(learner).due();
    boolean dated = q.terms().due() != null || q.terms().days() != null;
    var last = dated && due.isBefore(end) ? due : end;
    var start = q.terms().start();
    int asked = q.progress(learner).asked();
    if (q.terms().kind() == QuotaTerms.Kind.PROMPT_LIST) {
      var parts =
          q.byDay().entrySet().stream()
              .map(e -> new Run.Part(e.getKey(), e.getValue(), 0, 0))
              .toList();
      return Run.of(parts, asked, start, last);
    }
    return Run.of(q.parts(), asked, start, last.isBefore(start) ? start : last);
  }

  private static List<QuotaView.CountedEntry> entries(QuotaCounts.Counted q) {
    var list = new ArrayList<QuotaView.CountedEntry>();
    for (int i = q.matching().size() - 1; i >= 0; i--) {
      var e = q.matching().get(i);
      list.add(
          new QuotaView.CountedEntry(
              e.id(), e.day(), name(e), q.parts().get(i).units(), e.minutesOrEstimate(), e.mark()));
    }
    return list;
  }

  private static String name(EntryView e) {
    if (e.exerciseTitle() != null) {
      return e.exerciseTitle();
    }
    return e.topic() == null ? e.note() : e.topic();
  }

  private List<QuotaView.PromptView> prompts(QuotaCounts.Counted q) {
    if (q.terms().kind() != QuotaTerms.Kind.PROMPT_LIST) {
      return List.of();
    }
    return prompts.findByQuotaIdOrderByPositionAsc(q.id()).stream()
        .map(p -> new QuotaView.PromptView(p.id, p.words, p.chosen, p.doneOn, p.developed))
        .toList();
  }

  /** Answers given, and what entries tell by themselves. */
  private Map<Quota.Rule, QuotaView.KeptRule> kept(QuotaCounts.Counted q) {
    var kept = new EnumMap<Quota.Rule, QuotaView.KeptRule>(Quota.Rule.class);
    if (q.quota().rules().isEmpty()) {
      return kept;
    }
    var given = answers.findByQuotaId(q.id());
    for (var rule : q.quota().rules()) {
      int yes = 0;
      int no = 0;
      for (var e : q.matching()) {
        var answer =
            given.stream()
                .filter(a -> a.rule == rule && a.entryId.equals(e.id()))
                .map(a -> a.kept)
                .findFirst()
                .or(() -> Optional.ofNullable(told(rule, e)));
        if (answer.isPresent()) {
          yes += answer.get() ? 1 : 0;
          no += answer.get() ? 0 : 1;
        }
      }
      kept.put(rule, new QuotaView.KeptRule(yes, no));
    }
    return kept;
  }

  /** What an entry tells of a rule by itself; null where it has to be asked. */
  static @Nullable Boolean told(Quota.Rule rule, EntryView e) {
    return switch (rule) {
      case PEN_ONLY ->
          e.medium() == null ? null : e.medium().contains("pen") && !e.medium().contains("pencil");
      case FROM_LIFE -> e.source() == null ? null : e.source().equals("life");
      case NO_ERASER, FINISH_EVERY_PAGE -> null;
    };
  }

  /** Rules of running quotas that today's entries leave open. */
  List<OpenRule> asked(LocalDate day, Learner learner) {
    var running =
        counts.all().stream()
            .filter(q -> !q.quota().rules().isEmpty() && q.runs(q.progress(learner)))
            .toList();
    var ids = new ArrayList<UUID>();
    running.forEach(
        q -> q.matching().stream().filter(e -> e.day().equals(day)).forEach(e -> ids.add(e.id())));
    if (ids.isEmpty()) {
      return List.of();
    }
    var given = answers.findByEntryIdIn(ids);
    var asked = new ArrayList<OpenRule>();
    for (var q : running) {
      for (var e : q.matching()) {
        for (var rule : Quota.Rule.values()) {
          boolean open =
              e.day().equals(day)
                  && q.quota().rules().contains(rule)
                  && told(rule, e) == null
                  && given.stream()
                      .noneMatch(
                          a ->
                              a.quotaId.equals(q.id())
                                  && a.entryId.equals(e.id())
                                  && a.rule == rule);
          if (open) {
            asked.add(new OpenRule(q.id(), q.terms().title(), e.id(), name(e), rule));
          }
        }
      }
    }
    return asked;
  }
}
