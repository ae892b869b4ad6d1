package humblequill.core.topic.coverage;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A warm-up that may be offered: what is rusty and needed soon comes first, then what was studied
 * yesterday, once more from imagination. Common practice, no published source.
 *
 * @param needed why it is needed; empty for what was studied yesterday
 */
public record WarmUpChoice(String topic, Optional<RustAhead.Needed> needed) {
  private static final int MOST_RUSTY = 2;

  /**
   * What may be offered.
   *
   * @param rusty the most urgent first
   * @param besides topics that are drawn today or put in already
   */
  public static List<WarmUpChoice> of(
      List<RustAhead.Needed> rusty, Optional<String> studiedYesterday, Set<String> besides) {
    var named = new HashSet<>(besides);
    var choices = new ArrayList<WarmUpChoice>();
    rusty.stream()
        .filter(n -> named.add(n.standing().topic()))
        .limit(MOST_RUSTY)
        .forEach(n -> choices.add(new WarmUpChoice(n.standing().topic(), Optional.of(n))));
    studiedYesterday
        .filter(named::add)
        .ifPresent(topic -> choices.add(new WarmUpChoice(topic, Optional.empty())));
    return choices;
  }

  /** The topic that took most minutes of study on the day before; empty without any. */
  public static Optional<String> studiedYesterday(Ledger ledger, LocalDate today) {
    var day = today.minusDays(1);
    return ledger.between(day, day).stream()
        .filter(d -> d.learned().purpose() == Drawn.Purpose.STUDY && !d.topics().isEmpty())
        .max(Comparator.comparing(d -> d.minutes().minutes()))
        .flatMap(d -> d.topics().stream().sorted().findFirst());
  }
}
