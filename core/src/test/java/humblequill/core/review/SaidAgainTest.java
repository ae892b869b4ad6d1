package humblequill.core.review;

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
                List.of("verticals lean in; sheer too flat")))
        .containsExactly(new SaidAgain("vertical lean in", 2, 1));
  }

  @Test
  void what_was_said_once_is_left_out_and_what_was_only_said_before_too() {
    assertThat(SaidAgain.again(List.of("too dark"), List.of("too light", "too light"))).isEmpty();
    assertThat(SaidAgain.again(List.of("too dark"), List.of("Too dark.")))
        .containsExactly(new SaidAgain("too dark", 1, 1));
    assertThat(SaidAgain.again(List.of(), List.of("a", "a"))).isEmpty();
  }

  @Test
  void later_it_is_counted_in_other_notes() {
    assertThat(SaidAgain.count("Verticals lean in", List.of("vertical lean in", "flat"))).isOne();
  }
}
