package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Words that come back. */
class SaidAgainTest {
  @Test
  void the_same_words_in_another_number_or_case_are_the_same() {
    assertThat(
            SaidAgain.again(
                List.of("Verticals lean in. Hand tired", "vertical lean in!"),
                List.of("verticals lean in; sheer too flat"),
                SameWords.ALONE))
        .containsExactly(new SaidAgain("vertical lean in", 2, 1));
  }

  @Test
  void what_was_said_once_is_left_out_and_what_was_only_said_before_too() {
    assertThat(
            SaidAgain.again(
                List.of("too dark"), List.of("too light", "too light"), SameWords.ALONE))
        .isEmpty();
    assertThat(SaidAgain.again(List.of("too dark"), List.of("Too dark."), SameWords.ALONE))
        .containsExactly(new SaidAgain("too dark", 1, 1));
    assertThat(SaidAgain.again(List.of(), List.of("a", "a"), SameWords.ALONE)).isEmpty();
  }

  @Test
  void later_it_is_counted_in_other_notes() {
    assertThat(
            SaidAgain.count(
                "Verticals lean in", List.of("vertical lean in", "flat"), SameWords.ALONE))
        .isOne();
  }

  @Test
  void what_the_learner_says_means_the_same_is_counted_as_one() {
    var same =
        SameWords.of(
            List.of(
                new SameWords.MeantSame("head too large", "Heads too big"),
                new SameWords.MeantSame("heads too big", "skull swollen"),
                new SameWords.MeantSame("head too large", "skull swollen")));
    assertThat(
            SaidAgain.again(
                List.of("Head too large. Hand tired", "skull swollen"),
                List.of("head too big; too dark"),
                same))
        .containsExactly(new SaidAgain("skull swollen", 2, 1));
    assertThat(SaidAgain.count("head too big", List.of("Skull swollen", "flat"), same)).isOne();
    var pair = new SameWords.MeantSame("head too large", "Heads too big");
    assertThat(pair.isOf("head too big", "Head too large")).isTrue();
    assertThat(pair.isOf("head too big", "skull swollen")).isFalse();
  }

  @Test
  void remarks_stand_once_each_the_newest_first() {
    assertThat(SaidAgain.remarks(List.of("too dark; flat", "Heads too big", "Flat!")))
        .containsExactly("Flat", "Heads too big", "too dark");
  }
}
