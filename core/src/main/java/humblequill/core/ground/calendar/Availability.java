package humblequill.core.ground.calendar;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How many minutes the learner has on any date, and which dates are neutral.
 *
 * <p>What decides, strongest first: a paused span, a single rest day, an override for the date, the
 * week pattern in force. An override above 0 therefore lifts a weekday's rest for that one date.
 *
 * @param patterns week patterns by the date they begin; the earliest also holds for all dates
 *     before it
 * @param overrides minutes for single dates, 0 to 960
 * @param restDays single planned rest days
 * @param pauses paused spans, which may overlap
 */
public record Availability(
    List<WeekPattern> patterns,
    Map<LocalDate, Integer> overrides,
    Set<LocalDate> restDays,
    List<Pause> pauses) {
  public Availability {
    if (patterns.isEmpty()) {
      throw new InvalidException(Message.of("ground.noWeekPattern"));
    }
    patterns = patterns.stream().sorted(Comparator.comparing(WeekPattern::from)).toList();
    overrides.forEach((date, minutes) -> WeekPattern.checkMinutes(date.toString(), minutes));
    overrides = Map.copyOf(overrides);
    restDays = Set.copyOf(restDays);
    pauses = List.copyOf(pauses);
  }

  /** The week pattern in force on a date. */
  public WeekPattern patternOn(LocalDate date) {
    var inForce = patterns.get(0);
    for (var pattern : patterns) {
      if (pattern.from().isAfter(date)) {
        break;
      }
      inForce = pattern;
    }
    return inForce;
  }

  /** The same with one more week pattern. */
  public Availability with(WeekPattern pattern) {
    return new Availability(
        Stream.concat(patterns.stream(), Stream.of(pattern)).toList(), overrides, restDays, pauses);
  }

  /** Minutes available for drawing on a date; 0 on rest days and in paused spans. */
  public int minutesOn(LocalDate date) {
    if (pauseOn(date).isPresent() || restDays.contains(date)) {
      return 0;
    }
    var override = overrides.get(date);
    return override != null ? override : patternOn(date).minutesOn(date.getDayOfWeek());
  }

  /** The pause that a date lies in, if any. */
  public Optional<Pause> pauseOn(LocalDate date) {
    return pauses.stream().filter(pause -> pause.contains(date)).findFirst();
  }

  /** What of pauses lies in a span of days, first and last included; the earlier first. */
  public List<Pause> pausesWithin(LocalDate first, LocalDate last) {
    return pauses.stream()
        .flatMap(pause -> pause.within(first, last).stream())
        .sorted(Comparator.comparing(Pause::from))
        .toList();
  }

  /** Whether a date is planned rest, by itself or by its weekday. */
  public boolean isRest(LocalDate date) {
    if (restDays.contains(date)) {
      return true;
    }
    return patternOn(date).rest().contains(date.getDayOfWeek())
        && overrides.getOrDefault(date, 0) == 0;
  }

  /**
   * Whether a day without practice neither adds to a streak nor breaks it: planned rest or paused.
   */
  public boolean isNeutral(LocalDate date) {
    return isRest(date) || pauseOn(date).isPresent();
  }
}
