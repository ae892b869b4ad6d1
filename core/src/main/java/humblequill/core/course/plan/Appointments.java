package humblequill.core.course.plan;

import humblequill.core.ground.calendar.Availability;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What fixed appointments take and satisfy. Common practice, no published source.
 *
 * @param all in any order
 */
public record Appointments(List<Appointment> all) {
  /** None at all. */
  public static final Appointments NONE = new Appointments(List.of());

  private static final double LENGTHS_ALIKE = 1.5;

  public Appointments {
    all = all.stream().sorted(Comparator.comparing(Appointment::start)).toList();
  }

  /** What is in the way of an appointment. */
  public enum Obstacle {
    /** It takes more minutes than the day has. */
    OVER_THE_DAY,
    /** The day is planned rest. */
    REST,
    /** The day lies in a pause. */
    PAUSE,
    /** Another one begins before it is over. */
    OVERLAP
  }

  /**
   * A clash.
   *
   * @param minutes minutes it takes
   * @param available minutes of the day
   * @param other the other appointment of an overlap; empty otherwise
   */
  public record Clash(
      LocalDate date, String title, Obstacle obstacle, int minutes, int available, String other) {}

  /**
   * A clash that comes again: the same appointment, the same obstacle, the same other.
   *
   * @param first the earliest
   * @param times how often, 1 or more
   */
  public record Repeated(Clash first, int times) {}

  /** Appointments of a date, in the order of the clock. */
  public List<Appointment> on(LocalDate date) {
    return all.stream().filter(a -> a.on(date)).toList();
  }

  /** The same without their poses, for a course that only gives them the time. */
  public Appointments withoutPoses() {
    return new Appointments(all.stream().map(Appointment::withoutPoses).toList());
  }

  /** Minutes that they take on a date. */
  public int minutesOn(LocalDate date) {
    return on(date).stream().mapToInt(Appointment::minutes).sum();
  }

  /** Clashes between two dates, both included. */
  public List<Clash> clashes(LocalDate from, LocalDate to, Availability availability) {
    var clashes = new ArrayList<Clash>();
    for (var date = from; !date.isAfter(to); date = date.plusDays(1)) {
      var here = on(date);
      int available = availability.minutesOn(date);
      for (int i = 0; i < here.size(); i++) {
        var a = here.get(i);
        if (availability.pauseOn(date).isPresent()) {
          clashes.add(new Clash(date, a.title(), Obstacle.PAUSE, a.minutes(), 0, ""));
        } else if (availability.isRest(date)) {
          clashes.add(new Clash(date, a.title(), Obstacle.REST, a.minutes(), 0, ""));
        } else if (a.minutes() > available) {
          clashes.add(
              new Clash(date, a.title(), Obstacle.OVER_THE_DAY, a.minutes(), available, ""));
        }
        if (i > 0 && overlap(here.get(i - 1), a)) {
          clashes.add(
              new Clash(
                  date,
                  a.title(),
                  Obstacle.OVERLAP,
                  a.minutes(),
                  available,
                  here.get(i - 1).title()));
        }
      }
    }
    return clashes;
  }

  /** The same, each kind of clash told once, by the date of its first. */
  public List<Repeated> repeatedClashes(LocalDate from, LocalDate to, Availability availability) {
    var byKind = new LinkedHashMap<List<Object>, Repeated>();
    for (var clash : clashes(from, to, availability)) {
      byKind.merge(
          List.of(clash.title(), clash.obstacle(), clash.other()),
          new Repeated(clash, 1),
          (a, b) -> new Repeated(a.first(), a.times() + 1));
    }
    return List.copyOf(byKind.values());
  }

  private static boolean overlap(Appointment earlier, Appointment later) {
    int end = earlier.start().toSecondOfDay() / 60 + earlier.minutes();
    return later.start().toSecondOfDay() / 60 < end;
  }

  /**
   * Units of work that the poses of a date satisfy: poses go to work whose unit is about as long,
   * at most half as long again either way, in the order of the work.
   *
   * @param left units still to do, by work
   */
  Map<String, Integer> satisfiedOn(LocalDate date, List<Work> works, Map<String, Integer> left) {
    var satisfied = new HashMap<String, Integer>();
    for (var appointment : on(date)) {
      for (var poses : appointment.poses().rows()) {
        int unused = poses.count();
        for (var work : works) {
          int open = left.getOrDefault(work.id(), 0) - satisfied.getOrDefault(work.id(), 0);
          int here = Math.min(unused, open);
          if (here > 0 && work.posed() && alike(work.secondsEach(), poses.secondsEach())) {
            satisfied.merge(work.id(), here, Integer::sum);
            unused -= here;
          }
        }
      }
    }
    return satisfied;
  }

  private static boolean alike(int a, int b) {
    return a <= LENGTHS_ALIKE * b && b <= LENGTHS_ALIKE * a;
  }
}
