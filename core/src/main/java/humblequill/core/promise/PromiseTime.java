package humblequill.core.promise;

import humblequill.core.course.plan.DayRoom;
import humblequill.core.ground.calendar.Availability;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.ToIntFunction;

/**
 * The minutes set apart for a promise.
 *
 * @param minutesADay minutes of each drawing day, 1 or more; empty for all that the day leaves
 * @param beside whether they come on top of the day's, so that the course keeps its own
 */
public record PromiseTime(OptionalInt minutesADay, boolean beside) {
  /** What the day leaves. */
  public static final PromiseTime OF_THE_DAY = new PromiseTime(OptionalInt.empty(), false);

  /**
   * What a learner has for promises.
   *
   * @param overheadMinutes what setting up costs on a drawing day
   * @param taken minutes of a date that other promises take
   */
  public record Day(
      Availability availability, int overheadMinutes, ToIntFunction<LocalDate> taken) {}

  /** The room of each date for it; none on days that are no drawing days of it. */
  public List<DayRoom> rooms(DrawingDays days, Day day, LocalDate from, LocalDate to) {
    return from.datesUntil(to.plusDays(1))
        .map(
            date ->
                new DayRoom(date, days.test(date) ? minutes(day, date) : 0, day.overheadMinutes, 0))
        .toList();
  }

  private int minutes(Day day, LocalDate date) {
    if (minutesADay.isPresent()) {
      return minutesADay.getAsInt();
    }
    int all = day.availability.minutesOn(date);
    return beside ? all : Math.max(0, all - day.taken.applyAsInt(date));
  }
}
