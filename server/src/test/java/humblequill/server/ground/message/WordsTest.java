package humblequill.server.ground.message;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.ground.message.Message;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sentences as they are said and as they are kept. */
class WordsTest {
  private static final int ROOM = 400;

  @Test
  void a_message_within_another_stands_in_the_middle_of_its_sentence() {
    var leaves = Message.of("book.leavesWithin", "most", 1000, "leaves", 1200);
    assertThat(Words.say(leaves)).isEqualTo("a book has 1 to 1000 leaves, not 1200");
    assertThat(Words.say(Message.of("ground.notKept", "why", leaves)))
        .isEqualTo("Not kept: a book has 1 to 1000 leaves, not 1200.");
    assertThat(Words.say(Message.of("ground.sentence", "text", leaves)))
        .isEqualTo("A book has 1 to 1000 leaves, not 1200.");
  }

  @Test
  void a_count_takes_the_form_of_its_number() {
    assertThat(Words.say(Message.of("ground.nameInUse", "name", "pen", "count", 1)))
        .startsWith("\"pen\" is named in one place and stays.");
    assertThat(Words.say(Message.of("ground.nameInUse", "name", "pen", "count", 2)))
        .startsWith("\"pen\" is named in 2 places and stays.");
  }

  @Test
  void a_code_without_words_is_a_fault_of_the_program() {
    assertThatThrownBy(() -> Words.say(Message.of("book.madeUp")))
        .hasMessageContaining("book.madeUp");
    assertThat(Words.has("must not be blank")).isFalse();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "The week was too full for it.",
        "{braces} and 'quotes'",
        "",
        "{\"code\":\"book.madeUp\"}",
        "{\"code\":"
      })
  void what_someone_wrote_is_kept_as_it_is(String text) {
    var kept = StoredMessage.write(Message.asWritten(text), ROOM);
    assertThat(StoredMessage.read(kept)).isEqualTo(Message.asWritten(text));
    assertThat(Words.say(StoredMessage.read(kept))).isEqualTo(text);
  }

  @Test
  void a_sentence_kept_before_there_were_codes_is_read_as_it_was_written() {
    assertThat(Words.say(StoredMessage.read("Looking back: boxes, 3 of 10 drawn.")))
        .isEqualTo("Looking back: boxes, 3 of 10 drawn.");
  }

  @Test
  void a_message_is_kept_by_its_code_with_all_it_names() {
    var message =
        Message.of(
            "book.pictureRefused",
            "name",
            "dock.jpg",
            "why",
            Message.of("book.tooManyDots", "millions", 150));
    var kept = StoredMessage.write(message, ROOM);
    assertThat(StoredMessage.read(kept)).isEqualTo(message);
    assertThat(Words.say(StoredMessage.read(kept)))
        .isEqualTo("\"dock.jpg\" is larger than 150 million dots.");
  }

  @Test
  void what_needs_more_room_than_there_is_names_its_things_in_short() {
    var kept =
        StoredMessage.write(
            Message.of("lookback.rusty", "topic", "x".repeat(500), "neededFor", "boats"), ROOM);
    assertThat(kept).hasSizeLessThan(ROOM);
    assertThat(Words.say(StoredMessage.read(kept)))
        .startsWith("Looking back: xxx")
        .endsWith("x… is rusty, and boats needs it.");
  }
}
