package humblequill.core.course.plan;

import java.time.LocalDate;
import java.util.function.Function;

/**
 * What planning knows besides the course.
 *
 * @param today the open practice day
 * @param room the room of any date for this course, before appointments
 * @param order order of work within a day
 * @param appointments fixed appointments; they take from the room and satisfy work
 */
public record PlanTime(
    LocalDate today, Function<LocalDate, DayRoom> room, DayOrder order, Appointments appointments) {
  /** The same on another day. */
  public PlanTime at(LocalDate day) {
    return new PlanTime(day, room, order, appointments);
  }

  /** The room of a date, less what appointments take. */
  DayRoom roomOn(LocalDate date) {
    var whole = room.apply(date);
    int taken = appointments.minutesOn(date);
    return taken == 0 ? whole : whole.withAvailable(Math.max(0, whole.availableMinutes() - taken));
  }
}
