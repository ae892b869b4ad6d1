package humblequill.server.course.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.plan.Appointments;
import humblequill.core.course.plan.DayRoom;
import humblequill.core.course.plan.OpenWeek;
import humblequill.core.course.plan.PlanTime;
import humblequill.core.course.plan.Settling;
import humblequill.core.course.plan.SharedRoom;
import humblequill.core.course.plan.WeekPlans;
import humblequill.core.day.entry.Done;
import humblequill.server.course.appointment.AppointmentService;
import humblequill.server.course.placement.PlacementService;
import humblequill.server.day.entry.EntryLedger;
import humblequill.server.ground.data.Derived;
import humblequill.server.ground.settings.Learner;
import humblequill.server.ground.settings.SettingsService;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans the weeks of the courses that are followed. */
@Service
public class PlanService {
  private final PlacementService placements;
  private final EntryLedger ledger;
  private final AppointmentService appointments;
  private final SettingsService settings;
  private final TakenTime taken;

  /** What was done follows from the ledger and the plan. */
  private final Map<UUID, Derived<Done>> done = new ConcurrentHashMap<>();

  PlanService(
      PlacementService placements,
      EntryLedger ledger,
      AppointmentService appointments,
      SettingsService settings,
      TakenTime taken) {
    this.taken = taken;
    this.placements = placements;
    this.ledger = ledger;
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
      var own = follower(placed);
      var others =
          followed.stream().filter(p -> !p.id().equals(placed.id())).map(Planning::follower);
      var shared = new SharedRoom(Stream.concat(Stream.of(own), others).toList());
      return new PlanTime(
          learner.today(),
          date -> room(placed, date).withCourseShare(shared.shareOf(own, date)),
          learner.work().order(),
          placed.side() ? appointments.withoutPoses() : appointments);
    }

    private DayRoom room(PlacedCourse placed, LocalDate date) {
      return placed.placement().course().habit() ? left(date).forHabit() : left(date);
    }

    /** The room of a date, less what running quotas take. */
    private DayRoom left(LocalDate date) {
      var room = learner.room(date);
      int minutes = taken.applyAsInt(date);
      return minutes == 0
          ? room
          : room.withAvailable(Math.max(0, room.availableMinutes() - minutes));
    }

    private static SharedRoom.Follower follower(PlacedCourse placed) {
      return new SharedRoom.Follower(placed.placement(), placed.weight());
    }
  }

  /** All that is followed, as it stands. */
  @Transactional(readOnly = true)
  public Planning planning(Learner learner) {
    return new Planning(
        placements.followed(), learner, appointments.appointments(), taken.minutes(learner));
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
    var open = WeekPlans.open(week, done(placed), planning.timeOf(placed));
    return new PlannedWeek(placed, week, open);
  }

  /** What was done of the exercises of a plan. */
  @Transactional(readOnly = true)
  public Done done(PlacedCourse placed) {
    var drawn = ledger.read();
    return done.computeIfAbsent(placed.id(), id -> new Derived<>())
        .get(List.of(drawn, placed), () -> placed.done(drawn));
  }

  /**
   * Lets days that are over change the plans by themselves: missed work under a policy, and weeks
   * that last until they are done. Settling again changes nothing.
   */
  @Transactional
  public void settle() {
    var learner = settings.learner();
    for (var placed : placements.followed()) {
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
          placements.change(placed, UUID.randomUUID(), due, true, "", learner.today());
        }
      }
      placements.settled(placed.id(), learner.today());
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
