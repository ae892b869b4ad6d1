package humblequill.core.promise;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;

/**
 * Follows a quota through its days. Units drawn on days that are no drawing days of it count all
 * the same.
 */
public final class Tracker {
  private static final int HORIZON = 366;

  private final Quota quota;
  private final Tally counts;
  private final DrawingDays drawingDays;
  private final LocalDate today;

  private Tracker(Quota quota, Tally counts, DrawingDays learners, LocalDate today) {
    this.quota = quota;
    this.counts = counts;
    this.drawingDays = quota.drawingDays(learners);
    this.today = today;
  }

  /**
   * How a quota stands.
   *
   * @param counts units that count, by practice day
   * @param learners the learner's drawing days
   * @param today the open practice day
   */
  public static Progress progress(
      Quota quota, Tally counts, DrawingDays learners, LocalDate today) {
    var tracker = new Tracker(quota, counts, learners, today);
    return quota.promise().weekly() ? tracker.weekly() : tracker.dated();
  }

  private Progress dated() {
    var promise = quota.promise();
    var end = promise.dated() ? promise.end(drawingDays) : horizon();
    var policy = promise.dated() ? quota.policy() : MissedWork.SPREAD;
    return span(promise.start(), end, promise.asked(List.of()), policy, List.of());
  }

  /** As far as it is looked ahead where there is no date. */
  private LocalDate horizon() {
    var start = quota.promise().start();
    return (today.isBefore(start) ? start : today).plusDays(HORIZON);
  }

  /** The week that counts now, with its target by what became of the weeks before. */
  private Progress weekly() {
    var end = quota.promise().end(drawingDays);
    var weeks = new ArrayList<Progress.Week>();
    var from = quota.promise().start();
    while (!from.plusDays(Promise.WEEK).isAfter(today)
        && !from.plusDays(Promise.WEEK).isAfter(end)) {
      var to = from.plusDays(Promise.WEEK - 1L);
      weeks.add(new Progress.Week(from, target(weeks), counts.between(from, to)));
      from = from.plusDays(Promise.WEEK);
    }
    var to = from.plusDays(Promise.WEEK - 1L);
    return span(from, to, target(weeks), MissedWork.SPREAD, weeks);
  }

  private int target(List<Progress.Week> weeks) {
    return quota.promise().asked(weeks.stream().map(Progress.Week::done).toList());
  }

  private Progress span(
      LocalDate from, LocalDate firstDue, int count, MissedWork policy, List<Progress.Week> weeks) {
    int days = drawingDays.count(from, firstDue);
    var daily = new TreeMap<LocalDate, Integer>();
    var due = firstDue;
    int asked = count;
    int missed = 0;
    int past = 0;
    for (var day = from; day.isBefore(today) && !day.isAfter(due); day = day.plusDays(1)) {
      int drawn = counts.on(day);
      boolean planned = drawingDays.test(day);
      past += planned ? 1 : 0;
      if (planned || drawn > 0) {
        daily.put(day, drawn);
      }
      if (planned && drawn == 0) {
        missed++;
        if (policy == MissedWork.SLIDE) {
          due = drawingDays.next(due);
        } else if (policy == MissedWork.LET_GO) {
          asked -= share(count, days, drawingDays.count(from, day) - 1);
        }
      }
    }
    asked = Math.max(0, asked);
    int done = counts.between(from, due);
    int doneToday = today.isAfter(due) ? 0 : counts.on(today);
    int before = done - doneToday;
    var next = today.isBefore(from) ? from : today;
    int daysLeft = drawingDays.count(next, due);
    int todays = askedToday(from, due, asked - before, daysLeft);
    boolean shareDone = todays > 0 && doneToday >= todays;
    int all = past + daysLeft;
    return new Progress(
        new Progress.Span(from, due, asked, done, missed, shareDone ? daysLeft - 1 : daysLeft),
        new Progress.Day(todays, doneToday, 0),
        new Progress.Before(
            past,
            all == 0 ? 0 : (double) asked * past / all,
            past == 0 ? 0 : (double) before / past,
            new Tally(daily)),
        quota.promise().number(before, past, policy == MissedWork.LET_GO),
        counts.between(quota.promise().start(), due),
        weeks,
        today.isAfter(due));
  }

  private int askedToday(LocalDate from, LocalDate due, int left, int daysLeft) {
    boolean inside = quota.promise().dated() && !today.isBefore(from) && !today.isAfter(due);
    return inside && drawingDays.test(today) ? (Math.max(0, left) + daysLeft - 1) / daysLeft : 0;
  }

  /** The share of one day when a count is spread evenly, earlier days first. */
  private static int share(int count, int days, int index) {
    return index < count % days ? count / days + 1 : count / days;
  }
}
