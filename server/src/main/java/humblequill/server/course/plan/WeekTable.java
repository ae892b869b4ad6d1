package humblequill.server.course.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.plan.Appointments;
import humblequill.core.course.plan.DayPlan;
import humblequill.core.course.plan.DayRoom;
import humblequill.core.course.plan.OpenWeek;
import humblequill.core.course.plan.Share;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * One course week as a table: days across, exercises down.
 *
 * @param key names the week in changes
 * @param number its number in the course; null for weeks that the course does not have
 * @param resources what to learn from
 * @param untilDone whether it lasts until its work is done
 * @param minutesADay least minutes of its days, where that was raised; 0 otherwise
 * @param clashes appointments that something is in the way of
 * @param days one per date with its room and what is planned and done on it
 * @param rows one per exercise
 * @param missedDays days that are over, had a share and saw nothing of it done
 * @param plannedMinutes all exercises of the week
 * @param doneMinutes what was done of them, at the planned pace
 * @param load work ÷ room from today on; null when there is work and no room, or the week is over
 * @param shortfalls what does not fit any more
 * @param remedies what would make it fit
 */
public record WeekTable(
    String key,
    @Nullable Integer number,
    PlacedWeek.Role role,
    String title,
    String aim,
    List<String> topics,
    List<String> resources,
    boolean untilDone,
    int minutesADay,
    LocalDate from,
    LocalDate to,
    List<Day> days,
    List<Row> rows,
    List<LocalDate> missedDays,
    int plannedMinutes,
    int doneMinutes,
    @Nullable Double load,
    List<ShortfallView> shortfalls,
    @Nullable RemediesView remedies,
    List<Appointments.Clash> clashes) {
  /**
   * A date of the week.
   *
   * @param roomMinutes effective room
   * @param usedMinutes planned minutes from today on, done minutes before
   * @param rest no room on this date
   * @param closed whether the course waits on this date, paused or slid
   * @param appointments fixed appointments of this date
   */
  public record Day(
      LocalDate date,
      int roomMinutes,
      int usedMinutes,
      boolean rest,
      boolean closed,
      List<AppointmentHere> appointments) {}

  /** A fixed appointment on its date. */
  public record AppointmentHere(String title, LocalTime start, int minutes) {}

  /**
   * An exercise of the week.
   *
   * @param quantity drawings, or minutes where the unit says so
   * @param done units done so far
   * @param cells one per date
   */
  public record Row(
      String exerciseId,
      String title,
      ExerciseKind kind,
      Exercise.Unit unit,
      int quantity,
      int secondsEach,
      int done,
      @Nullable String source,
      String text,
      String lookFor,
      List<Cell> cells) {}

  /**
   * One exercise on one date.
   *
   * @param share planned units; on past dates what the first plan of the week gave
   * @param done units done
   * @param appointed units of it that an appointment satisfies
   * @param missed a past date with a share and nothing done
   */
  public record Cell(int share, int done, int appointed, boolean missed) {}

  static WeekTable of(
      PlanService.PlannedWeek week, Appointments appointments, List<Appointments.Clash> clashes) {
    var open = week.open();
    var outlook = open.outlook();
    var first = open.firstPlan();
    var plans = new HashMap<LocalDate, DayPlan>();
    first.days().forEach(d -> plans.put(d.date(), d));
    outlook.days().forEach(d -> plans.put(d.date(), d));
    var rows = week.week().week().exercises().stream().map(e -> row(e, open, plans)).toList();
    var days =
        open.days().stream()
            .map(room -> day(room, week, rows, plans.get(room.date()), appointments))
            .toList();
    return new WeekTable(
        week.week().key(),
        week.week().number().orElse(null),
        week.week().role(),
        week.week().week().title(),
        week.week().week().aim(),
        week.week().week().topics(),
        week.week().week().resources(),
        week.week().untilDone(),
        week.week().minutesADay(),
        week.week().from(),
        week.week().to(),
        days,
        rows,
        List.copyOf(open.missedDays()),
        (int) (week.week().week().seconds() / 60),
        rows.stream().mapToInt(r -> Math.min(r.done(), r.quantity()) * r.secondsEach()).sum() / 60,
        outlook.days().isEmpty() || Double.isInfinite(outlook.load()) ? null : outlook.load(),
        PlanService.shortfalls(week, outlook),
        PlanService.remedies(week, outlook).orElse(null),
        clashes);
  }

  private static Row row(Exercise e, OpenWeek open, Map<LocalDate, DayPlan> plans) {
    var cells =
        open.days().stream()
            .map(DayRoom::date)
            .map(
                date -> {
                  int share = plans.get(date).countOf(e.id());
                  int done = open.doneOn(e.id(), date);
                  int appointed =
                      plans.get(date).appointed().stream()
                          .filter(s -> s.exerciseId().equals(e.id()))
                          .mapToInt(Share::count)
                          .sum();
                  return new Cell(
                      share,
                      done,
                      appointed,
                      date.isBefore(open.today()) && share > 0 && done == 0);
                })
            .toList();
    int done = open.done().of(e.id()).total();
    return new Row(
        e.id(),
        e.title(),
        e.kind(),
        e.target().unit(),
        e.target().quantity(),
        e.secondsEach(),
        done,
        e.source().orElse(null),
        e.text(),
        e.lookFor(),
        cells);
  }

  private static Day day(
      DayRoom room,
      PlanService.PlannedWeek week,
      List<Row> rows,
      DayPlan plan,
      Appointments appointments) {
    var open = week.open();
    int column = open.days().indexOf(room);
    int done =
        IntStream.range(0, rows.size())
            .map(r -> rows.get(r).cells().get(column).done() * rows.get(r).secondsEach())
            .sum();
    int used = room.date().isBefore(open.today()) ? done : plan.plannedSeconds();
    return new Day(
        room.date(),
        room.effectiveSeconds() / 60,
        (used + 30) / 60,
        room.availableMinutes() == 0,
        week.week().closed().contains(room.date()),
        appointments.on(room.date()).stream()
            .map(a -> new AppointmentHere(a.title(), a.start(), a.minutes()))
            .toList());
  }
}
