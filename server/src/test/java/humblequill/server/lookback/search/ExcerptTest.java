package humblequill.server.lookback.search;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Expectations by eye. */
class ExcerptTest {
  @Test
  void a_short_text_stands_whole_however_the_words_are_written() {
    assertThat(Excerpt.of("Looser,\nas hoped. Café at dusk.", "cafe AT"))
        .contains("Looser, as hoped. Café at dusk.");
    assertThat(Excerpt.of("Looser, as hoped.", "stiff")).isEmpty();
  }

  @Test
  void of_a_long_text_whole_words_around_are_shown() {
    var text = "The quay was grey. ".repeat(20) + "Then light came. " + "Boats left. ".repeat(20);
    var excerpt = Excerpt.of(text, "light").orElseThrow();
    assertThat(excerpt)
        .startsWith("…")
        .endsWith("…")
        .contains("quay was grey. Then light came. Boats left.")
        .hasSizeLessThan(160);
    assertThat(excerpt.substring(1, excerpt.length() - 1).split(" "))
        .allMatch(word -> word.matches("The|quay|was|grey\\.|Then|light|came\\.|Boats|left\\."));
  }

  @Test
  void one_endless_word_is_cut() {
    assertThat(Excerpt.of("a".repeat(5000) + "b" + "a".repeat(5000), "b").orElseThrow())
        .hasSizeLessThan(300);
  }
}
