package humblequill.core.course.plan;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Course;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Courses;
import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import humblequill.core.course.placement.MissedWork;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.day.entry.Done;
import humblequill.core.day.entry.Dones;
import humblequill.core.day.entry.Poses;
import humblequill.core.ground.calendar.Availability;
import humblequill.core.ground.calendar.WeekPattern;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/**
 * A week of 180 hulls in seven equal days, with days missed. Common practice, no published source.
 */
class MissedWorkTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final LocalDate SATURDAY = MONDAY.plusDays(5);
  private final Placement plan = Placement.of(Courses.drills(3, 180, 90), MONDAY);

  private static PlanTime time(LocalDate today) {
    return time(today, Appointments.NONE);
  }

  private static PlanTime time(LocalDate today, Appointments appointments) {
    return new PlanTime(
        today, date -> new DayRoom(date, 90, 0, 0), DayOrder.LESSON_FIRST, appointments);
  }

  /** Monday and Tuesday as planned, Wednesday to Friday missed. */
  private static Done done() {
    var done = new HashMap<LocalDate, Integer>();
    done.put(MONDAY, 26);
    done.put(MONDAY.plusDays(1), 26);
    return Dones.of(Map.of("d1", done));
  }

  private PlanPreview preview(MissedWork policy) {
    var open = WeekPlans.open(plan.weeks().get(0), done(), time(SATURDAY));
    return PlanPreview.of(
        plan,
        PlanPreview.forMissed(policy, "1", open).stream().toList(),
        "1",
        done(),
        time(SATURDAY));
  }

  private static List<Integer> counts(PlanPreview preview) {
    return preview.week().orElseThrow().days().stream().map(d -> d.countOf("d1")).toList();
  }

  @Test
  void spreading_puts_everything_into_the_days_left_and_says_what_does_not_fit() {
    var spread = preview(MissedWork.SPREAD);
    assertThat(counts(spread)).containsExactly(60, 60);
    assertThat(spread.week().orElseThrow().shortfalls())
        .extracting(Shortfall::count)
        .containsExactly(8);
    assertThat(spread.end()).isEqualTo(plan.end());
    assertThat(spread.droppedDrawings()).isZero();
  }

  @Test
  void sliding_keeps_the_days_as_full_and_moves_the_end_by_the_missed_days() {
    var slide = preview(MissedWork.SLIDE);
    assertThat(counts(slide)).containsExactly(26, 26, 26, 25, 25);
    assertThat(slide.end()).isEqualTo(plan.end().plusDays(3));
    assertThat(slide.droppedDrawings()).isZero();
  }

  @Test
  void letting_go_keeps_the_days_as_full_and_the_end_and_names_what_is_dropped() {
    var letGo = preview(MissedWork.LET_GO);
    assertThat(counts(letGo)).containsExactly(25, 25);
    assertThat(letGo.end()).isEqualTo(plan.end());
    assertThat(letGo.droppedDrawings()).isEqualTo(26 + 26 + 26);
  }

  @Test
  void a_policy_works_by_itself_as_days_pass() {
    var sliding = plan.after(new PlanChange.Policy(MissedWork.SLIDE));
    var due = Settling.due(sliding, done(), time(SATURDAY), MONDAY);
    assertThat(due)
        .containsExactly(
            new PlanChange.Slide(
                "1", Set.of(MONDAY.plusDays(2), MONDAY.plusDays(3), MONDAY.plusDays(4))));
    var lettingGo = plan.after(new PlanChange.Policy(MissedWork.LET_GO));
    var letGo = Settling.due(lettingGo, done(), time(SATURDAY), MONDAY);
    assertThat(letGo).as("one line of history for a week").hasSize(1);
    assertThat(((PlanChange.LetGo) letGo.get(0)).units()).containsExactly(Map.entry("d1", 78));
    assertThat(Settling.due(plan, done(), time(SATURDAY), MONDAY)).as("spreading").isEmpty();
  }

  @Test
  void a_week_until_done_grows_with_the_work_and_ends_with_it() {
    var lasting = plan.after(new PlanChange.UntilDone("1", true));
    var nextMonday = MONDAY.plusDays(7);
    var due = Settling.due(lasting, done(), time(nextMonday), MONDAY);
    assertThat(due)
        .as("128 left at 60 a day: three days")
        .containsExactly(new PlanChange.Stretch("1", 10));
    var early = Dones.of(Map.of("d1", Map.of(MONDAY, 100, MONDAY.plusDays(1), 80)));
    assertThat(Settling.due(lasting, early, time(MONDAY.plusDays(3)), MONDAY))
        .containsExactly(new PlanChange.Stretch("1", 2));
  }

  private static Appointment group(int minutes, Poses.Row... poses) {
    return new Appointment(
        "g",
        "Life group",
        Optional.of(DayOfWeek.THURSDAY),
        MONDAY,
        Optional.empty(),
        LocalTime.of(19, 0),
        minutes,
        new Poses(List.of(poses)));
  }

  @Test
  void an_appointment_takes_its_minutes_and_satisfies_work_of_that_length() {
    var week =
        new CourseWeek(
            "Poses",
            "",
            List.of(),
            List.of(
                Exercise.plain(
                    "poses",
                    "Two-minute poses",
                    ExerciseKind.TIMED_POSES,
                    Exercise.Target.drawings(40, 120, 1),
                    List.of())),
            List.of());
    var posing = Placement.of(new Course("p", "P", "", List.of(week)), MONDAY);
    var appointments =
        new Appointments(List.of(group(60, new Poses.Row(10, 120), new Poses.Row(2, 1200))));
    var outlook =
        WeekPlans.open(posing.weeks().get(0), Done.NOTHING, time(MONDAY, appointments)).outlook();
    var thursday = outlook.on(MONDAY.plusDays(3)).orElseThrow();
    assertThat(thursday.appointed()).containsExactly(new Share("poses", 10, 1200));
    assertThat(thursday.roomSeconds()).isEqualTo(30 * 60);
    assertThat(outlook.days().stream().mapToInt(d -> d.countOf("poses")).sum()).isEqualTo(40);
  }

  @Test
  void clashes_are_named() {
    var everyDay =
        new Availability(
            List.of(
                new WeekPattern(
                    LocalDate.EPOCH,
                    Map.of(DayOfWeek.THURSDAY, 70, DayOfWeek.FRIDAY, 70),
                    Set.of(DayOfWeek.SUNDAY))),
            Map.of(),
            Set.of(),
            List.of());
    var other =
        new Appointment(
            "h",
            "Print room",
            Optional.empty(),
            MONDAY.plusDays(3),
            Optional.empty(),
            LocalTime.of(20, 30),
            30,
            Poses.NONE);
    var clashes =
        new Appointments(List.of(group(120), other)).clashes(MONDAY, MONDAY.plusDays(6), everyDay);
    assertThat(clashes)
        .extracting(Appointments.Clash::obstacle)
        .containsExactly(Appointments.Obstacle.OVER_THE_DAY, Appointments.Obstacle.OVERLAP);
    assertThat(clashes.get(0).available()).isEqualTo(70);
    assertThat(clashes.get(1).other()).isEqualTo("Life group");
  }

  /** Wednesday to Friday were missed and settled; then Thursday turns out to have been drawn on. */
  @Test
  void settled_days_that_were_drawn_after_all_are_settled_anew_without_them() {
    var missed = new TreeSet<>(Set.of(MONDAY.plusDays(2), MONDAY.plusDays(3), MONDAY.plusDays(4)));
    var settled = List.<PlanChange>of(new PlanChange.Slide("1", missed));
    var drawn = new HashMap<LocalDate, Integer>();
    drawn.put(MONDAY, 26);
    drawn.put(MONDAY.plusDays(1), 26);
    drawn.put(MONDAY.plusDays(3), 26);
    var anew = Settling.anew(settled, plan, Dones.of(Map.of("d1", drawn)), time(SATURDAY));
    missed.remove(MONDAY.plusDays(3));
    assertThat(anew).containsExactly(new PlanChange.Slide("1", missed));
    var same = Settling.anew(settled, plan, done(), time(SATURDAY));
    assertThat(same).isEqualTo(settled);
  }
}
