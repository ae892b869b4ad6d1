package humblequill.server.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.MissedWork;
import humblequill.core.course.PlacedWeek;
import humblequill.core.plan.Appointments;
import humblequill.core.plan.DayRoom;
import humblequill.core.plan.OpenWeek;
import humblequill.core.plan.PlanTime;
import humblequill.core.plan.Settling;
import humblequill.core.plan.SharedRoom;
import humblequill.core.plan.WeekPlans;
import humblequill.server.appointment.AppointmentService;
import humblequill.server.course.CourseService;
import humblequill.server.course.PlacedCourse;
import humblequill.server.entry.EntryService;
import humblequill.server.settings.Learner;
import humblequill.server.settings.SettingsService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans the weeks of the courses that are followed. */
@Service
public class PlanService {
  private final CourseService courses;
  private final EntryService entries;
  private final AppointmentService appointments;
  private final SettingsService settings;
  private final TakenTime taken;

  PlanService(
      CourseService courses,
      EntryService entries,
      AppointmentService appointments,
      SettingsService settings,
      TakenTime taken) {
    this.taken = taken;
    this.courses = courses;
    this.entries = entries;
    this.appointments = appointments;
    this.settings = settings;
  }

  /**
   * A course week with its state.
   *
   * @param placed the course it belongs to
   * @param week the week at its place
   * @param open its works, rooms and what was done
   */
  public record PlannedWeek(PlacedCourse placed, PlacedWeek week, OpenWeek open) {
    /** An exercise of this week. */
    public Exercise exercise(String id) {
      return week.exercise(id).orElseThrow();
    }
  }

  /**
   * What planning several courses needs: their time parted by weight wherever more than one has
   * work on a date.
   */
  public record Planning(
      List<PlacedCourse> followed,
      Learner learner,
      Appointments appointments,
      ToIntFunction<LocalDate> taken) {
    /** The time of one of the courses; poses of appointments count for the main course only. */
    public PlanTime timeOf(PlacedCourse placed) {
      var own = part(placed);
      var others = followed.stream().filter(p -> !p.id().equals(placed.id())).map(Planning::part);
      var shared = new SharedRoom(Stream.concat(Stream.of(own), others).toList());
      return new PlanTime(
          learner.today(),
          date -> left(date).withCourseShare(shared.shareOf(own, date)),
          learner.dayOrder(),
          placed.side() ? appointments.withoutPoses() : appointments);
    }

    /** The room of a date, less what running quotas take. */
    private DayRoom left(LocalDate date) {
      var room = learner.room(date);
      int minutes = taken.applyAsInt(date);
      return minutes == 0
          ? room
          : room.withAvailable(Math.max(0, room.availableMinutes() - minutes));
    }

    private static SharedRoom.Part part(PlacedCourse placed) {
      return new SharedRoom.Part(placed.placement(), placed.weight());
    }
  }

  /** All that is followed, as it stands. */
  @Transactional(readOnly = true)
  public Planning planning(Learner learner) {
    return new Planning(
        courses.followed(), learner, appointments.appointments(), taken.minutes(learner));
  }

  /** The weeks of all followed courses that hold a day: the main course's first. */
  @Transactional(readOnly = true)
  public List<PlannedWeek> weeksOn(Planning planning, LocalDate day) {
    return planning.followed().stream()
        .flatMap(
            placed ->
                placed
                    .placement()
                    .weekOn(day)
                    .map(week -> planned(planning, placed, week))
                    .stream())
        .toList();
  }

  /** One week of a followed course. */
  @Transactional(readOnly = true)
  public PlannedWeek planned(Planning planning, PlacedCourse placed, PlacedWeek week) {
    var ids = week.week().exercises().stream().map(Exercise::id).toList();
    var done = entries.unitsDone(placed, ids);
    return new PlannedWeek(placed, week, WeekPlans.open(week, done, planning.timeOf(placed)));
  }

  /** Units done of all exercises of a plan, by exercise and date. */
  @Transactional(readOnly = true)
  public Map<String, Map<LocalDate, Integer>> done(PlacedCourse placed) {
    var ids =
        placed.placement().weeks().stream()
            .flatMap(w -> w.week().exercises().stream())
            .map(Exercise::id)
            .toList();
    return entries.unitsDone(placed, ids);
  }

  /**
   * Lets days that are over change the plans by themselves: missed work under a policy, and weeks
   * that last until they are done. Settling again changes nothing.
   */
  @Transactional
  public void settle() {
    var learner = settings.learner();
    for (var placed : courses.followed()) {
      if (!placed.settledUntil().isBefore(learner.today())) {
        continue;
      }
      var placement = placed.placement();
      boolean still =
          placement.policy() == MissedWork.SPREAD
              && placement.weeks().stream().noneMatch(PlacedWeek::untilDone);
      if (!still) {
        var time = planning(learner).timeOf(placed);
        var due = Settling.due(placement, done(placed), time, placed.settledUntil());
        if (!due.isEmpty()) {
          courses.change(placed, UUID.randomUUID(), due, true, "", learner.today());
        }
      }
      courses.settled(placed.id(), learner.today());
    }
  }

  /** What does not fit, as the screens show it. */
  public static List<ShortfallView> shortfalls(PlannedWeek week, OpenWeek.Outlook outlook) {
    return outlook.shortfalls().stream()
        .map(s -> ShortfallView.of(s, week.exercise(s.exerciseId())))
        .toList();
  }

  /** What would help, as the screens show it. */
  public static Optional<RemediesView> remedies(PlannedWeek week, OpenWeek.Outlook outlook) {
    return outlook.remedies().map(r -> RemediesView.of(r, week));
  }
}
