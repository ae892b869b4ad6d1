package humblequill.server.course.plan;

import humblequill.core.course.ExerciseKind;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.Redraws;
import humblequill.core.course.plan.Prerequisites;
import humblequill.core.day.entry.Done;
import humblequill.core.ground.message.Message;
import humblequill.server.course.CourseWeeks;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.settings.SettingsService;
import humblequill.server.topic.TopicService;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows a followed course: its ruler, one week, remarks and pairs. */
@Service
class CourseViews {
  private static final int WEEKS_OF_REMARKS = 3;

  private final PlacementService placements;
  private final CourseWeeks library;
  private final PlanService plans;
  private final EntryLedger ledger;
  private final TopicService topics;
  private final SettingsService settings;

  CourseViews(
      PlacementService placements,
      CourseWeeks library,
      PlanService plans,
      EntryLedger ledger,
      TopicService topics,
      SettingsService settings) {
    this.placements = placements;
    this.library = library;
    this.plans = plans;
    this.ledger = ledger;
    this.topics = topics;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  CourseView course(@Nullable UUID placement, @Nullable String weekKey) {
    var learner = settings.learner();
    var planning = plans.planning(learner);
    if (planning.followed().isEmpty()) {
      return CourseView.none(learner.today());
    }
    var followed = PlacedCourse.inFrontFirst(planning.followed(), learner.today());
    var placed = placement == null ? followed.get(0) : placements.need(placement);
    var plan = placed.placement();
    var done = plans.done(placed);
    var shown = plans.planned(planning, placed, shown(plan, weekKey, learner.today()));
    var clashes =
        planning
            .appointments()
            .clashes(shown.week().from(), shown.week().to(), learner.availability());
    return new CourseView(
        placed(placed, planning, learner.today()),
        followed.stream()
            .map(
                p ->
                    new CourseView.Followed(
                        p.id(), p.placement().course().title(), p.side(), p.weight()))
            .toList(),
        ruler(plan, done, learner.today()),
        WeekTable.of(shown, planning.appointments(), clashes),
        exercises(planning.followed(), learner.today()),
        remarks(placed, learner.today()),
        pairs(plan, done),
        learner.today());
  }

  private static PlacedWeek shown(Placement plan, @Nullable String key, LocalDate today) {
    if (key != null) {
      return plan.week(key)
          .orElseThrow(
              () -> Refusal.badValue("week", key, Message.of("course.noWeek", "week", key)));
    }
    return plan.weekOn(today)
        .orElseGet(
            () ->
                today.isBefore(plan.start())
                    ? plan.weeks().get(0)
                    : plan.weeks().get(plan.weeks().size() - 1));
  }

  private CourseView.Placed placed(
      PlacedCourse placed, PlanService.Planning planning, LocalDate today) {
    var plan = placed.placement();
    var current = plan.weekOn(today);
    return new CourseView.Placed(
        placed.id(),
        plan.course().id(),
        plan.course().title(),
        plan.course().summary(),
        plan.course().weeks().size(),
        plan.start(),
        plan.end(),
        current.flatMap(PlacedWeek::number).orElse(null),
        current.map(PlacedWeek::key).orElse(null),
        placed.side(),
        placed.weight(),
        plan.policy(),
        current
            .map(w -> List.copyOf(plans.planned(planning, placed, w).open().missedDays()))
            .orElse(List.of()));
  }

  private static List<CourseView.NamedExercise> exercises(
      List<PlacedCourse> followed, LocalDate today) {
    return followed.stream()
        .flatMap(
            p ->
                p.placement().weeks().stream()
                    .flatMap(
                        w ->
                            w.week().exercises().stream()
                                .map(
                                    e ->
                                        new CourseView.NamedExercise(
                                            e.id(),
                                            e.title(),
                                            p.id(),
                                            p.placement().course().title(),
                                            w.key(),
                                            w.week().title(),
                                            w.contains(today)))))
        .toList();
  }

  private static List<CourseView.RulerWeek> ruler(Placement plan, Done done, LocalDate today) {
    return plan.weeks().stream()
        .map(
            w ->
                new CourseView.RulerWeek(
                    w.key(),
                    w.number().orElse(null),
                    w.role(),
                    w.week().title(),
                    w.from(),
                    w.to(),
                    w.days(),
                    w.untilDone(),
                    w.week().doneShare(done),
                    Math.max(0, Math.min(w.days(), today.toEpochDay() - w.from().toEpochDay()))
                        / (double) w.days(),
                    w.week().exercises().stream()
                        .anyMatch(e -> e.kind() == ExerciseKind.CHECKPOINT)))
        .toList();
  }

  private List<CourseView.Remark> remarks(PlacedCourse placed, LocalDate today) {
    var graph = topics.graph();
    return Prerequisites.untouched(
            placed.placement(), graph, ledger.read(), today, WEEKS_OF_REMARKS)
        .stream()
        .map(
            u -> {
              var found = library.about(u.need(), placed.placement().course().id());
              return new CourseView.Remark(
                  u.weekKey(),
                  placed.placement().week(u.weekKey()).flatMap(PlacedWeek::number).orElse(null),
                  u.topic(),
                  u.need(),
                  found.map(CourseWeeks.Found::courseId).orElse(null),
                  found.map(CourseWeeks.Found::week).orElse(null),
                  found.map(f -> f.courseTitle() + ", " + f.weekTitle()).orElse(""));
            })
        .toList();
  }

  private static List<CourseView.Pair> pairs(Placement plan, Done done) {
    return Redraws.of(plan, done).stream()
        .map(moments -> new CourseView.Pair(moments.stream().map(CourseViews::moment).toList()))
        .toList();
  }

  private static CourseView.Moment moment(Redraws.Moment m) {
    return new CourseView.Moment(
        m.exercise().id(), m.exercise().title(), m.from(), m.drawn().orElse(null));
  }

  /** Every week of a plan in full, for printing. */
  @Transactional(readOnly = true)
  PrintedCourse printed(UUID placement) {
    var learner = settings.learner();
    var planning = plans.planning(learner);
    var placed = placements.need(placement);
    var weeks =
        placed.placement().weeks().stream()
            .map(
                w ->
                    WeekTable.of(
                        plans.planned(planning, placed, w), planning.appointments(), List.of()))
            .toList();
    return new PrintedCourse(placed(placed, planning, learner.today()), weeks, learner.today());
  }

  /** The whole course as it is planned. */
  record PrintedCourse(CourseView.Placed placed, List<WeekTable> weeks, LocalDate today) {}
}
