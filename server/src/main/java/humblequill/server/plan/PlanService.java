package humblequill.server.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.Placement;
import humblequill.core.plan.OpenWeek;
import humblequill.core.plan.Work;
import humblequill.server.course.CourseService;
import humblequill.server.course.PlacedCourse;
import humblequill.server.edge.Refusal;
import humblequill.server.entry.EntryService;
import humblequill.server.settings.Learner;
import humblequill.server.settings.SettingsService;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans the weeks of the course that is followed. */
@Service
public class PlanService {
  private static final int DAYS_FOR_REMEDIES = 28;

  private final CourseService courses;
  private final EntryService entries;
  private final SettingsService settings;

  PlanService(CourseService courses, EntryService entries, SettingsService settings) {
    this.courses = courses;
    this.entries = entries;
    this.settings = settings;
  }

  /**
   * A course week with its state.
   *
   * @param week the week at its place
   * @param open its works, rooms and what was done
   */
  public record PlannedWeek(Placement.PlacedWeek week, OpenWeek open) {
    /** An exercise of this week. */
    public Exercise exercise(String id) {
      return week.week().exercises().stream()
          .filter(e -> e.id().equals(id))
          .findFirst()
          .orElseThrow();
    }
  }

  /** The course week that holds a day, if a course runs then. */
  @Transactional(readOnly = true)
  public Optional<PlannedWeek> weekOn(PlacedCourse placed, LocalDate day, Learner learner) {
    return placed.placement().weekOn(day).map(week -> planned(placed, week, learner));
  }

  private PlannedWeek planned(PlacedCourse placed, Placement.PlacedWeek week, Learner learner) {
    var exercises = week.week().exercises();
    var done = entries.unitsDone(placed, exercises.stream().map(Exercise::id).toList());
    return new PlannedWeek(
        week,
        new OpenWeek(
            exercises.stream().map(Work::of).toList(),
            done,
            learner.rooms(week.from(), week.to()),
            learner.rooms(week.to().plusDays(1), week.to().plusDays(DAYS_FOR_REMEDIES)),
            learner.today(),
            learner.dayOrder()));
  }

  /** The course with its ruler of weeks and one week in full. */
  @Transactional(readOnly = true)
  public CourseView course(@Nullable Integer number) {
    var learner = settings.learner();
    var current = courses.current();
    if (current.isEmpty()) {
      return CourseView.none(learner.today());
    }
    var placed = current.get();
    var placement = placed.placement();
    int weeks = placement.course().weeks().size();
    if (number != null && (number < 1 || number > weeks)) {
      throw Refusal.badValue(
          "week", number, "The course has weeks 1 to " + weeks + ", not " + number + ".");
    }
    int now =
        placement
            .weekOn(learner.today())
            .map(Placement.PlacedWeek::number)
            .orElse(learner.today().isBefore(placement.start()) ? 1 : weeks);
    var allExercises = placement.course().exercises().map(Exercise::id).toList();
    var done = entries.unitsDone(placed, allExercises);
    var ruler = CourseView.ruler(placement, done, learner.today());
    var week = planned(placed, placement.week(number == null ? now : number), learner);
    return CourseView.of(placed, ruler, WeekTable.of(week), learner.today());
  }

  /** Lays a course on the calendar. */
  @Transactional
  public CourseView place(String courseId, LocalDate start) {
    courses.place(courseId, start);
    return course(null);
  }

  /** Stops following the course; entries stay. */
  @Transactional
  public void leave() {
    courses.leave();
  }

  /** What is to be done, as the screens show it. */
  public static List<ShortfallView> shortfalls(PlannedWeek week, OpenWeek.Outlook outlook) {
    return outlook.shortfalls().stream()
        .map(s -> ShortfallView.of(s, week.exercise(s.exerciseId())))
        .toList();
  }
}
