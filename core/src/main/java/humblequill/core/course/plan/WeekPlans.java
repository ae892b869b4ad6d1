package humblequill.core.course.plan;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.day.entry.Done;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Plans a placed week within the learner's time. */
public final class WeekPlans {
  private static final int DAYS_FOR_REMEDIES = 28;

  private WeekPlans() {}

  /**
   * A week with its rooms and what was done of it.
   *
   * @param done what was done of the exercises
   */
  public static OpenWeek open(PlacedWeek week, Done done, PlanTime time) {
    var works = week.week().exercises().stream().map(Work::of).toList();
    return new OpenWeek(
        works,
        done,
        rooms(week, time, week.from(), week.to()),
        rooms(week, time, week.to().plusDays(1), week.to().plusDays(DAYS_FOR_REMEDIES)),
        time.today(),
        time.order(),
        reserved(week, works, done, time));
  }

  private static List<DayRoom> rooms(PlacedWeek week, PlanTime time, LocalDate from, LocalDate to) {
    return Stream.iterate(from, d -> !d.isAfter(to), d -> d.plusDays(1))
        .map(date -> room(week, time, date))
        .toList();
  }

  private static DayRoom room(PlacedWeek week, PlanTime time, LocalDate date) {
    var room = time.roomOn(date);
    if (week.closed().contains(date)) {
      return room.withAvailable(0);
    }
    return room.availableMinutes() > 0 && room.availableMinutes() < week.minutesADay()
        ? room.withAvailable(week.minutesADay())
        : room;
  }

  /** What appointments from today on will satisfy of what is left. */
  private static Map<LocalDate, Map<String, Integer>> reserved(
      PlacedWeek week, List<Work> works, Done done, PlanTime time) {
    var left = new HashMap<String, Integer>();
    for (var work : works) {
      int before = done.before(work.id(), time.today());
      left.put(work.id(), Math.max(0, work.quantity() - before));
    }
    var reserved = new HashMap<LocalDate, Map<String, Integer>>();
    var begin = week.from().isBefore(time.today()) ? time.today() : week.from();
    for (var date = begin; !date.isAfter(week.to()); date = date.plusDays(1)) {
      if (week.closed().contains(date)) {
        continue;
      }
      var here = time.appointments().satisfiedOn(date, works, left);
      here.forEach((id, units) -> left.merge(id, -units, Integer::sum));
      if (!here.isEmpty()) {
        reserved.put(date, here);
      }
    }
    return reserved;
  }
}
