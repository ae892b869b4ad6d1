package humblequill.core.ground.name;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What two ways of writing one name have in common. English plurals, by common grammar. */
class FoldTest {
  @ParameterizedTest
  @CsvSource({
    "Brush Pens, brush pen",
    "  brush   pen , brush pen",
    "brush-pen, brush pen",
    "Öl-Kreide, ol kreide",
    "café, CAFE",
    "boxes, box",
    "berries, berry",
    "sketches, sketch",
    "brushes, brush",
    "glasses, glass",
    "houses, house",
    "Harbour Book №3, harbour books 3"
  })
  void are_the_same(String one, String other) {
    assertThat(Fold.of(one)).isEqualTo(Fold.of(other));
  }

  @ParameterizedTest
  @CsvSource({
    "brush pen, pen brush",
    "pen, pencil",
    "grass, gras s",
    "ink 1, ink 2",
    "canvas, canvass",
    "gas, ga",
    "axis, axi",
    "?, !"
  })
  void are_not_the_same(String one, String other) {
    assertThat(Fold.of(one)).isNotEqualTo(Fold.of(other));
  }

  /** Accents go by Unicode's canonical decomposition (UAX 15); letters of their own stay. */
  @ParameterizedTest
  @CsvSource({"ÅNGSTRÖM, angstrom", "Ǆ, ǆ", "ø, ø", "ß, ß"})
  void accents_go_and_letters_stay(String text, String plain) {
    assertThat(Fold.plain(text)).isEqualTo(plain);
  }

  @Property
  void folding_twice_changes_nothing_more_but_the_plural_of_a_plural(
      @ForAll @StringLength(max = 20) String text) {
    assertThat(Fold.plain(Fold.plain(text))).isEqualTo(Fold.plain(text));
    assertThat(Fold.of(text.toUpperCase(java.util.Locale.ROOT).toLowerCase(java.util.Locale.ROOT)))
        .isEqualTo(Fold.of(text.toUpperCase(java.util.Locale.ROOT)));
  }
}
