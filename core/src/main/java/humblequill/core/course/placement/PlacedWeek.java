package humblequill.core.course.placement;

import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A week at its place on the calendar. It may be longer or shorter than seven days.
 *
 * @param key names the week within its placement, also after others moved
 * @param number its number in the course, from 1; empty for weeks that the course does not have
 * @param role why it is there
 * @param week what is drawn, with all changes to its exercises
 * @param from first day
 * @param days its length, 1 to {@link #MAX_DAYS}
 * @param closed dates on which nothing of it is planned: paused, or missed and slid
 * @param untilDone whether it lasts until its work is done
 * @param minutesADay least minutes of each of its days that has any; 0 leaves them as they are
 */
public record PlacedWeek(
    String key,
    Optional<Integer> number,
    Role role,
    CourseWeek week,
    LocalDate from,
    int days,
    Set<LocalDate> closed,
    boolean untilDone,
    int minutesADay) {
  /** The most days that a week can be stretched to. */
  public static final int MAX_DAYS = 120;

  public PlacedWeek {
    Objects.requireNonNull(key, "key");
    Objects.requireNonNull(week, "week");
    closed = java.util.Collections.unmodifiableSet(new TreeSet<>(closed));
    if (days < 1 || days > MAX_DAYS) {
      throw new InvalidException(Message.of("course.daysOfWeek", "most", MAX_DAYS, "days", days));
    }
  }

  /** Why a week is there. */
  public enum Role {
    /** The course has it. */
    COURSE,
    /** Taken once more. */
    REPEAT,
    /** From elsewhere, because something else has to come first. */
    DETOUR,
    /** Kept empty. */
    EMPTY
  }

  /** Last day. */
  public LocalDate to() {
    return from.plusDays(days - 1L);
  }

  /** Whether a date lies in it. */
  public boolean contains(LocalDate date) {
    return !date.isBefore(from) && !date.isAfter(to());
  }

  /** An exercise of this week. */
  public Optional<Exercise> exercise(String id) {
    return week.exercises().stream().filter(e -> e.id().equals(id)).findFirst();
  }

  PlacedWeek at(LocalDate date) {
    return new PlacedWeek(key, number, role, week, date, days, closed, untilDone, minutesADay);
  }

  PlacedWeek withDays(int count) {
    return new PlacedWeek(key, number, role, week, from, count, closed, untilDone, minutesADay);
  }

  PlacedWeek withExercises(List<Exercise> exercises) {
    return new PlacedWeek(
        key,
        number,
        role,
        week.withExercises(exercises),
        from,
        days,
        closed,
        untilDone,
        minutesADay);
  }

  PlacedWeek withClosed(Set<LocalDate> dates) {
    var all = new TreeSet<>(closed);
    all.addAll(dates);
    return new PlacedWeek(key, number, role, week, from, days, all, untilDone, minutesADay);
  }

  /** Without some units; an exercise of which nothing is left is gone. */
  PlacedWeek without(Map<String, Integer> units) {
    units.keySet().forEach(this::need);
    return withExercises(
        week.exercises().stream()
            .flatMap(e -> e.fewer(units.getOrDefault(e.id(), 0)).stream())
            .toList());
  }

  /** With one exercise at another pace. */
  PlacedWeek paced(String exerciseId, int secondsEach) {
    need(exerciseId);
    return withExercises(
        week.exercises().stream()
            .map(e -> e.id().equals(exerciseId) ? e.withSecondsEach(secondsEach) : e)
            .toList());
  }

  private void need(String exerciseId) {
    if (exercise(exerciseId).isEmpty()) {
      throw new PlanChangeException(Message.of("course.noExerciseInWeek", "exercise", exerciseId));
    }
  }

  PlacedWeek lasting(boolean done) {
    return new PlacedWeek(key, number, role, week, from, days, closed, done, minutesADay);
  }

  PlacedWeek withMinutesADay(int minutes) {
    return new PlacedWeek(key, number, role, week, from, days, closed, untilDone, minutes);
  }
}
