package humblequill.core.topic.coverage;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** What to draw when energy is low, or when one is bored. */
public final class EasySubject {
  /** Days that make a subject familiar. */
  static final int LATELY = 60;

  /** Days without it that make a subject another one. */
  static final int RESTED = 14;

  /** Days on which it was drawn, so that it is none of the new ones. */
  static final int KNOWN = 3;

  private EasySubject() {}

  /**
   * A familiar subject: of what was drawn lately, that with the best marks among the five drawn
   * most, since it is the least likely to disappoint; without marks the one drawn most.
   */
  public static Optional<String> familiar(Ledger ledger, LocalDate today) {
    var from = today.minusDays(LATELY);
    return ledger.topicsTouched().stream()
        .filter(t -> minutes(ledger, t, from) > 0)
        .sorted(Comparator.comparing((String t) -> -minutes(ledger, t, from)))
        .limit(5)
        .max(Comparator.comparingDouble(t -> mark(ledger, t, from)));
  }

  /** Subjects that are known and were left alone for two weeks, the freshest of them first. */
  public static List<String> others(Ledger ledger, LocalDate today) {
    return ledger.topicsTouched().stream()
        .filter(t -> ledger.minutesOf(t).byDay().size() >= KNOWN)
        .filter(t -> ledger.minutesOf(t).byDay().lastKey().isBefore(today.minusDays(RESTED)))
        .sorted(
            Comparator.comparing((String t) -> ledger.minutesOf(t).byDay().lastKey())
                .reversed()
                .thenComparing(t -> t))
        .toList();
  }

  private static int minutes(Ledger ledger, String topic, LocalDate from) {
    return ledger.minutesOf(topic).byDay().tailMap(from).values().stream().mapToInt(m -> m).sum();
  }

  private static double mark(Ledger ledger, String topic, LocalDate from) {
    return ledger.since(from).stream()
        .filter(d -> d.topics().contains(topic))
        .mapToInt(Drawn::mark)
        .filter(m -> m > 0)
        .average()
        .orElse(0);
  }
}
