package humblequill.core.topic.coverage;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/**
 * How fast topics fade. Common practice, no published source: people call a topic rusty after some
 * months.
 *
 * @param halfLifeDays days after which a topic practised once is half as fresh, {@value #SHORTEST}
 *     to {@value #LONGEST}
 * @param fadingBelow freshness below which it is fading, above the next and below 1
 * @param rustyBelow freshness below which it is rusty, above 0
 */
public record FreshnessRule(int halfLifeDays, double fadingBelow, double rustyBelow) {
  /** The shortest half-life, in days. */
  public static final int SHORTEST = 7;

  /** The longest half-life, in days, also with returns. */
  public static final int LONGEST = 365;

  /** As long as the learner says nothing else. */
  public static final FreshnessRule USUAL = new FreshnessRule(45, 0.7, 0.5);

  public FreshnessRule {
    if (halfLifeDays < SHORTEST || halfLifeDays > LONGEST) {
      throw new InvalidException(
          Message.of(
              "topic.halfLifeWithin", "least", SHORTEST, "most", LONGEST, "days", halfLifeDays));
    }
    if (!(0 < rustyBelow && rustyBelow < fadingBelow && fadingBelow < 1)) {
      throw new InvalidException(
          Message.of("topic.freshnessWithin", "rusty", rustyBelow, "fading", fadingBelow));
    }
  }
}
