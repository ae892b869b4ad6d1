package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.PageSpan;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines as a learner writes them. Common practice, no published source. */
class LogLineTest {
  /** A Thursday. */
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  private static final LogLine READER =
      new LogLine(HarbourWords.vocabulary(), (exercise, topic) -> Habits.NONE);

  private static Interpretation read(String line) {
    return READER.read(line, TODAY);
  }

  private static Entry entry(String line) {
    var read = read(line);
    return read.entry()
        .orElseThrow(() -> new AssertionError(line + " left open: " + read.phrases()));
  }

  private static Phrase part(String line, Phrase.Field field) {
    return read(line).phrases().stream().filter(p -> p.field() == field).findFirst().orElseThrow();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "26 hulls, 35 min, brush pen, harbour book p 41-43, from life, 4/5",
        "4/5, from life, harbour book p 41-43, brush pen, 35 min, 26 hulls",
        "26 hulls 35 min brush pen harbour book p 41-43 from life 4/5",
        "brushpen; 26 Hulls; 35m; Harbour Book pp. 41–43; life; mark 4",
        "35 minutes 26x hulls in brush pen, harbour book pages 41 to 43, on location, 4 out of 5",
        "hulls x26, 35', with brush-pen, harbour book, p41-43, observation, 4 of 5"
      })
  void the_same_line_in_many_ways(String line) {
    var entry = entry(line);
    assertThat(entry.exerciseId()).contains("w08-hulls");
    assertThat(entry.drawings()).contains(26);
    assertThat(entry.minutes()).contains(35);
    assertThat(entry.medium()).contains("brush pen");
    assertThat(entry.source()).contains("life");
    assertThat(entry.book()).contains("Harbour book");
    assertThat(entry.mark()).contains(4);
    assertThat(entry.note()).isEmpty();
    if (line.contains("41-43") || line.contains("41–43") || line.contains("41 to 43")) {
      assertThat(entry.pages()).contains(new PageSpan(41, 43));
    }
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "35 min | 35",
        "1h15 | 75",
        "1:15 | 75",
        "an hour | 60",
        "1 h 15 min | 75",
        "1.5 h | 90",
        "1,5 h | 90",
        "1½ hours | 90",
        "half an hour | 30",
        "an hour and a half | 90",
        "two hours | 120",
        "90 s | 2",
        "three quarters of an hour | 45",
        "45m | 45",
        "1h | 60",
        "twenty minutes | 20",
        "2h05 | 125",
        "0:40 | 40"
      })
  void lengths_of_time(String written, int minutes) {
    assertThat(entry("hulls, " + written).minutes()).contains(minutes);
    assertThat(entry(written + " hulls").minutes()).contains(minutes);
    assertThat(entry("hulls, " + written).note()).isEmpty();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "yesterday | 2026-03-04",
        "Tue | 2026-03-03",
        "on Sunday | 2026-03-01",
        "2026-02-28 | 2026-02-28",
        "3 days ago | 2026-03-02",
        "the day before yesterday | 2026-03-03",
        "28 February | 2026-02-28",
        "Feb 28th | 2026-02-28",
        "1 Dec | 2025-12-01",
        "last Thursday | 2026-02-26",
        "today | 2026-03-05",
        "28/02/2026 | 2026-02-28",
        "02/28/2026 | 2026-02-28",
        "29 Feb | 2024-02-29"
      })
  void days(String written, LocalDate day) {
    assertThat(entry("5 crates, " + written).day()).isEqualTo(day);
    assertThat(entry("5 crates " + written).day()).isEqualTo(day);
  }

  @Test
  void asks_about_what_is_ambiguous() {
    assertThat(part("5 crates, Thu", Phrase.Field.DAY).state()).isEqualTo(Phrase.State.QUESTION);
    assertThat(entry("5 crates, 04/03/2026").day()).isEqualTo("2026-03-04");
  }

  @Test
  void a_day_read_two_ways_offers_both() {
    var choices = part("5 crates, 02/01/2026", Phrase.Field.DAY).choices();
    assertThat(choices)
        .extracting(Phrase.Choice::line)
        .containsExactly("5 crates, 2026-01-02", "5 crates, 2026-02-01");
    assertThat(entry(choices.get(1).line()).day()).isEqualTo("2026-02-01");
  }

  @Test
  void a_choice_is_a_line_that_says_it() {
    var question = part("4 corners, 10 min", Phrase.Field.EXERCISE);
    assertThat(question.state()).isEqualTo(Phrase.State.QUESTION);
    assertThat(question.choices())
        .extracting(Phrase.Choice::label)
        .containsExactly("Quay corners", "Shed corners from the quay");
    assertThat(entry(question.choices().get(1).line()).exerciseId()).contains("w08-corners");
    assertThat(read("4 corners, 10 min").entry()).isEmpty();
  }

  @Test
  void two_lengths_are_a_question_whose_answers_leave_one() {
    var question = part("hulls, 35 min, 10 min", Phrase.Field.MINUTES);
    assertThat(question.choices())
        .extracting(Phrase.Choice::line)
        .containsExactly("hulls, 35 min", "hulls, 10 min");
  }

  @Test
  void the_current_week_is_meant_and_other_weeks_can_be_named() {
    assertThat(entry("5 ellipses").exerciseId()).contains("w08-ellipses");
    assertThat(entry("5 ellipses week 3").exerciseId()).contains("w03-ellipses");
    assertThat(entry("5 buckets").exerciseId()).contains("w03-buckets");
  }

  @Test
  void titles_may_hold_numbers_and_commas() {
    assertThat(entry("3 one roof line, three distances, 20 min").exerciseId()).contains("w08-roof");
    assertThat(entry("3 one roof line, three distances, 20 min").drawings()).contains(3);
    assertThat(entry("one roof line, three distances").drawings()).isEmpty();
  }

  @Test
  void number_words_and_plurals() {
    assertThat(entry("a dozen crates").drawings()).contains(12);
    assertThat(entry("a crate, 10 min").drawings()).contains(1);
    assertThat(entry("twelve crates").drawings()).contains(12);
    assertThat(entry("14 drawings, 20 min").drawings()).contains(14);
    assertThat(entry("4 studies of crates").drawings()).contains(4);
  }

  @Test
  void each_multiplies_by_the_count() {
    assertThat(entry("26 hulls, 90 s each").minutes()).contains(39);
    assertThat(part("hulls, 90 s each", Phrase.Field.MINUTES).problem())
        .isEqualTo(Phrase.Problem.EACH_WITHOUT_COUNT);
  }

  @Test
  void unknown_words_stay_as_note_and_prose_is_left_alone() {
    assertThat(entry("26 hulls, 35 min, windy pier").note()).isEqualTo("windy pier");
    var prose = entry("26 hulls, the sheer ran away from life far too steeply for 20 min, 35 min");
    assertThat(prose.note()).isEqualTo("the sheer ran away from life far too steeply for 20 min");
    assertThat(prose.minutes()).contains(35);
    assertThat(prose.source()).isEmpty();
    assertThat(entry("rain all morning").note()).isEqualTo("rain all morning");
    assertThat(entry("26 hulls too flat again").note()).isEqualTo("too flat again");
  }

  @Test
  void wrong_and_next_time_are_kept_apart() {
    var entry =
        entry(
            "4 shed corners, 12 min, went wrong roof edges too steep, next time the eye level first, 3/5");
    assertThat(entry.wentWrong()).isEqualTo("roof edges too steep");
    assertThat(entry.nextTime()).isEqualTo("the eye level first");
    assertThat(entry.mark()).contains(3);
    assertThat(entry("4 crates, went wrong \"too dark, too early\"").wentWrong())
        .isEqualTo("too dark, too early");
  }

  @Test
  void a_time_of_day_is_not_a_length() {
    var entry = entry("4 crates at 7:40, 1:15, in pencil");
    assertThat(entry.time()).hasToString("Optional[07:40]");
    assertThat(entry.minutes()).contains(75);
    assertThat(entry.medium()).contains("graphite");
    assertThat(entry("4 crates at 7 pm").time()).hasToString("Optional[19:00]");
  }

  @Test
  void what_cannot_be_so_is_a_problem() {
    assertThat(part("5 crates, 2026-03-06", Phrase.Field.DAY).problem())
        .isEqualTo(Phrase.Problem.AHEAD);
    assertThat(part("5 crates, 2026-02-30", Phrase.Field.DAY).problem())
        .isEqualTo(Phrase.Problem.NO_SUCH_DATE);
    assertThat(part("5 crates, 7/5", Phrase.Field.MARK).problem())
        .isEqualTo(Phrase.Problem.OUT_OF_RANGE);
    assertThat(part("5 crates, p 0", Phrase.Field.PAGES).problem())
        .isEqualTo(Phrase.Problem.OUT_OF_RANGE);
    assertThat(part("5 crates, 30 h", Phrase.Field.MINUTES).problem())
        .isEqualTo(Phrase.Problem.OUT_OF_RANGE);
    assertThat(part("99999 crates", Phrase.Field.DRAWINGS).problem())
        .isEqualTo(Phrase.Problem.OUT_OF_RANGE);
    assertThat(read("5 crates, 7/5").entry()).isEmpty();
  }

  @Test
  void fills_from_the_last_time_and_can_be_told_not_to() {
    var last = new Habits(Optional.of("photo"), Optional.of("pen"), Optional.of("life"));
    var reader =
        new LogLine(
            HarbourWords.vocabulary(),
            new Habits.Lookup() {
              @Override
              public Habits of(Optional<String> exerciseId, Optional<String> topic) {
                return last;
              }

              @Override
              public Optional<String> book(Optional<String> medium) {
                return medium.map(m -> m.equals("pen") ? "Harbour book" : "Wash book");
              }
            });
    var filled = reader.read("5 crates, p 12", TODAY);
    assertThat(filled.entry().orElseThrow().source()).contains("photo");
    assertThat(filled.entry().orElseThrow().book()).contains("Harbour book");
    assertThat(filled.phrases()).filteredOn(p -> p.state() == Phrase.State.AS_LAST_TIME).hasSize(3);
    assertThat(reader.read("5 crates, no source", TODAY).entry().orElseThrow().source()).isEmpty();
    assertThat(reader.read("5 crates, from memory", TODAY).entry().orElseThrow().source())
        .contains("memory");
  }

  @Test
  void accents_case_and_blank_lines_do_no_harm() {
    assertThat(entry("5 CRÂTES").exerciseId()).contains("w08-crates");
    assertThat(read("").entry()).isEmpty();
    assertThat(read(" , ;, ").entry()).isEmpty();
    assertThat(entry("🙂 5 crates 🙂").drawings()).contains(5);
    assertThatThrownBy(() -> read("x".repeat(1001))).hasMessageContaining("1001");
  }

  @Test
  void says_where_each_phrase_stands() {
    var line = "26 hulls, 35 min, in brush pen";
    for (var phrase : read(line).phrases()) {
      assertThat(phrase.start()).isBetween(0, phrase.end());
    }
    var minutes = part(line, Phrase.Field.MINUTES);
    assertThat(line.substring(minutes.start(), minutes.end())).isEqualTo("35 min");
  }

  /** What was named before is known again, but does not make a word of the week doubtful. */
  @Test
  void names_written_before_are_known_and_never_in_the_way() {
    var hulls = Word.exercise("w08-hulls", "Hulls", List.of(), 8, 0, 0);
    var before = List.of(Word.of(WordKind.TOPIC, "hull"), Word.of(WordKind.TOPIC, "mooring posts"));
    var words = Stream.concat(Stream.of(hulls), before.stream()).toList();
    var reader =
        new LogLine(
            new Vocabulary(words, Language.of(Locale.UK)), (exercise, topic) -> Habits.NONE);
    assertThat(reader.read("3 hulls", TODAY).entry().orElseThrow().exerciseId())
        .contains("w08-hulls");
    var posts = reader.read("27 mooring posts, 120 min", TODAY).entry().orElseThrow();
    assertThat(posts.topic()).contains("mooring posts");
    assertThat(posts.note()).isEmpty();
  }
}
