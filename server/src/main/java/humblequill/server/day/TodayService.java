package humblequill.server.day;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.plan.DayPlan;
import humblequill.core.course.plan.OpenWeek;
import humblequill.core.course.plan.Share;
import humblequill.core.day.care.Care;
import humblequill.core.ground.calendar.Pause;
import humblequill.core.ground.calendar.Weeks;
import humblequill.server.book.BookRules;
import humblequill.server.book.piece.PieceService;
import humblequill.server.book.rule.OpenRule;
import humblequill.server.book.rule.RuleAnswers;
import humblequill.server.course.plan.PlanService;
import humblequill.server.course.plan.RemediesView;
import humblequill.server.course.plan.ShortfallView;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.day.entry.EntryService;
import humblequill.server.day.entry.EntryView;
import humblequill.server.day.entry.LookFor;
import humblequill.server.day.streak.StreakService;
import humblequill.server.ground.backup.CopyKeeper;
import humblequill.server.ground.data.Disk;
import humblequill.server.ground.data.NotKept;
import humblequill.server.ground.name.NameService;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.promise.QuotasToday;
import humblequill.server.sitting.SittingService;
import humblequill.server.topic.coverage.TopicsToday;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Assembles today's page. */
@Service
class TodayService {
  private static final int WEEKS_OF_PEN_LINE = 12;

  private final SettingsService settings;
  private final PlanService plans;
  private final EntryService entries;
  private final StreakService streaks;
  private final EntryLedger ledger;
  private final QuotasToday quotas;
  private final BookRules bookRules;
  private final PieceService pieces;
  private final TopicsToday topics;
  private final LookFor lookFor;
  private final RuleAnswers rules;
  private final SittingService sittings;
  private final NameService names;
  private final CopyKeeper copies;
  private final Disk disk;

  TodayService(
      SettingsService settings,
      PlanService plans,
      EntryService entries,
      StreakService streaks,
      EntryLedger ledger,
      QuotasToday quotas,
      BookRules bookRules,
      PieceService pieces,
      TopicsToday topics,
      LookFor lookFor,
      RuleAnswers rules,
      SittingService sittings,
      NameService names,
      CopyKeeper copies,
      Disk disk) {
    this.copies = copies;
    this.disk = disk;
    this.names = names;
    this.sittings = sittings;
    this.quotas = quotas;
    this.bookRules = bookRules;
    this.pieces = pieces;
    this.topics = topics;
    this.lookFor = lookFor;
    this.rules = rules;
    this.settings = settings;
    this.plans = plans;
    this.entries = entries;
    this.streaks = streaks;
    this.ledger = ledger;
  }

  @Transactional(readOnly = true)
  TodayView today() {
    var learner = settings.learner();
    var today = learner.today();
    var room = learner.room(today);
    var planning = plans.planning(learner);
    var weeks = plans.weeksOn(planning, today);
    var outlooks = weeks.stream().map(w -> w.open().outlook()).toList();
    var drawn = entries.on(today);
    var asked = quotas.on(learner, weeks, outlooks);
    int plannedMinutes =
        minutes(
                outlooks.stream()
                    .flatMap(o -> o.on(today).stream())
                    .mapToInt(DayPlan::plannedSeconds)
                    .sum())
            + asked.stream().mapToInt(QuotasToday.QuotaToday::minutes).sum();
    int drawnMinutes = drawn.stream().mapToInt(EntryView::minutesOrEstimate).sum();
    var weekStart = Weeks.startOf(today, learner.weekStart());
    int over = Math.max(0, plannedMinutes - room.availableMinutes());
    boolean promised = asked.stream().anyMatch(q -> q.minutes() > 0);
    var course = PlacedCourse.inFrontFirst(planning.followed(), today).stream().findFirst();
    return new TodayView(
        today,
        Weeks.isoNumber(today),
        learner.availability().isRest(today),
        learner.availability().pauseOn(today).map(Pause::reason).orElse(null),
        room.availableMinutes(),
        Math.min(room.availableMinutes(), room.overheadMinutes()),
        room.freeSeconds() / 60,
        plannedMinutes,
        over,
        course.map(p -> state(p, weekOf(p, weeks), over > 0 && promised)).orElse(null),
        shares(weeks, outlooks),
        appointments(planning, today),
        shortfalls(weeks, outlooks),
        remedies(weeks, outlooks),
        weeks.stream().anyMatch(w -> w.week().closed().contains(today)),
        drawnMinutes,
        drawn.stream()
            .mapToInt(e -> e.fields().drawings() == null ? 0 : e.fields().drawings())
            .sum(),
        drawn,
        streaks.own(learner),
        streaks.penLine(
            learner, weekStart.minusWeeks(WEEKS_OF_PEN_LINE - 1), weekStart.plusDays(6)),
        Care.on(
            today,
            Math.max(plannedMinutes, drawnMinutes),
            sittings.readSettings().breakEveryMinutes(),
            ledger.read().minutes(),
            media(today)),
        asked,
        openRules(learner),
        lookFor.open(drawn),
        pieces.underWay(),
        topics.on(learner),
        copies.behind(today).orElse(null),
        disk.refusal().map(NotKept::reason).orElse(null));
  }

