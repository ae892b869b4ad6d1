package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.ground.stats.BradleyTerry.Choice;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures ranked by choices between two. */
class RankingTest {
  @Test
  void nothing_is_asked_of_fewer_than_two() {
    assertThat(Ranking.of(0, List.of()).next()).isEmpty();
    assertThat(Ranking.of(1, List.of()).settled()).isTrue();
    assertThat(Ranking.of(2, List.of()).next()).contains(new Ranking.Pair(0, 1));
  }

  /** Equal abilities: the chance that one stands before the other is one half. */
  @Test
  void before_any_choice_nothing_is_sure() {
    var ranking = Ranking.of(5, List.of());
    assertThat(ranking.sure()).isCloseTo(0.5, within(1e-12));
    assertThat(ranking.settled()).isFalse();
    assertThat(ranking.notSettled()).isFalse();
  }

  @Test
  void every_picture_is_seen_before_any_is_seen_often() {
    var choices = new ArrayList<Choice>();
    var seen = new int[9];
    for (int i = 0; i < 5; i++) {
      var pair = Ranking.of(9, choices).next().orElseThrow();
      seen[pair.one()]++;
      seen[pair.other()]++;
      choices.add(new Choice(pair.one(), pair.other()));
    }
    assertThat(seen).doesNotContain(0);
  }

  /** Who always chooses the picture with the smaller number puts 0, 1 and 2 first. */
  @ParameterizedTest
  @ValueSource(ints = {2, 3, 4, 8, 20})
  void a_steady_taste_is_found(int items) {
    var choices = new ArrayList<Choice>();
    for (int i = 0; i < 20 * items; i++) {
      var next = Ranking.of(items, choices).next();
      if (next.isEmpty()) {
        break;
      }
      int one = next.get().one();
      int other = next.get().other();
      choices.add(new Choice(Math.min(one, other), Math.max(one, other)));
    }
    var ranking = Ranking.of(items, choices);
    assertThat(ranking.settled()).isTrue();
    assertThat(ranking.order().get(0)).isZero();
    assertThat(ranking.order().subList(0, ranking.top()))
        .allSatisfy(i -> assertThat(i).isLessThanOrEqualTo(ranking.top()));
  }

  @Test
  void a_taste_that_changes_all_the_time_is_told_to_be_not_settled() {
    var random = new Random(3);
    int told = 0;
    for (int run = 0; run < 20; run++) {
      var choices = new ArrayList<Choice>();
      for (int i = 0; i < 16; i++) {
        int one = random.nextInt(8);
        int other = (one + 1 + random.nextInt(7)) % 8;
        choices.add(new Choice(one, other));
      }
      told += Ranking.of(8, choices).notSettled() ? 1 : 0;
    }
    assertThat(told).isGreaterThan(10);
  }
}
