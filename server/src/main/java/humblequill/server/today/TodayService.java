package humblequill.server.today;

import humblequill.core.calendar.Pause;
import humblequill.core.calendar.Weeks;
import humblequill.core.care.Care;
import humblequill.core.course.Exercise;
import humblequill.core.plan.OpenWeek;
import humblequill.core.plan.Share;
import humblequill.server.course.CourseService;
import humblequill.server.course.PlacedCourse;
import humblequill.server.entry.EntryService;
import humblequill.server.entry.EntryView;
import humblequill.server.entry.PracticeDays;
import humblequill.server.plan.PlanService;
import humblequill.server.plan.RemediesView;
import humblequill.server.settings.SettingsService;
import humblequill.server.streak.StreakService;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Assembles today's page. */
@Service
class TodayService {
  private static final int WEEKS_OF_PEN_LINE = 12;

  private final SettingsService settings;
  private final CourseService courses;
  private final PlanService plans;
  private final EntryService entries;
  private final StreakService streaks;
  private final PracticeDays days;

  TodayService(
      SettingsService settings,
      CourseService courses,
      PlanService plans,
      EntryService entries,
      StreakService streaks,
      PracticeDays days) {
    this.settings = settings;
    this.courses = courses;
    this.plans = plans;
    this.entries = entries;
    this.streaks = streaks;
    this.days = days;
  }

  @Transactional(readOnly = true)
  TodayView today() {
    var learner = settings.learner();
    var today = learner.today();
    var room = learner.room(today);
    var placed = courses.current();
    var week = placed.flatMap(p -> plans.weekOn(p, today, learner));
    var outlook = week.map(w -> w.open().outlook());
    var shares = week.map(w -> shares(w, outlook.orElseThrow())).orElse(List.of());
    var drawn = entries.on(today);
    int plannedMinutes =
        minutes(outlook.flatMap(o -> o.on(today)).map(d -> d.plannedSeconds()).orElse(0));
    int drawnMinutes = drawn.stream().mapToInt(EntryView::minutesOrEstimate).sum();
    var weekStart = Weeks.startOf(today, learner.weekStart());
    return new TodayView(
        today,
        Weeks.isoNumber(today),
        learner.availability().isRest(today),
        learner.availability().pauseOn(today).map(Pause::reason).orElse(null),
        room.availableMinutes(),
        Math.min(room.availableMinutes(), room.overheadMinutes()),
        room.freeSeconds() / 60,
        plannedMinutes,
        placed.map(p -> state(p, week)).orElse(null),
        shares,
        week.map(w -> PlanService.shortfalls(w, outlook.orElseThrow())).orElse(List.of()),
        remedies(week, outlook),
        drawnMinutes,
        drawn.stream().mapToInt(e -> e.drawings() == null ? 0 : e.drawings()).sum(),
        drawn,
        streaks.own(learner),
        streaks.penLine(
            learner, weekStart.minusWeeks(WEEKS_OF_PEN_LINE - 1), weekStart.plusDays(6)),
        Care.on(
            today,
            Math.max(plannedMinutes, drawnMinutes),
            days.minutesByDay(),
            drawn.stream().map(EntryView::medium).filter(Objects::nonNull).toList()));
  }

  private static @Nullable RemediesView remedies(
      Optional<PlanService.PlannedWeek> week, Optional<OpenWeek.Outlook> outlook) {
    return outlook
        .flatMap(OpenWeek.Outlook::remedies)
        .map(r -> RemediesView.of(r, week.orElseThrow()))
        .orElse(null);
  }

  private static TodayView.CourseState state(
      PlacedCourse placed, Optional<PlanService.PlannedWeek> week) {
    var placement = placed.placement();
    return new TodayView.CourseState(
        placement.course().title(),
        week.map(w -> w.week().number()).orElse(null),
        placement.course().weeks().size(),
        week.map(w -> w.week().week().title()).orElse(""),
        week.map(w -> w.week().week().aim()).orElse(""),
        placement.start(),
        placement.end(),
        week.map(TodayService::isDone).orElse(false));
  }

  private static boolean isDone(PlanService.PlannedWeek week) {
    return week.open().works().stream()
        .allMatch(
            w ->
                week.open().done().getOrDefault(w.id(), Map.of()).values().stream()
                        .mapToInt(n -> n)
                        .sum()
                    >= w.quantity());
  }

  private static List<TodayView.ShareView> shares(
      PlanService.PlannedWeek week, OpenWeek.Outlook outlook) {
    var today = week.open().today();
    return outlook.on(today).stream()
        .flatMap(day -> day.shares().stream())
        .map(share -> view(share, week, outlook))
        .toList();
  }

  private static TodayView.ShareView view(
      Share share, PlanService.PlannedWeek week, OpenWeek.Outlook outlook) {
    Exercise e = week.exercise(share.exerciseId());
    int done = week.open().doneOn(e.id(), week.open().today());
    int left = Math.max(0, share.count() - done);
    var respread =
        outlook.respreads().stream().filter(r -> r.exerciseId().equals(e.id())).findFirst();
    return new TodayView.ShareView(
        e.id(),
        e.title(),
        e.kind(),
        e.target().unit(),
        e.secondsEach(),
        share.count(),
        done,
        left,
        Math.max(0, done - share.count()),
        minutes(share.seconds()),
        minutes(left * e.secondsEach()),
        e.source().orElse(null),
        e.text(),
        e.lookFor(),
        respread.map(OpenWeek.Respread::was).orElse(null),
        respread.map(OpenWeek.Respread::missed).orElse(null));
  }

  private static int minutes(int seconds) {
    return Math.round(seconds / 60f);
  }
}
