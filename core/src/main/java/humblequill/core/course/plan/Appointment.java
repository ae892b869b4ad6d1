package humblequill.core.course.plan;

import humblequill.core.day.entry.Poses;
import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Objects;
import java.util.Optional;

/**
 * A fixed appointment: a life-drawing group, a class. It takes its minutes from the day and
 * satisfies work by the poses usually given there.
 *
 * @param id stable
 * @param title as the learner calls it
 * @param weekday the weekday of a weekly one; empty for a single date
 * @param from first date, or the only one
 * @param to last date; empty for an open end; the only date for a single one
 * @param start when it begins, by the local clock
 * @param minutes how long it lasts, 5 to 720
 * @param poses poses usually given there, may be empty
 */
public record Appointment(
    String id,
    String title,
    Optional<DayOfWeek> weekday,
    LocalDate from,
    Optional<LocalDate> to,
    LocalTime start,
    int minutes,
    Poses poses) {
  private static final int SHORTEST = 5;
  private static final int LONGEST = 720;

  public Appointment {
    Objects.requireNonNull(from, "from");
    Objects.requireNonNull(start, "start");
    if (minutes < SHORTEST || minutes > LONGEST) {
      throw new InvalidException(
          Message.of(
              "course.minutesWithin", "least", SHORTEST, "most", LONGEST, "minutes", minutes));
    }
    if (to.isPresent() && to.get().isBefore(from)) {
      throw new InvalidException(
          Message.of("course.endsBeforeBegin", "title", title, "to", to.get(), "from", from));
    }
  }

  /** Whether its poses take no longer than it lasts. */
  public boolean holdsItsPoses() {
    return poses.seconds() <= 60L * minutes;
  }

  /** The same without poses. */
  Appointment withoutPoses() {
    return new Appointment(id, title, weekday, from, to, start, minutes, Poses.NONE);
  }

  /** Whether it takes place on a date. */
  public boolean on(LocalDate date) {
    if (weekday.isEmpty()) {
      return date.equals(from);
    }
    return date.getDayOfWeek() == weekday.get()
        && !date.isBefore(from)
        && to.map(last -> !date.isAfter(last)).orElse(true);
  }
}
