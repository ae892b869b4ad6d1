package humblequill.core.topic.coverage;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * How fresh a topic is: 2^(−days since it was last practised ÷ half-life). Each spaced return makes
 * the half-life longer by half of the first one, to a year at most. A reminder and no measure of
 * skill. Common practice, no published source.
 *
 * @param value 1 on the day it was practised, towards 0
 * @param returns how often it was practised {@value #SPACED} days or more after the anchor; the
 *     first practice is the anchor, and each such return becomes it
 * @param halfLifeDays the half-life with its returns
 * @param last the day it was last practised
 * @param ageDays practice days since then
 */
public record Freshness(
    double value, int returns, double halfLifeDays, LocalDate last, long ageDays) {
  /** Days after which practice is a return. */
  static final int SPACED = 3;

  private static final double PER_RETURN = 0.5;

  /**
   * The freshness on a day; empty for what was never practised.
   *
   * @param days on which it was practised, oldest first; those after the day do not count
   */
  public static Optional<Freshness> on(
      LocalDate today, Iterable<LocalDate> days, FreshnessRule rule) {
    LocalDate last = null;
    long anchor = 0;
    int returns = 0;
    for (var day : days) {
      if (day.isAfter(today)) {
        break;
      }
      long at = day.toEpochDay();
      if (last == null) {
        anchor = at;
      } else if (at - anchor >= SPACED) {
        returns++;
        anchor = at;
      }
      last = day;
    }
    if (last == null) {
      return Optional.empty();
    }
    double halfLife =
        Math.min(FreshnessRule.LONGEST, rule.halfLifeDays() * (1 + PER_RETURN * returns));
    long age = ChronoUnit.DAYS.between(last, today);
    return Optional.of(new Freshness(Math.pow(2, -age / halfLife), returns, halfLife, last, age));
  }
}
