package humblequill.core.promise;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * A promise with all that counted towards it.
 *
 * @param endedOn the day the learner ended it, if they did
 * @param matching entries of the kind that counts, from its start to its end, oldest first,
 *     whatever they bring
 * @param byDay units by practice day, without days that brought none
 */
public record Account(Quota quota, Optional<LocalDate> endedOn, List<Drawn> matching, Tally byDay) {
  private static final int MINUTE = 60;

  /** Lengths within such a factor of each other are about the same; common practice. */
  private static final double ALIKE = 1.5;

  public Account {
    matching = List.copyOf(matching);
  }

  /**
   * What counted towards a promise.
   *
   * @param drawn entries from its first day on, oldest first
   * @param prompts prompts of its list that were drawn, by day
   */
  public static Account of(
      Quota quota, Optional<LocalDate> endedOn, List<Drawn> drawn, Tally prompts) {
    var start = quota.promise().start();
    var matching =
        drawn.stream()
            .filter(d -> !d.day().isBefore(start))
            .filter(d -> endedOn.map(end -> !d.day().isAfter(end)).orElse(true))
            .filter(quota.counting()::matches)
            .toList();
    var units = Tally.sum(matching, Drawn::day, quota.counting()::unitsIn);
    return new Account(quota, endedOn, matching, units.plus(prompts).withoutZeros());
  }

  /** How it stands on a day, or stood when it ended. */
  public Progress progress(DrawingDays learners, LocalDate today) {
    var day = endedOn.filter(end -> end.isBefore(today)).map(end -> end.plusDays(1)).orElse(today);
    return Tracker.progress(quota, byDay, learners, day);
  }

  /** Whether it still asks for something. */
  public boolean runs(Progress progress) {
    return endedOn.isEmpty()
        && !progress.over()
        && (quota.promise().weekly() || !progress.reached());
  }

  /** How it goes or went. */
  public Outcome outcome(Progress progress) {
    if (runs(progress)) {
      return Outcome.RUNNING;
    }
    if (progress.asked() == 0 && progress.done() == 0) {
      return Outcome.LET_GO;
    }
    if (quota.promise().weekly() ? allWeeksMet(progress) : progress.reached()) {
      return Outcome.FINISHED;
    }
    return endedOn.filter(end -> !end.isAfter(progress.due())).isPresent()
        ? Outcome.STOPPED
        : Outcome.RUN_OUT;
  }

  private boolean allWeeksMet(Progress progress) {
    return endedOn.isEmpty()
        && progress.reached()
        && progress.weeks().stream().allMatch(Progress.Week::met);
  }

  /** Units of each drawing day from its start to a date, that date left out, zeros included. */
  public Tally daysBefore(LocalDate date, DrawingDays learners) {
    var start = quota.promise().start();
    var days = quota.drawingDays(learners);
    var units = new TreeMap<LocalDate, Integer>();
    start
        .datesUntil(date.isBefore(start) ? start : date)
        .filter(d -> days.test(d) || byDay.has(d))
        .forEach(d -> units.put(d, byDay.on(d)));
    return new Tally(units);
  }

  /** The same as it was at the end of the day before a date. */
  public Account before(LocalDate date) {
    return new Account(
        quota,
        endedOn,
        matching.stream().filter(d -> d.day().isBefore(date)).toList(),
        new Tally(byDay.byDay().headMap(date)));
  }

  /** How long one unit takes: by its own entries, with what was expected. */
  public PaceEstimate pace() {
    if (quota.counting().unit() == Counting.Unit.MINUTES) {
      return PaceEstimate.ofMinutes();
    }
    return quota.pace(secondsAUnit(quota.counting(), matching));
  }

  /** Seconds a unit of all entries that tell how long they took. */
  public static List<Integer> secondsAUnit(Counting counting, List<Drawn> drawn) {
    return drawn.stream()
        .filter(d -> counting.unitsIn(d) > 0 && d.minutes().minutes() > 0)
        .map(d -> Math.round(d.minutes().minutes() * (float) MINUTE / counting.unitsIn(d)))
        .toList();
  }

  /**
   * Seconds a unit of entries on the same topics that took about as long as is expected, for work
   * of which there is no own entry yet.
   *
   * @param topics topics of that work
   */
  public static List<Integer> secondsOfAlike(
      Quota quota, Collection<String> topics, List<Drawn> drawn) {
    var anything = Counting.all(quota.counting().unit());
    var sameTopic = drawn.stream().filter(d -> d.topics().stream().anyMatch(topics::contains));
    return secondsAUnit(anything, sameTopic.toList()).stream()
        .filter(s -> s <= ALIKE * quota.secondsEach() && quota.secondsEach() <= ALIKE * s)
        .toList();
  }

  /** What it came to so far. */
  public QuotaRecord record(DrawingDays learners, LocalDate today) {
    var progress = progress(learners, today);
    var start = quota.promise().start();
    var end = endedOn.orElse(today);
    boolean dated = !quota.promise().weekly();
    var last = dated && progress.due().isBefore(end) ? progress.due() : end;
    return QuotaRecord.of(lines(), progress.asked(), start, last.isBefore(start) ? start : last);
  }

  /** Prompts are ticked and not read from entries, so that days stand for them. */
  private List<QuotaRecord.Line> lines() {
    if (quota.counting().unit() == Counting.Unit.PROMPTS) {
      return byDay.byDay().entrySet().stream()
          .map(e -> new QuotaRecord.Line(e.getKey(), e.getValue(), 0, 0))
          .toList();
    }
    return matching.stream()
        .map(
            d ->
                new QuotaRecord.Line(
                    d.day(), quota.counting().unitsIn(d), d.minutes().minutes(), d.mark()))
        .toList();
  }

  /**
   * Units so far by the end of each date of the span that counts now. Today is left out until
   * something was drawn, since the forecast begins with it.
   */
  public List<Integer> curve(Progress progress, LocalDate today) {
    var last = progress.doneToday() > 0 ? today : today.minusDays(1);
    var end = last.isAfter(progress.due()) ? progress.due() : last;
    return QuotaRecord.curve(byDay, progress.from(), end);
  }
}
