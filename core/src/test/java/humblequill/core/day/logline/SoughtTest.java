package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.PageSpan;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Days and pages that are looked for in words, on a Thursday. */
class SoughtTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);
  private static final LogLine READER =
      new LogLine(HarbourWords.vocabulary(), (exercise, topic) -> Habits.NONE);

  private static Optional<Sought> sought(String text) {
    return READER.sought(text, TODAY);
  }

  @ParameterizedTest
  @CsvSource({
    "yesterday, 2026-03-04",
    "2026-02-11, 2026-02-11",
    "11 Feb, 2026-02-11",
    "last Tuesday, 2026-03-03"
  })
  void a_day_by_itself(String text, LocalDate day) {
    assertThat(sought(text)).contains(new Sought(List.of(day), Optional.empty(), Optional.empty()));
  }

  @Test
  void a_day_that_can_be_two_is_both_the_country_s_own_way_first() {
    assertThat(sought("3/2").orElseThrow().days())
        .containsExactly(LocalDate.of(2026, 2, 3), LocalDate.of(2026, 3, 2));
  }

  @Test
  void pages_with_and_without_their_book() {
    assertThat(sought("p 41-43"))
        .contains(new Sought(List.of(), Optional.of(new PageSpan(41, 43)), Optional.empty()));
    assertThat(sought("harbour book page 12").orElseThrow().book()).contains("Harbour book");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "hulls",
        "yesterday hulls",
        "p 12 pen",
        "harbour book",
        "tomorrow",
        "yesterday yesterday",
        "2026-13-77",
        "the foot",
        ""
      })
  void anything_else_is_looked_for_as_words(String text) {
    assertThat(sought(text)).isEmpty();
  }

  @Test
  void a_line_on_a_day_s_page_is_about_that_day_unless_it_names_another() {
    var day = LocalDate.of(2026, 2, 11);
    assertThat(READER.read("3 gulls", TODAY, day).entry().orElseThrow().day()).isEqualTo(day);
    assertThat(READER.read("yesterday, 3 gulls", TODAY, day).entry().orElseThrow().day())
        .isEqualTo(TODAY.minusDays(1));
  }
}
