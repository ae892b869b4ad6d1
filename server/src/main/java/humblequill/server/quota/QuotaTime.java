package humblequill.server.quota;

import humblequill.core.course.Exercise;
import humblequill.core.course.PlacedWeek;
import humblequill.core.quota.Counting;
import humblequill.core.quota.Progress;
import humblequill.server.course.CourseService;
import humblequill.server.plan.TakenTime;
import humblequill.server.settings.Learner;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.UUID;
import java.util.function.ToIntFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The minutes that running quotas take from a day before the course is planned. What the course
 * brings along anyway is not taken twice.
 */
@Component
class QuotaTime implements TakenTime {
  private final QuotaCounts counts;
  private final CourseService courses;

  QuotaTime(QuotaCounts counts, CourseService courses) {
    this.counts = counts;
    this.courses = courses;
  }

  private record Running(QuotaCounts.Counted quota, Progress progress, int secondsEach) {}

  @Override
  public ToIntFunction<LocalDate> minutes(Learner learner) {
    return minutesWithout(null, learner);
  }

  /** The minutes that running quotas take, all but one. */
  ToIntFunction<LocalDate> minutesWithout(@Nullable UUID except, Learner learner) {
    var running =
        counts.all().stream()
            .filter(q -> !q.terms().beside() && !q.id().equals(except))
            .map(q -> new Running(q, q.progress(learner), q.pace().secondsEach()))
            .filter(r -> r.quota().runs(r.progress()))
            .toList();
    if (running.isEmpty()) {
      return date -> 0;
    }
    var known = new HashMap<LocalDate, Integer>();
    return date ->
        date.isBefore(learner.today())
            ? 0
            : known.computeIfAbsent(
                date, d -> running.stream().mapToInt(r -> minutes(r, d, learner)).sum());
  }

  private int minutes(Running r, LocalDate date, Learner learner) {
    var progress = r.progress();
    boolean inside = !date.isBefore(progress.from()) && !date.isAfter(progress.due());
    if (!inside || !r.quota().drawingDay(learner).test(date)) {
      return 0;
    }
    int needed = date.equals(learner.today()) ? progress.today() : progress.neededPerDay();
    return minutes(r.quota().quota().counting(), needed, r.secondsEach(), date, learner);
  }

  /** Minutes of so many units, less those that the course brings along on that date. */
  int minutes(Counting counting, int units, int secondsEach, LocalDate date, Learner learner) {
    double extra = Math.max(0, units - served(counting, date, learner));
    return (int) Math.ceil(extra * secondsEach / 60);
  }

  /** Whether there is a course that wants the day's minutes as well. */
  boolean besideCourse() {
    return !courses.followed().isEmpty();
  }

  /** Units a day that the weeks of the courses bring along. */
  private double served(Counting counting, LocalDate date, Learner learner) {
    double units = 0;
    for (var placed : courses.followed()) {
      var week = placed.placement().weekOn(date);
      if (week.isPresent()) {
        units +=
            week.get().week().exercises().stream()
                    .filter(e -> serves(counting, week.get(), e))
                    .mapToDouble(e -> units(counting, e))
                    .sum()
                / drawingDays(week.get(), learner);
      }
    }
    return units;
  }

  private static boolean serves(Counting counting, PlacedWeek week, Exercise e) {
    return counting.servedBy(e.id(), new HashSet<>(week.week().topicsOf(e)), e.source());
  }

  private static double units(Counting counting, Exercise e) {
    if (counting.unit() == Counting.Unit.MINUTES) {
      return e.seconds() / 60.0;
    }
    return e.target().unit() == Exercise.Unit.DRAWINGS ? e.target().quantity() : 0;
  }

  private static int drawingDays(PlacedWeek week, Learner learner) {
    List<LocalDate> days =
        week.from()
            .datesUntil(week.to().plusDays(1))
            .filter(d -> learner.availability().minutesOn(d) > 0)
            .toList();
    return Math.max(1, days.size());
  }
}
