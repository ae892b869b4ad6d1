package humblequill.server.ground.data;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SpreadsheetCellTest {
  /** The first characters listed by OWASP, CSV Injection. */
  @ParameterizedTest
  @ValueSource(strings = {"=1+1", "+1", "-1", "@sum(a1)", "\t=1", "\r=1"})
  void a_cell_that_would_run_begins_with_an_apostrophe(String text) {
    assertThat(SpreadsheetCell.written(text)).isEqualTo("'" + text);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "'tis", "boat", "1-2", " =1"})
  void all_else_is_written_as_it_is(String text) {
    assertThat(SpreadsheetCell.written(text)).isEqualTo(text);
    assertThat(SpreadsheetCell.read(text)).isEqualTo(text);
  }

  @Test
  void every_short_text_comes_back() {
    var texts = List.of("");
    for (int length = 1; length <= 4; length++) {
      texts =
          texts.stream()
              .flatMap(
                  t -> Stream.of("'", "=", "+", "-", "@", "a", "\t", "\r", "\n").map(t::concat))
              .toList();
      assertThat(texts)
          .allSatisfy(
              t -> assertThat(SpreadsheetCell.read(SpreadsheetCell.written(t))).isEqualTo(t));
    }
  }
}
