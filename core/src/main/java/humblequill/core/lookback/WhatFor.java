package humblequill.core.lookback;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Ledger;
import humblequill.core.ground.name.Fold;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.List;

/**
 * Whether what was drawn serves what all this is for.
 *
 * @param topics that the aim names in its words
 * @param minutes of the last {@value #DAYS} days drawn of them
 * @param of all minutes of these days
 */
public record WhatFor(List<String> topics, int minutes, int of) {
  /** Days it looks back on. */
  public static final int DAYS = 28;

  public WhatFor {
    topics = List.copyOf(topics);
  }

  /**
   * What serves an aim.
   *
   * @param aim in the learner's words; a topic is named where all its words stand in it in a row
   * @param last the last of the days
   */
  public static WhatFor of(String aim, Collection<String> topics, Ledger ledger, LocalDate last) {
    var words = Fold.stems(aim);
    var named =
        topics.stream()
            .filter(t -> !Fold.stems(t).isEmpty())
            .filter(t -> Collections.indexOfSubList(words, Fold.stems(t)) >= 0)
            .sorted()
            .toList();
    var drawn = ledger.between(last.minusDays(DAYS - 1L), last);
    return new WhatFor(
        named,
        minutes(drawn.stream().filter(d -> d.topics().stream().anyMatch(named::contains)).toList()),
        minutes(drawn));
  }

  private static int minutes(List<Drawn> drawn) {
    return drawn.stream().mapToInt(d -> d.minutes().minutes()).sum();
  }
}
