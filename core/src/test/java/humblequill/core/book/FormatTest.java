package humblequill.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FormatTest {
  /** ISO 216:2007, table of the A and B series; ISO 269 for C. B and C from memory. */
  @ParameterizedTest
  @CsvSource({
    "A0, 841, 1189",
    "A1, 594, 841",
    "A2, 420, 594",
    "A3, 297, 420",
    "A4, 210, 297",
    "A5, 148, 210",
    "A6, 105, 148",
    "A7, 74, 105",
    "A10, 26, 37",
    "B0, 1000, 1414",
    "B4, 250, 353",
    "B5, 176, 250",
    "C5, 162, 229"
  })
  void iso_sizes(String name, int width, int height) {
    assertThat(Format.read(name)).contains(new Format(width, height));
    assertThat(new Format(width, height).isoName()).contains(name);
    assertThat(Format.read(name + " landscape")).contains(new Format(height, width));
  }

  /** ANSI/ASME Y14.1, sizes A and B; legal, 8.5 by 14 in, is common practice. From memory. */
  @ParameterizedTest
  @CsvSource({
    "Letter, 8.5 x 11 in",
    "letter landscape, 11 x 8.5 in",
    "legal, 8.5 x 14 in",
    "Tabloid portrait, 11 x 17 in"
  })
  void sheets_named_in_inches(String name, String edges) {
    assertThat(Format.read(name)).isPresent().isEqualTo(Format.read(edges));
  }

  /** An inch is 25.4 mm: 9 × 12 in = 228.6 × 304.8, 11 × 14 in = 279.4 × 355.6. */
  @ParameterizedTest
  @CsvSource({
    "9 x 12 in, 229, 305",
    "11×14 inches, 279, 356",
    "21 x 29.7 cm, 210, 297",
    "'21 x 29,7 cm', 210, 297",
    "210 x 297, 210, 297",
    "105mm by 148mm, 105, 148"
  })
  void edges_in_any_unit(String written, int width, int height) {
    assertThat(Format.read(written)).contains(new Format(width, height));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "large", "9 x 12", "A11", "D4", "0 x 5 cm", "9000 x 9000 mm", "4 x"})
  void what_is_none_or_could_be_two_is_not_guessed(String written) {
    assertThat(Format.read(written)).isEqualTo(Optional.empty());
  }

  @Test
  void is_written_so_that_it_reads_back() {
    for (var format : new Format[] {new Format(229, 305), new Format(148, 210)}) {
      assertThat(Format.read(format.written())).contains(format);
    }
    assertThat(new Format(229, 305).written()).isEqualTo("22.9 × 30.5 cm");
    assertThatThrownBy(() -> new Format(5, 100)).hasMessageContaining("width=5, height=100");
  }
}
