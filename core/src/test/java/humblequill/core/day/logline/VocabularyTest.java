package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

/** The learner's words, by kind and spelling. */
class VocabularyTest {
  private static final Vocabulary WORDS = HarbourWords.vocabulary();

  @Test
  void a_word_is_known_by_its_kind_and_its_own_text() {
    assertThat(WORDS.knows(WordKind.MEDIUM, "pen")).isTrue();
    assertThat(WORDS.knows(WordKind.SOURCE, "pen")).isFalse();
    assertThat(WORDS.knows(WordKind.MEDIUM, "pe")).isFalse();
    assertThat(WORDS.knows(WordKind.MEDIUM, "pen and nothing")).isFalse();
    assertThat(WORDS.knows(WordKind.MEDIUM, "")).isFalse();
    assertThat(WORDS.knows(WordKind.MEDIUM, "…")).isFalse();
  }

  @Test
  void a_topic_s_own_name_means_it_unless_an_exercise_of_now_has_it() {
    assertThat(WORDS.meansTopic("boats")).isTrue();
    assertThat(WORDS.meansTopic("gulls")).isTrue();
    assertThat(WORDS.meansTopic("Crates")).as("an exercise").isFalse();
    assertThat(WORDS.meansTopic("boat")).as("not its own name").isFalse();
    assertThat(WORDS.meansTopic("wombats")).isFalse();
  }

  @Test
  void words_of_a_kind_come_once_each_and_only_of_that_kind() {
    var books = WORDS.names(WordKind.BOOK);
    assertThat(books).extracting(Word::name).containsExactly("Harbour book", "Night book 2");
    assertThat(WORDS.word(WordKind.BOOK, "Harbour book").kind()).isEqualTo(WordKind.BOOK);
    assertThatThrownBy(() -> WORDS.word(WordKind.BOOK, "Quay book"))
        .hasMessageContaining("Quay book");
  }

  @Test
  void an_exercise_needs_its_week_when_another_has_its_title() {
    assertThat(WORDS.needsWeek(WORDS.word(WordKind.EXERCISE, "w08-ellipses"))).isTrue();
    assertThat(WORDS.needsWeek(WORDS.word(WordKind.EXERCISE, "w08-hulls"))).isFalse();
    assertThat(WORDS.needsWeek(WORDS.word(WordKind.TOPIC, "ropes"))).as("a topic").isFalse();
  }

  @Test
  void of_names_that_begin_alike_the_longest_comes_first() {
    var language = Language.of(Locale.UK);
    var words =
        List.of(
            Word.of(WordKind.BOOK, "night"),
            Word.of(WordKind.BOOK, "night book two"),
            Word.of(WordKind.BOOK, "night book"));
    assertThat(new Vocabulary(words, language).startingWith("night"))
        .extracting(n -> n.word().name())
        .containsExactly("night book two", "night book", "night");
  }
}
