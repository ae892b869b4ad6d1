package humblequill.core.topic.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Bounds are common practice, no published source; the days follow from the half-life by hand. */
class TopicStandingTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);

  private static TopicState state(int daysLater, int minutes) {
    var ledger = Ledger.of(List.of(Drawns.of(FIRST, "hulls", 3, minutes)));
    return TopicStanding.of("hulls", ledger, false, FIRST.plusDays(daysLater), FreshnessRule.USUAL)
        .state();
  }

  /** 2^(−23/45) = .7017, 2^(−24/45) = .6910; 2^(−45/45) = .5, 2^(−46/45) = .4924. */
  @Test
  void it_fades_after_23_days_and_rusts_after_45() {
    assertThat(state(0, 90)).isEqualTo(TopicState.FRESH);
    assertThat(state(23, 90)).isEqualTo(TopicState.FRESH);
    assertThat(state(24, 90)).isEqualTo(TopicState.FADING);
    assertThat(state(45, 90)).isEqualTo(TopicState.FADING);
    assertThat(state(46, 90)).isEqualTo(TopicState.RUSTY);
  }

  @Test
  void what_was_hardly_begun_does_not_rust() {
    assertThat(state(300, 59)).isEqualTo(TopicState.FADING);
    assertThat(state(300, 60)).isEqualTo(TopicState.RUSTY);
  }

  @Test
  void never_touched_is_not_yet_where_a_plan_holds_it() {
    assertThat(TopicStanding.of("gulls", Ledger.EMPTY, true, FIRST, FreshnessRule.USUAL).state())
        .isEqualTo(TopicState.NOT_YET);
    assertThat(TopicStanding.of("gulls", Ledger.EMPTY, false, FIRST, FreshnessRule.USUAL).state())
        .isEqualTo(TopicState.UNTOUCHED);
  }

  @Test
  void a_return_says_what_faded_and_begins_with_the_familiar() {
    var drawn = new ArrayList<Drawn>();
    drawn.add(Drawns.of(FIRST, "hulls", 3, 200));
    drawn.add(Drawns.of(FIRST.plusDays(20), "gulls", 3, 30));
    var ledger = Ledger.of(drawn);
    assertThat(AfterAway.on(FIRST.plusDays(33), ledger, FreshnessRule.USUAL)).isEmpty();
    var away = AfterAway.on(FIRST.plusDays(50), ledger, FreshnessRule.USUAL).orElseThrow();
    assertThat(away.days()).isEqualTo(30);
    assertThat(away.easy()).contains("hulls");
    assertThat(away.faded()).extracting(TopicStanding::topic).containsExactly("hulls", "gulls");
    assertThat(AfterAway.on(FIRST, Ledger.EMPTY, FreshnessRule.USUAL)).isEmpty();
  }

  @Test
  void a_warm_up_takes_setting_up_first_and_then_the_free_share() {
    assertThat(WarmUpRoom.on(12, 30)).contains(new WarmUpRoom(WarmUpRoom.From.SETTING_UP, 10));
    assertThat(WarmUpRoom.on(6, 30)).contains(new WarmUpRoom(WarmUpRoom.From.SETTING_UP, 6));
    assertThat(WarmUpRoom.on(4, 8)).contains(new WarmUpRoom(WarmUpRoom.From.FREE_SHARE, 8));
    assertThat(WarmUpRoom.on(4, 4)).isEmpty();
  }
}
