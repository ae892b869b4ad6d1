package humblequill.core.quota;

import humblequill.core.course.MissedWork;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * Follows a quota through its days. A day is a drawing day when the learner has minutes on it and
 * the quota does not rest; units drawn on other days count all the same.
 */
public final class Tracker {
  private static final int WEEK = 7;

  private final Quota quota;
  private final Map<LocalDate, Integer> counts;
  private final Predicate<LocalDate> drawingDay;
  private final LocalDate today;

  private Tracker(
      Quota quota,
      Map<LocalDate, Integer> counts,
      Predicate<LocalDate> hasMinutes,
      LocalDate today) {
    this.quota = quota;
    this.counts = counts;
    this.drawingDay = date -> hasMinutes.test(date) && !quota.rest().contains(date.getDayOfWeek());
    this.today = today;
  }

  /**
   * How a quota stands.
   *
   * @param counts units that count, by practice day
   * @param hasMinutes whether the learner has minutes on a date
   * @param today the open practice day
   */
  public static Progress progress(
      Quota quota,
      Map<LocalDate, Integer> counts,
      Predicate<LocalDate> hasMinutes,
      LocalDate today) {
    return new Tracker(quota, counts, hasMinutes, today).progress();
  }

  private Progress progress() {
    var promise = quota.promise();
    if (promise instanceof Promise.Sprint p) {
      return dated(p.start(), p.due(), p.count(), quota.policy(), List.of(), false);
    } else if (promise instanceof Promise.PromptList p) {
      return dated(p.start(), p.due(), p.pick(), quota.policy(), List.of(), false);
    } else if (promise instanceof Promise.DailyRun p) {
      return run(p);
    } else if (promise instanceof Promise.Ramp p) {
      return weekly(p.start(), p.start().plusDays((long) WEEK * p.weeks() - 1));
    }
    return weekly(promise.start(), LocalDate.MAX);
  }

  private Progress run(Promise.DailyRun p) {
    var due = nthDrawingDay(p.start(), p.days());
    var progress = dated(p.start(), due, p.days() * p.each(), quota.policy(), List.of(), false);
    int before = progress.total() - progress.doneToday();
    int page =
        quota.policy() == MissedWork.LET_GO ? progress.pastDays() + 1 : before / p.each() + 1;
    return progress.onPage(Math.min(p.days(), page));
  }

  /** The week that counts now, with its target by what became of the weeks before. */
  private Progress weekly(LocalDate start, LocalDate end) {
    var weeks = new ArrayList<Progress.Week>();
    var from = start;
    while (from.plusDays(WEEK).compareTo(today) <= 0 && from.plusDays(WEEK).compareTo(end) <= 0) {
      weeks.add(
          new Progress.Week(
              from, target(weeks), Progress.sum(counts, from, from.plusDays(WEEK - 1))));
      from = from.plusDays(WEEK);
    }
    return dated(from, from.plusDays(WEEK - 1), target(weeks), MissedWork.SPREAD, weeks, true);
  }

  private int target(List<Progress.Week> weeks) {
    return quota.promise() instanceof Promise.Ramp ramp
        ? Ramps.target(ramp, weeks.stream().map(Progress.Week::done).toList())
        : ((Promise.Standing) quota.promise()).perWeek();
  }

  private Progress dated(
      LocalDate from,
      LocalDate firstDue,
      int count,
      MissedWork policy,
      List<Progress.Week> weeks,
      boolean weekly) {
    int days = drawingDays(from, firstDue);
    var daily = new TreeMap<LocalDate, Integer>();
    var due = firstDue;
    int asked = count;
    int missed = 0;
    for (var day = from; day.isBefore(today) && !day.isAfter(due); day = day.plusDays(1)) {
      int drawn = counts.getOrDefault(day, 0);
      if (drawingDay.test(day) || drawn > 0) {
        daily.put(day, drawn);
      }
      if (drawingDay.test(day) && drawn == 0) {
        missed++;
        if (policy == MissedWork.SLIDE) {
          due = nextDrawingDay(due);
        } else if (policy == MissedWork.LET_GO) {
          asked -= share(count, days, missedShareIndex(from, day));
        }
      }
    }
    asked = Math.max(0, asked);
    int done = Progress.sum(counts, from, due);
    int doneToday = today.isAfter(due) ? 0 : counts.getOrDefault(today, 0);
    var next = today.isBefore(from) ? from : today;
    int daysLeft = next.isAfter(due) ? 0 : drawingDays(next, due);
    int before = done - doneToday;
    int leftBefore = Math.max(0, asked - before);
    int todays =
        !today.isBefore(from) && !today.isAfter(due) && drawingDay.test(today)
            ? (leftBefore + daysLeft - 1) / daysLeft
            : 0;
    boolean shareDone = todays > 0 && doneToday >= todays;
    int past = (int) daily.keySet().stream().filter(drawingDay).count();
    int all = past + daysLeft;
    int total = weekly ? Progress.sum(counts, quota.promise().start(), due) : done;
    return new Progress(
        from,
        due,
        asked,
        done,
        missed,
        past,
        shareDone ? daysLeft - 1 : daysLeft,
        todays,
        doneToday,
        0,
        all == 0 ? 0 : (double) asked * past / all,
        past == 0 ? 0 : (double) before / past,
        Optional.empty(),
        total,
        weeks,
        Collections.unmodifiableSortedMap(daily),
        today.isAfter(due));
  }

  private int missedShareIndex(LocalDate from, LocalDate day) {
    return drawingDays(from, day) - 1;
  }

  /** The share of one day when a count is spread evenly, earlier days first. */
  private static int share(int count, int days, int index) {
    return index < count % days ? count / days + 1 : count / days;
  }

  private int drawingDays(LocalDate from, LocalDate to) {
    int days = 0;
    for (var day = from; !day.isAfter(to); day = day.plusDays(1)) {
      days += drawingDay.test(day) ? 1 : 0;
    }
    return days;
  }

  private LocalDate nextDrawingDay(LocalDate after) {
    return nthDrawingDay(after.plusDays(1), 1);
  }

  /** The n-th drawing day; a learner without any draws on none, so the search ends. */
  private LocalDate nthDrawingDay(LocalDate from, int n) {
    var day = from;
    int found = 0;
    for (int i = 0; i < 2 * Promise.MAX_DAYS; i++) {
      found += drawingDay.test(day) ? 1 : 0;
      if (found == n) {
        return day;
      }
      day = day.plusDays(1);
    }
    return from.plusDays(n - 1L);
  }
}
