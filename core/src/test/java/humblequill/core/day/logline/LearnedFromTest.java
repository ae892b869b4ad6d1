package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.HowUsed;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Study;
import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Lines that say what was learned from. Common practice, no published source. */
class LearnedFromTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  private static final LogLine READER =
      new LogLine(
          new Vocabulary(
              List.of(
                  Word.of(WordKind.TOPIC, "hulls"),
                  Word.of(WordKind.TOPIC, "heads"),
                  Word.of(WordKind.TOPIC, "still life"),
                  Word.of(WordKind.BOOK, "Harbour book"),
                  Word.of(WordKind.RESOURCE, "boats by their sections"),
                  Word.of(WordKind.RESOURCE, "the patient eye"),
                  Word.of(WordKind.RESOURCE, "Riggings"),
                  Word.of(WordKind.FACET, "three-quarter view", "three-quarter"),
                  Word.of(WordKind.FACET, "moving"),
                  Word.of(WordKind.FACET, "still")),
              Language.of(Locale.ENGLISH)),
          (exercise, topic) -> Habits.NONE);

  private static Entry entry(String line) {
    var read = READER.read(line, TODAY);
    return read.entry()
        .orElseThrow(() -> new AssertionError(line + " left open: " + read.phrases()));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "pp 64-78 of boats by their sections, 40 min | boats by their sections | PAGE | 64 | 78",
        "40 min, boats by their sections, ch 3 | boats by their sections | CHAPTER | 3 | 3",
        "lesson 12 of the patient eye, 40 min | the patient eye | LESSON | 12 | 12",
        "hulls, 40 min, lessons 3 to 5 from the patient eye | the patient eye | LESSON | 3 | 5",
        "plate 7 of riggings, 40 min | Riggings | PLATE | 7 | 7",
        "40 min, p 12 of riggings | Riggings | PAGE | 12 | 12",
        "chapters 5-4 of boats by their sections, 40 min | boats by their sections | CHAPTER | 4 | 5",
      })
  void units_are_read_with_their_resource(
      String line, String resource, UnitKind kind, int from, int to) {
    var entry = entry(line);
    assertThat(entry.resource()).contains(resource);
    assertThat(entry.study().units()).contains(new Units(kind, from, to));
    assertThat(entry.pages()).isEmpty();
    assertThat(entry.minutes()).contains(40);
    assertThat(entry.note()).isEmpty();
  }

  @Test
  void pages_of_the_sketchbook_stay_its_pages() {
    var entry = entry("6 hulls, harbour book p 41-43, pp 64-78 of boats by their sections, copied");
    assertThat(entry.pages()).contains(new PageSpan(41, 43));
    assertThat(entry.study().units()).contains(new Units(UnitKind.PAGE, 64, 78));
    assertThat(entry.study().how()).contains(HowUsed.COPIED);
  }

  @Test
  void units_without_a_resource_stay_words() {
    assertThat(entry("40 min, lesson 12 was hard").study()).isEqualTo(Study.NONE);
    assertThat(entry("40 min hulls, read the paper").study().how()).isEmpty();
  }

  @Test
  void facets_are_read_several_at_once() {
    var entry = entry("4 heads, three-quarter view, moving, 20 min");
    assertThat(entry.topic()).contains("heads");
    assertThat(entry.study().facets()).containsExactly("three-quarter view", "moving");
    assertThat(entry("still life, 20 min").topic()).contains("still life");
    assertThat(entry("still life, 20 min").study().facets()).isEmpty();
  }

  @Test
  void it_is_written_so_that_it_reads_the_same() {
    for (var how : HowUsed.values()) {
      for (var kind : UnitKind.values()) {
        var draft = new EntryDraft(TODAY);
        draft.topic = Optional.of("heads");
        draft.minutes = Optional.of(30);
        draft.resource = Optional.of("the patient eye");
        draft.study =
            new Study(
                Optional.of(new Units(kind, 3, 12)),
                Optional.of(how),
                List.of("three-quarter view", "still"),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(entry(READER.write(draft.entry()))).isEqualTo(draft.entry());
      }
    }
  }
}
