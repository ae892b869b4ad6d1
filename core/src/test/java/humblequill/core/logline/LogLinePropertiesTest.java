package humblequill.core.logline;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.entry.Entry;
import humblequill.core.entry.PageSpan;
import humblequill.core.entry.Poses;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;

class LogLinePropertiesTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);
  private static final LogLine READER =
      new LogLine(HarbourWords.vocabulary(), (exercise, topic) -> Habits.NONE);

  private static Arbitrary<Optional<String>> key(WordKind kind) {
    var keys = HarbourWords.words().stream().filter(w -> w.kind() == kind).map(Word::key).toList();
    return Arbitraries.of(keys).optional();
  }

  private static Arbitrary<Optional<Integer>> upTo(int most) {
    return Arbitraries.integers().between(1, most).optional();
  }

  private static Arbitrary<String> text() {
    return Arbitraries.oneOf(
        Arbitraries.just(""),
        Arbitraries.of(
            "too dark, 35 min", "said \"stop\"", "next time p 12; 4/5", "hulls from life", "Tue"),
        Arbitraries.strings().withChars("abc 123,;.\"'-é").ofMaxLength(20).map(String::strip));
  }

  @Provide
  Arbitrary<Entry> entries() {
    var subjects =
        Arbitraries.oneOf(
            key(WordKind.EXERCISE).map(e -> new Optional<?>[] {e, Optional.empty()}),
            key(WordKind.TOPIC).map(t -> new Optional<?>[] {Optional.empty(), t}));
    var figures =
        Combinators.combine(
                upTo(9999),
                upTo(1440),
                upTo(5),
                Arbitraries.integers().between(1, 900).optional(),
                Arbitraries.integers().between(0, 30))
            .as(
                (drawings, minutes, mark, page, more) ->
                    new Object[] {
                      drawings, minutes, mark, page.map(p -> new PageSpan(p, p + more))
                    });
    var names =
        Combinators.combine(
                key(WordKind.SOURCE),
                key(WordKind.MEDIUM),
                key(WordKind.RESOURCE),
                key(WordKind.BOOK))
            .as((source, medium, resource, book) -> new Object[] {source, medium, resource, book});
    var when =
        Combinators.combine(
                Arbitraries.integers().between(0, 4000),
                Arbitraries.integers().between(0, 1439).optional())
            .as(
                (back, minute) ->
                    new Object[] {
                      TODAY.minusDays(back), minute.map(m -> LocalTime.of(m / 60, m % 60))
                    });
    var texts = Combinators.combine(text(), text(), text()).as((a, b, c) -> new String[] {a, b, c});
    return Combinators.combine(subjects, figures, names, when, texts)
        .as(LogLinePropertiesTest::entry)
        .filter(Optional::isPresent)
        .map(Optional::get);
  }

  @SuppressWarnings("unchecked")
  private static Optional<Entry> entry(
      Optional<?>[] subject, Object[] figures, Object[] names, Object[] when, String[] texts) {
    try {
      return Optional.of(
          new Entry(
              (LocalDate) when[0],
              (Optional<LocalTime>) when[1],
              (Optional<String>) subject[0],
              (Optional<String>) subject[1],
              (Optional<Integer>) figures[0],
              (Optional<Integer>) figures[1],
              (Optional<String>) names[0],
              (Optional<String>) names[1],
              (Optional<String>) names[2],
              (Optional<String>) names[3],
              (Optional<PageSpan>) figures[3],
              (Optional<Integer>) figures[2],
              Poses.NONE,
              texts[0],
              texts[1],
              texts[2]));
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  @Property
  void an_entry_written_as_a_line_reads_back_as_the_same_entry(@ForAll("entries") Entry entry) {
    var line = READER.write(entry);
    assertThat(READER.read(line, TODAY).entry()).as(line).contains(entry);
  }

  @Property
  void whatever_is_typed_is_read_without_failing_and_its_phrases_lie_in_it(
      @ForAll("lines") String line) {
    var read = READER.read(line, TODAY);
    for (var phrase : read.phrases()) {
      assertThat(phrase.end()).isLessThanOrEqualTo(line.length());
    }
    Statistics.label("lines that say an entry")
        .collect(read.complete())
        .coverage(said -> said.check(true).percentage(share -> share > 10));
    if (read.complete()) {
      var entry = read.entry().orElseThrow();
      assertThat(READER.read(READER.write(entry), TODAY).entry()).contains(entry);
    }
  }

  @Provide
  Arbitrary<String> lines() {
    var pieces =
        Arbitraries.of(
            "26",
            "hulls",
            "35 min",
            ",",
            " ",
            ";",
            "1:15",
            "4/5",
            "p 41-43",
            "from",
            "life",
            "brush",
            "pen",
            "Tue",
            "may",
            "an hour",
            "x",
            "each",
            "harbour book",
            "corners",
            "\"",
            "note",
            "next time",
            "week 3",
            "2026-02-30",
            "ago",
            "7/5",
            "0 h",
            "roof line",
            "é",
            "5 days",
            "at",
            "12:61",
            "three");
    return pieces.list().ofMaxSize(9).map(list -> String.join(" ", list));
  }
}
