package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Distances as they are printed: kitten to sitting and Sunday to Saturday in R. A. Wagner, M. J.
 * Fischer, "The string-to-string correction problem", 1974, and texts after it (from memory); a
 * swap counts one after F. J. Damerau, "A technique for computer detection and correction of
 * spelling errors", 1964, and "ca" to "abc" is three where no part is edited twice (from memory).
 */
class SlipsTest {
  @ParameterizedTest
  @CsvSource({
    "kitten, sitting, 3",
    "sunday, saturday, 3",
    "ca, abc, 3",
    "pen, pen, 0",
    "pne, pen, 1",
    "gull, glul, 1",
    "'', pen, 3",
    "pen, '', 3",
    "hull, hulls, 1",
    "abcd, badc, 2"
  })
  void published_and_by_hand(String one, String other, int slips) {
    assertThat(Slips.between(one, other, 5)).isEqualTo(slips);
    assertThat(Slips.between(other, one, 5)).isEqualTo(slips);
  }

  @ParameterizedTest
  @CsvSource({"kitten, sitting, 2", "pen, pencils, 2"})
  void further_than_asked_is_only_further(String one, String other, int most) {
    assertThat(Slips.between(one, other, most)).isGreaterThan(most);
  }
}
