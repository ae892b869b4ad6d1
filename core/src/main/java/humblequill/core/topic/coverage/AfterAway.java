package humblequill.core.topic.coverage;

import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A return after days without drawing: what faded since, and a familiar subject to begin with.
 *
 * @param days since the last practice day
 * @param faded what was fresh then and is not now, the most practised first, five at most
 * @param easy the topic practised most, which is the least likely to disappoint
 */
public record AfterAway(long days, List<TopicStanding> faded, Optional<String> easy) {
  /** Days without drawing from which it is a return. */
  public static final int AWAY = 14;

  /** Minutes of the familiar subject: the smallest sitting that is worth it. */
  public static final int EASY_MINUTES = 10;

  private static final int MOST_FADED = 5;

  /** The return; empty while the last practice day is near, or there was none. */
  public static Optional<AfterAway> on(LocalDate today, Ledger ledger, FreshnessRule rule) {
    var practised = ledger.minutes().byDay();
    if (practised.isEmpty()) {
      return Optional.empty();
    }
    var last = practised.lastKey();
    long days = ChronoUnit.DAYS.between(last, today);
    if (days < AWAY) {
      return Optional.empty();
    }
    var all =
        ledger.topicsTouched().stream()
            .map(t -> TopicStanding.of(t, ledger, false, today, rule))
            .sorted(
                Comparator.comparing((TopicStanding s) -> -s.minutesEver())
                    .thenComparing(TopicStanding::topic))
            .toList();
    var faded =
        all.stream()
            .filter(TopicStanding::isFaded)
            .filter(s -> !TopicStanding.of(s.topic(), ledger, false, last, rule).isFaded())
            .limit(MOST_FADED)
            .toList();
    return Optional.of(
        new AfterAway(days, faded, all.stream().map(TopicStanding::topic).findFirst()));
  }
}
