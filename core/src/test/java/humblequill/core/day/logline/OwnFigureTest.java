package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.OwnFigure;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Study;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines that tell what is counted beside the drawings. Common practice, no published source. */
class OwnFigureTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  private static LogLine counting(String what) {
    return new LogLine(
        new Vocabulary(
            List.of(
                Word.of(WordKind.TOPIC, "hulls"),
                Word.of(WordKind.TOPIC, "roof lines"),
                Word.of(WordKind.FACET, "moving"),
                Word.of(WordKind.MEDIUM, "pencil")),
            Language.of(Locale.ENGLISH),
            Optional.of(what)),
        (exercise, topic) -> Habits.NONE);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "4 hulls, 30 min, 7 erasures | erasures | 7",
        "4 hulls, 30 min, erasures: 7 | erasures | 7",
        "erasures 0, 4 hulls, 30 min | erasures | 0",
        "4 hulls, one erasure | erasures | 1",
        "4 hulls, twelve stiff lines, 30 min | stiff lines | 12",
        "4 hulls, pencil, stiff line = 3 | stiff lines | 3",
      })
  void a_count_is_read_before_or_behind_its_name(String line, String what, int count) {
    var entry = counting(what).read(line, TODAY).entry().orElseThrow();
    assertThat(entry.study().own()).contains(new OwnFigure(what, count));
    assertThat(entry.drawings()).contains(4);
    assertThat(entry.topic()).contains("hulls");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "4 hulls, 30 min, too many erasures",
        "4 hulls, 30 min",
        "4 hulls, 30 min, note \"7 erasures\"",
      })
  void without_a_number_nothing_is_counted(String line) {
    var entry = counting("erasures").read(line, TODAY).entry().orElseThrow();
    assertThat(entry.study().own()).isEmpty();
  }

  @Test
  void what_is_drawn_is_no_figure() {
    var entry = counting("roof lines").read("6 roof lines, 20 min", TODAY).entry().orElseThrow();
    assertThat(entry.topic()).contains("roof lines");
    assertThat(entry.drawings()).contains(6);
    assertThat(entry.study().own()).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"minutes", "min", "page", "p", "mark", "hour"})
  void what_has_its_own_way_of_being_written_stays_what_it_is(String name) {
    var entry =
        counting(name).read("4 hulls, 20 minutes, p 7, mark 3", TODAY).entry().orElseThrow();
    assertThat(entry.minutes()).contains(20);
    assertThat(entry.pages()).contains(new PageSpan(7, 7));
    assertThat(entry.mark()).contains(3);
    assertThat(entry.study().own()).isEmpty();
  }

  @Test
  void two_counts_are_asked_about_and_one_beyond_all_bounds_is_told() {
    var two = counting("erasures").read("4 hulls, erasures 3, 5 erasures", TODAY);
    assertThat(two.phrases())
        .filteredOn(p -> p.field() == Phrase.Field.OWN_FIGURE)
        .singleElement()
        .satisfies(p -> assertThat(p.state()).isEqualTo(Phrase.State.QUESTION))
        .satisfies(p -> assertThat(p.choices()).hasSize(2));
    var many = counting("erasures").read("4 hulls, 10000 erasures", TODAY);
    assertThat(many.phrases())
        .filteredOn(p -> p.field() == Phrase.Field.OWN_FIGURE)
        .singleElement()
        .extracting(Phrase::problem)
        .isEqualTo(Phrase.Problem.OUT_OF_RANGE);
  }

  /** Ten in five drawings are two a drawing, whichever of them it was. */
  @Test
  void several_things_counted_in_one_line_share_it_by_drawings_and_all_show_what_is_shown() {
    var read = counting("erasures").read("4 hulls and 1 roof lines, 10 erasures, moving", TODAY);
    assertThat(read.drafts())
        .extracting(d -> d.study.own().orElseThrow().count())
        .containsExactly(8, 2);
    assertThat(read.drafts()).allMatch(d -> d.study.facets().equals(List.of("moving")));
  }

  @Test
  void what_is_written_reads_back() {
    var draft = new EntryDraft(TODAY);
    draft.topic = Optional.of("hulls");
    draft.drawings = Optional.of(4);
    draft.study = Study.NONE.withOwn(new OwnFigure("stiff lines", 0));
    var reader = counting("stiff lines");
    var line = reader.write(draft.entry());
    assertThat(reader.read(line, TODAY).entry()).contains(draft.entry());
    assertThat(counting("erasures").write(draft.entry()))
        .as("another figure than the one that is counted now stays out of the line")
        .doesNotContain("stiff");
  }
}
