package humblequill.core.topic.coverage;

import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.Optional;

/**
 * How a topic stands on a day.
 *
 * @param freshness empty for what was never touched
 * @param minutesEver all minutes of its entries; an entry counts for each of its topics in full
 */
public record TopicStanding(
    String topic, TopicState state, Optional<Freshness> freshness, int minutesEver) {
  /** Minutes from which a topic can be rusty. */
  static final int ENOUGH_TO_RUST = 60;

  /**
   * The standing.
   *
   * @param planned whether a plan still holds it
   */
  public static TopicStanding of(
      String topic, Ledger ledger, boolean planned, LocalDate today, FreshnessRule rule) {
    var minutes = ledger.minutesOf(topic).byDay();
    var freshness = Freshness.on(today, minutes.keySet(), rule);
    int ever = 0;
    for (int m : minutes.values()) {
      ever += m;
    }
    return new TopicStanding(topic, state(freshness, ever, planned, rule), freshness, ever);
  }

  private static TopicState state(
      Optional<Freshness> freshness, int minutesEver, boolean planned, FreshnessRule rule) {
    if (freshness.isEmpty()) {
      return planned ? TopicState.NOT_YET : TopicState.UNTOUCHED;
    }
    double value = freshness.get().value();
    if (value >= rule.fadingBelow()) {
      return TopicState.FRESH;
    }
    return value < rule.rustyBelow() && minutesEver >= ENOUGH_TO_RUST
        ? TopicState.RUSTY
        : TopicState.FADING;
  }

  /** Whether it goes, or went, unpractised for long. */
  public boolean isFaded() {
    return state == TopicState.FADING || state == TopicState.RUSTY;
  }
}
