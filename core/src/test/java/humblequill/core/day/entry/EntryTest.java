package humblequill.core.day.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EntryTest {
  private static Entry entry(
      Optional<String> exercise,
      Optional<String> topic,
      Optional<Integer> drawings,
      Optional<Integer> minutes,
      Optional<Integer> mark,
      String note) {
    var draft = new EntryDraft(LocalDate.of(2026, 3, 5));
    draft.exerciseId = exercise;
    draft.topic = topic;
    draft.drawings = drawings;
    draft.minutes = minutes;
    draft.mark = mark;
    draft.note = note;
    return draft.entry();
  }

  private static Entry counted(Integer drawings, Integer minutes, Integer mark) {
    return entry(
        Optional.empty(),
        Optional.empty(),
        Optional.ofNullable(drawings),
        Optional.ofNullable(minutes),
        Optional.ofNullable(mark),
        "kept");
  }

  @ParameterizedTest
  @CsvSource({"0,,", "10000,,", ",0,", ",1441,", ",,0", ",,6", "-1,,"})
  void a_value_outside_its_bounds_cannot_be_built(Integer drawings, Integer minutes, Integer mark) {
    assertThatThrownBy(() -> counted(drawings, minutes, mark))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("Within");
  }

  @ParameterizedTest
  @CsvSource({"1,,", "9999,,", ",1,", ",1440,", ",,1", ",,5"})
  void a_value_at_its_bounds_can(Integer drawings, Integer minutes, Integer mark) {
    assertThat(counted(drawings, minutes, mark).day()).isEqualTo("2026-03-05");
  }

  @Test
  void an_entry_says_something_and_has_an_exercise_or_a_topic() {
    assertThatThrownBy(
            () ->
                entry(
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(3),
                    " "))
        .hasMessageContaining("day.emptyEntry");
    assertThatThrownBy(
            () ->
                entry(
                    Optional.of("a"),
                    Optional.of("b"),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    ""))
        .hasMessageContaining("day.exerciseOrTopic");
  }

  @ParameterizedTest
  @CsvSource({"1, 0", "0, 1", "3, 2", "1, 10000"})
  void pages_run_from_first_to_last(int from, int to) {
    assertThatThrownBy(() -> new PageSpan(from, to)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void minutes_are_estimated_from_drawings_only_where_they_are_not_told() {
    assertThat(Minutes.of(Optional.of(7), Optional.of(40), Optional.of(90)).minutes()).isEqualTo(7);
    assertThat(Minutes.of(Optional.empty(), Optional.of(26), Optional.of(90)).minutes())
        .as("26 drawings of 90 seconds")
        .isEqualTo(39);
    assertThat(Minutes.of(Optional.empty(), Optional.of(26), Optional.empty()).minutes()).isZero();
    assertThat(Minutes.of(Optional.empty(), Optional.of(9999), Optional.of(3600)).minutes())
        .as("never more than a day")
        .isEqualTo(1440);
  }

  @Test
  void drawings_fill_a_page_each_up_to_the_last_number() {
    assertThat(PageSpan.filledBy(41, 9)).isEqualTo(new PageSpan(41, 49));
    assertThat(PageSpan.filledBy(9999, 1).to()).isEqualTo(9999);
    assertThatThrownBy(() -> PageSpan.filledBy(9999, 2)).hasMessageContaining("9999");
    assertThat(PageSpan.after(0)).isEqualTo(1);
    assertThat(PageSpan.after(40)).isEqualTo(41);
    assertThat(PageSpan.after(9999)).isEqualTo(9999);
  }
}