  /** What was drawn with on a day, and whether it was in the weeks before as well. */
  private List<Care.Medium> media(LocalDate day) {
    var known = names.names();
    var drawn = ledger.read();
    var before =
        drawn.between(Care.comparedFrom(day), day.minusDays(1)).stream()
            .flatMap(d -> d.medium().stream())
            .collect(Collectors.toSet());
    return drawn.between(day, day).stream()
        .flatMap(d -> d.medium().stream())
        .distinct()
        .map(m -> new Care.Medium(known.propertiesOf(m), before.contains(m)))
        .toList();
  }

  private static Optional<PlanService.PlannedWeek> weekOf(
      PlacedCourse placed, List<PlanService.PlannedWeek> weeks) {
    return weeks.stream().filter(w -> w.placed().id().equals(placed.id())).findFirst();
  }

  private static List<TodayView.AppointmentToday> appointments(
      PlanService.Planning planning, LocalDate today) {
    return planning.appointments().on(today).stream()
        .map(a -> new TodayView.AppointmentToday(a.title(), a.start(), a.minutes()))
        .toList();
  }

  private static List<ShortfallView> shortfalls(
      List<PlanService.PlannedWeek> weeks, List<OpenWeek.Outlook> outlooks) {
    var all = new ArrayList<ShortfallView>();
    for (int i = 0; i < weeks.size(); i++) {
      all.addAll(PlanService.shortfalls(weeks.get(i), outlooks.get(i)));
    }
    return all;
  }

  /** Of the first course that needs any; the Course page shows those of each. */
  private static @Nullable RemediesView remedies(
      List<PlanService.PlannedWeek> weeks, List<OpenWeek.Outlook> outlooks) {
    for (int i = 0; i < weeks.size(); i++) {
      var remedies = PlanService.remedies(weeks.get(i), outlooks.get(i));
      if (remedies.isPresent()) {
        return remedies.get();
      }
    }
    return null;
  }

  private static TodayView.CourseState state(
      PlacedCourse placed, Optional<PlanService.PlannedWeek> week, boolean crowded) {
    var placement = placed.placement();
    return new TodayView.CourseState(
        placed.id(),
        week.map(w -> w.week().key()).orElse(null),
        crowded && week.filter(w -> asksToday(w.open())).isPresent(),
        placement.course().title(),
        week.flatMap(w -> w.week().number()).orElse(null),
        placement.course().weeks().size(),
        week.map(w -> w.week().week().title()).orElse(""),
        week.map(w -> w.week().week().aim()).orElse(""),
        placement.start(),
        placement.end(),
        week.map(w -> w.open().isDone()).orElse(false));
  }

  private static boolean asksToday(OpenWeek open) {
    return open.outlook().on(open.today()).filter(day -> day.plannedSeconds() > 0).isPresent();
  }

  private static List<TodayView.ShareView> shares(
      List<PlanService.PlannedWeek> weeks, List<OpenWeek.Outlook> outlooks) {
    var all = new ArrayList<TodayView.ShareView>();
    for (int i = 0; i < weeks.size(); i++) {
      var week = weeks.get(i);
      var outlook = outlooks.get(i);
      var plan = outlook.on(week.open().today());
      var course = weeks.size() > 1 ? week.placed().placement().course().title() : "";
      plan.ifPresent(
          day -> {
            Stream.concat(day.shares().stream(), day.appointed().stream())
                .map(Share::exerciseId)
                .distinct()
                .forEach(id -> all.add(view(id, day, week, outlook, course)));
          });
    }
    return all;
  }

  private static TodayView.ShareView view(
      String exerciseId,
      DayPlan day,
      PlanService.PlannedWeek week,
      OpenWeek.Outlook outlook,
      String course) {
    Exercise e = week.exercise(exerciseId);
    int count = day.countOf(exerciseId);
    int appointed =
        day.appointed().stream()
            .filter(s -> s.exerciseId().equals(exerciseId))
            .mapToInt(Share::count)
            .sum();
    int done = week.open().doneOn(e.id(), week.open().today());
    int left = Math.max(0, count - done);
    var respread =
        outlook.respreads().stream().filter(r -> r.exerciseId().equals(e.id())).findFirst();
    return new TodayView.ShareView(
        e.id(),
        e.title(),
        course,
        week.placed().placement().topicsOf(e.id()),
        appointed,
        e.kind(),
        e.target().unit(),
        e.secondsEach(),
        count,
        done,
        left,
        Math.max(0, done - count),
        minutes(count * e.secondsEach()),
        minutes(left * e.secondsEach()),
        e.source().orElse(null),
        e.resource().orElse(null),
        e.text(),
        e.lookFor(),
        week.open().done().of(e.id()).total() > 0,
        respread.map(OpenWeek.Respread::was).orElse(null),
        respread.map(OpenWeek.Respread::missed).orElse(null));
  }

  private static int minutes(int seconds) {
    return Math.round(seconds / 60f);
  }

  private List<OpenRule> openRules(Learner learner) {
    var wishes = new ArrayList<>(quotas.wishes(learner));
    wishes.addAll(bookRules.wishes(learner.today()));
    return rules.open(learner.today(), wishes);
  }
}
