package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Whether what was drawn serves the aim, counted by hand. */
class WhatForTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 29);
  private static final List<String> TOPICS = List.of("hulls", "rope and nets", "gulls", "rope");

  @Test
  void topics_are_those_whose_words_stand_in_the_aim() {
    var ledger =
        Ledger.of(
            List.of(
                Drawns.of(DAY, "hulls", 1, 30),
                Drawns.of(DAY.minusDays(27), "rope and nets", 1, 20),
                Drawns.of(DAY.minusDays(28), "hulls", 1, 500),
                Drawns.of(DAY, "gulls", 1, 50)));
    var serves =
        WhatFor.of("To draw a hull with its Rope and Nets from life.", TOPICS, ledger, DAY);
    assertThat(serves.topics()).containsExactly("hulls", "rope", "rope and nets");
    assertThat(serves.minutes()).isEqualTo(50);
    assertThat(serves.of()).isEqualTo(100);
  }

  @Test
  void an_aim_without_topics_or_words_is_served_by_nothing_known() {
    assertThat(WhatFor.of("", TOPICS, Ledger.EMPTY, DAY)).isEqualTo(new WhatFor(List.of(), 0, 0));
    assertThat(WhatFor.of("To be calm.", TOPICS, Ledger.EMPTY, DAY).topics()).isEmpty();
  }
}
