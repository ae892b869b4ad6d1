package humblequill.core.promise;

import humblequill.core.course.ExerciseKind;
import humblequill.core.course.plan.DayOrder;
import humblequill.core.course.plan.DayPlan;
import humblequill.core.course.plan.DayRoom;
import humblequill.core.course.plan.Planner;
import humblequill.core.course.plan.Remedies;
import humblequill.core.course.plan.RemedyFinder;
import humblequill.core.course.plan.Work;
import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Can it be done: count × seconds each + drawing days × overhead, against the minutes there are.
 *
 * @param count units of the promise, or of its first week
 * @param due its last day, or that of the first week
 * @param drawingDays days with minutes
 * @param workSeconds drawing and overhead together
 * @param overheadSeconds of these, setting up, warming up and choosing references
 * @param availableSeconds of all days
 * @param load work ÷ available; infinite when there is work and no time
 * @param fits whether every unit has a day, in whole units
 * @param perDay units of the fullest day
 * @param minutesADay minutes that every drawing day needs; empty when no number of minutes does
 * @param remedies each alone and exact; empty when it fits
 * @param days units of each date
 */
public record Worksheet(
    int count,
    LocalDate due,
    int drawingDays,
    long workSeconds,
    long overheadSeconds,
    long availableSeconds,
    double load,
    boolean fits,
    int perDay,
    OptionalInt minutesADay,
    Optional<Remedies> remedies,
    List<DayShare> days) {
  private static final String ID = "quota";
  private static final int DAYS_TO_ADD = 366;

  /** A trial is worth one while the promise is at least so many times as large. */
  private static final int LEAST_FOR_TRIAL = 3;

  private static final double MINUTE = 60;

  /** Whether it can be done. */
  public enum Answer {
    /** Every unit has a day, beside what is promised already. */
    YES,
    /** Every unit has a day, but not beside what is promised already. */
    ONLY_ALONE,
    /** Not every unit has a day. */
    TOO_MUCH,
    /** No day has minutes for it. */
    NO_DAY
  }

  /** Units of a date. */
  public record DayShare(LocalDate date, int count) {}

  /**
   * Works it out for a promise.
   *
   * @param secondsEach seconds a unit, 1 or more
   * @param learners the learner's drawing days
   * @param day the learner's minutes
   */
  public static Worksheet of(
      Quota quota, int secondsEach, DrawingDays learners, PromiseTime.Day day) {
    var span = Tracker.progress(quota, Tally.NONE, learners, quota.promise().start()).span();
    var days = quota.drawingDays(learners);
    if (!quota.promise().dated()) {
      var last = span.from().plusDays(Promise.MAX_DAYS - 1L);
      return ownTime(span.asked(), secondsEach, quota.time().rooms(days, day, span.from(), last));
    }
    var rooms = quota.time().rooms(days, day, span.from(), span.due());
    var after = span.due().plusDays(1);
    var next = quota.time().rooms(days, day, after, span.due().plusDays(DAYS_TO_ADD));
    return of(span.asked(), secondsEach, rooms, next);
  }

  /** To the day on which all is drawn, when every drawing day is filled. */
  private static Worksheet ownTime(int count, int secondsEach, List<DayRoom> rooms) {
    long left = count;
    int days = 0;
    while (left > 0 && days < rooms.size()) {
      left -= rooms.get(days++).effectiveSeconds() / secondsEach;
    }
    return of(count, secondsEach, rooms.subList(0, days), List.of());
  }

  /**
   * The date by which so many units are done.
   *
   * @return nothing where fewer have a day
   */
  public Optional<LocalDate> doneBy(int units) {
    int sum = 0;
    for (var share : days) {
      sum += share.count();
      if (sum >= units) {
        return Optional.of(share.date());
      }
    }
    return Optional.empty();
  }

  /** The drawing days until so many units are done, and their time with setting up, in seconds. */
  public Optional<Trial> trial(int units, int secondsEach) {
    if (count < LEAST_FOR_TRIAL * units) {
      return Optional.empty();
    }
    return doneBy(units)
        .map(
            until -> {
              int drawn =
                  (int)
                      days.stream().filter(d -> !d.date().isAfter(until) && d.count() > 0).count();
              long setUp = drawingDays == 0 ? 0 : overheadSeconds / drawingDays * drawn;
              return new Trial(units, until, drawn, (long) units * secondsEach + setUp);
            });
  }

  /**
   * A smaller promise to begin with.
   *
   * @param units how many
   * @param until the date by which the larger one would have them
   * @param days drawing days until then
   * @param seconds of drawing and setting up
   */
  public record Trial(int units, LocalDate until, int days, long seconds) {}

  /**
   * Works it out for days.
   *
   * @param count 1 or more
   * @param secondsEach 1 or more
   * @param days every date of the promise, one or more; days without minutes are rest
   * @param nextDays dates after the last one that could be added
   */
  public static Worksheet of(
      int count, int secondsEach, List<DayRoom> days, List<DayRoom> nextDays) {
    var work = List.of(new Work(ID, ExerciseKind.DRILL, count, secondsEach, 1, Optional.empty()));
    var spread = Planner.spread(work, days, DayOrder.LESSON_FIRST);
    int drawingDays = (int) days.stream().filter(d -> d.availableMinutes() > 0).count();
    long overhead =
        days.stream()
            .filter(d -> d.availableMinutes() > 0)
            .mapToLong(d -> d.overheadMinutes() * 60L)
            .sum();
    long available = days.stream().mapToLong(d -> d.availableMinutes() * 60L).sum();
    long all = (long) count * secondsEach + overhead;
    return new Worksheet(
        count,
        days.get(days.size() - 1).date(),
        drawingDays,
        all,
        overhead,
        available,
        available == 0 ? Double.POSITIVE_INFINITY : (double) all / available,
        spread.fits(),
        spread.days().stream().mapToInt(d -> d.countOf(ID)).max().orElse(0),
        RemedyFinder.minutesNeeded(
            work, days.stream().map(Worksheet::emptied).toList(), DayOrder.LESSON_FIRST),
        spread.fits()
            ? Optional.empty()
            : Optional.of(RemedyFinder.find(work, days, nextDays, DayOrder.LESSON_FIRST)),
        spread.days().stream().map(Worksheet::share).toList());
  }

  /**
   * Whole units that a drawing day holds after setting up, on average; infinite without a day.
   *
   * @param secondsEach 1 or more
   */
  public static double unitsADay(List<DayRoom> drawingDays, int secondsEach) {
    return drawingDays.stream()
        .mapToInt(day -> day.effectiveSeconds() / secondsEach)
        .average()
        .orElse(Double.POSITIVE_INFINITY);
  }

  /**
   * Whether it can be done.
   *
   * @param overTheDay whether its minutes are more than other promises leave of the day
   */
  public Answer answer(boolean overTheDay) {
    if (drawingDays == 0) {
      return Answer.NO_DAY;
    } else if (!fits) {
      return Answer.TOO_MUCH;
    }
    return overTheDay ? Answer.ONLY_ALONE : Answer.YES;
  }

  /** Minutes a week that it takes, or all of them where it lasts less than a week. */
  public int weekMinutes() {
    return (int)
        Math.round(workSeconds / MINUTE * Math.min(1, (double) Promise.WEEK / days.size()));
  }

  /** Units that a drawing day needs when all are alike. */
  public int evenPerDay() {
    return drawingDays == 0 ? count : (count + drawingDays - 1) / drawingDays;
  }

  private static DayShare share(DayPlan day) {
    return new DayShare(day.date(), day.countOf(ID));
  }

  /**
   * A drawing day with one minute, so that the minutes needed do not hide behind those there are.
   */
  private static DayRoom emptied(DayRoom day) {
    return day.availableMinutes() == 0 ? day : day.withAvailable(1);
  }
}
