package humblequill.server.course.plan;

import humblequill.core.course.placement.Extras;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.course.plan.PlanPreview;
import humblequill.core.course.plan.WeekPlans;
import humblequill.core.day.entry.Done;
import humblequill.core.ground.message.Message;
import humblequill.server.course.CourseWeeks;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.ground.edge.Refusal;
import humblequill.server.ground.message.StoredMessage;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Shows what a change would do, makes it, tells the history, takes it back. */
@Service
public class ChangeService {
  private static final int LONGEST_REASON = 400;

  private final PlacementService placements;
  private final CourseWeeks library;
  private final PlanService plans;
  private final SettingsService settings;

  ChangeService(
      PlacementService placements,
      CourseWeeks library,
      PlanService plans,
      SettingsService settings) {
    this.placements = placements;
    this.library = library;
    this.plans = plans;
    this.settings = settings;
  }

  @Transactional(readOnly = true)
  public PreviewView preview(UUID placement, String week, List<ChangeToMake> wanted) {
    var placed = placements.need(placement);
    return view(placed, week, toCore(placed, wanted));
  }

  /** What other settings would do. */
  @Transactional(readOnly = true)
  public PreviewView preview(UUID placement, String week, Learner then) {
    var placed = placements.need(placement);
    return view(placed, week, List.of(), then);
  }

  private PreviewView view(PlacedCourse placed, String week, List<PlanChange> changes) {
    return view(placed, week, changes, settings.learner());
  }

  private PreviewView view(
      PlacedCourse placed, String week, List<PlanChange> changes, Learner then) {
    var time = plans.planning(settings.learner()).timeOf(placed);
    var done = plans.done(placed);
    var before = PlanPreview.of(placed.placement(), List.of(), week, done, time);
    var after =
        PlanPreview.of(
            placed.placement(), changes, week, done, plans.planning(then).timeOf(placed));
    return new PreviewView(
        PreviewView.figures(before, week),
        PreviewView.figures(after, week),
        after.refused().orElse(null));
  }

  /** The three policies side by side for what the current week missed. */
  @Transactional(readOnly = true)
  List<PolicyView> policies(UUID placement) {
    var placed = placements.need(placement);
    var learner = settings.learner();
    var week = placed.placement().weekOn(learner.today());
    if (week.isEmpty()) {
      return List.of();
    }
    var key = week.get().key();
    var time = plans.planning(learner).timeOf(placed);
    var open = WeekPlans.open(week.get(), plans.done(placed), time);
    return Arrays.stream(MissedWork.values())
        .map(
            policy -> {
              var change = PlanPreview.forMissed(policy, key, open);
              return new PolicyView(
                  policy,
                  key,
                  List.copyOf(open.missedDays()),
                  policy == MissedWork.LET_GO
                      ? units(open.missedUnits(open.missedDays()))
                      : List.of(),
                  view(placed, key, change.stream().toList()).after());
            })
        .toList();
  }

  private static List<ChangeToMake.Units> units(Map<String, Integer> units) {
    return units.entrySet().stream()
        .map(e -> new ChangeToMake.Units(e.getKey(), e.getValue()))
        .toList();
  }

  /**
   * What one policy would do now.
   *
   * @param week key of the current week
   * @param missed its missed days
   * @param units what letting go would drop
   * @param figures the plan with it
   */
  record PolicyView(
      MissedWork policy,
      String week,
      List<LocalDate> missed,
      List<ChangeToMake.Units> units,
      PreviewView.Figures figures) {}

  @Transactional
  public void change(UUID id, UUID placement, List<ChangeToMake> wanted, Message reason) {
    var placed = placements.need(placement);
    if (placed.decisions().stream().anyMatch(d -> d.id().equals(id))) {
      return;
    }
    var changes = toCore(placed, wanted);
    var today = settings.learner().today();
    var time = plans.planning(settings.learner()).timeOf(placed);
    var preview = PlanPreview.of(placed.placement(), changes, "", Done.NOTHING, time);
    if (preview.refused().isPresent()) {
      throw Refusal.conflict(
          "cannot-change", Message.of("course.planStays", "why", preview.refused().get()));
    }
    placements.change(
        placed, id, changes, false, StoredMessage.write(reason, LONGEST_REASON), today);
  }

  @Transactional
  void undo(UUID decision) {
    placements.undo(decision, settings.learner().today());
  }

  @Transactional(readOnly = true)
  List<HistoryLine> history(UUID placement) {
    var placed = placements.need(placement);
    var today = settings.learner().today();
    var plans = placed.story();
    var lines = new ArrayList<HistoryLine>();
    for (int i = 0; i < placed.decisions().size(); i++) {
      var decision = placed.decisions().get(i);
      lines.add(
          HistoryLine.of(
              decision,
              plans.get(i),
              plans.get(i + 1),
              placed.whyKept(decision, today).orElse(null)));
    }
    return lines;
  }

  private List<PlanChange> toCore(PlacedCourse placed, List<ChangeToMake> wanted) {
    var changes = new ArrayList<PlanChange>();
    for (var change : wanted) {
      var key = Extras.key(placed.decisions().size(), changes.size());
      changes.addAll(
          change.toCore(
              new ChangeToMake.Ground(placed, key, settings.learner().today(), library::weeksOf)));
    }
    return changes;
  }
}
