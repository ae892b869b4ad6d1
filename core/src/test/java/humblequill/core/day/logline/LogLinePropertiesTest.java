package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.PageSpan;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiPredicate;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Builders;
import net.jqwik.api.Combinators;
import net.jqwik.api.Example;
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
    var days = Arbitraries.integers().between(0, 4000).map(TODAY::minusDays);
    var times = Arbitraries.integers().between(0, 1439).map(m -> LocalTime.of(m / 60, m % 60));
    var subjects =
        Arbitraries.oneOf(
            key(WordKind.EXERCISE).map(e -> List.of(e, Optional.<String>empty())),
            key(WordKind.TOPIC).map(t -> List.of(Optional.<String>empty(), t)));
    var pages =
        Combinators.combine(
                Arbitraries.integers().between(1, 900), Arbitraries.integers().between(0, 30))
            .as((page, more) -> new PageSpan(page, page + more));
    return Builders.withBuilder(() -> new EntryDraft(TODAY))
        .use(days)
        .inSetter((d, day) -> d.day = day)
        .use(times.optional())
        .inSetter((d, time) -> d.time = time)
        .use(subjects)
        .inSetter(
            (d, subject) -> {
              d.exerciseId = subject.get(0);
              d.topic = subject.get(1);
            })
        .use(upTo(9999))
        .inSetter((d, drawings) -> d.drawings = drawings)
        .use(upTo(1440))
        .inSetter((d, minutes) -> d.minutes = minutes)
        .use(upTo(5))
        .inSetter((d, mark) -> d.mark = mark)
        .use(pages.optional())
        .inSetter((d, span) -> d.pages = span)
        .use(key(WordKind.SOURCE))
        .inSetter((d, source) -> d.source = source)
        .use(key(WordKind.MEDIUM))
        .inSetter((d, medium) -> d.medium = medium)
        .use(key(WordKind.RESOURCE))
        .inSetter((d, resource) -> d.resource = resource)
        .use(key(WordKind.BOOK))
        .inSetter((d, book) -> d.book = book)
        .use(text())
        .inSetter((d, wentWrong) -> d.wentWrong = wentWrong)
        .use(text())
        .inSetter((d, nextTime) -> d.nextTime = nextTime)
        .use(text())
        .inSetter((d, note) -> d.note = note)
        .build(LogLinePropertiesTest::entry)
        .filter(Optional::isPresent)
        .map(Optional::get);
  }

  private static Optional<Entry> entry(EntryDraft draft) {
    try {
      return Optional.of(draft.entry());
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  /** More than a share of all in percent; a few tries say nothing about it. */
  private static BiPredicate<Integer, Integer> more(int percent) {
    return (count, all) -> all < 100 || count * 100 > all * percent;
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
        .coverage(said -> said.check(true).count(more(10)));
    for (var entry : read.entries()) {
      assertThat(READER.read(READER.write(entry), TODAY).entries()).as(line).containsExactly(entry);
    }
  }

  @Example
  void a_name_that_ends_like_the_beginning_of_a_text_is_not_taken_for_one() {
    for (var line :
        List.of("topic \"note\", next time \"boat\"", "topic \"at next time\", note \"x\"")) {
      var entry = READER.read(line, TODAY).entry().orElseThrow();
      assertThat(READER.read(READER.write(entry), TODAY).entry()).as(line).contains(entry);
      assertThat(entry.topic().orElseThrow()).isEqualTo(line.split("\"")[1]);
    }
  }

  /** What a learner may leave loose or pack tight. */
  private enum Writing {
    LOOSE(", "),
    TIGHT(","),
    SEMICOLONS("; "),
    BLANKS(" ");

    private final String between;

    Writing(String between) {
      this.between = between;
    }
  }

  /** The usual parts of an entry in any order, loose or compact: read rightly, or asked about. */
  @Property
  void any_order_and_spacing_is_read_rightly_or_asked_about(
      @ForAll("usual") Entry entry, @ForAll Writing writing, @ForAll long seed) {
    var parts = new ArrayList<>(parts(entry, writing == Writing.TIGHT));
    Collections.shuffle(parts, new Random(seed));
    var line = String.join(writing.between, parts);
    var read = READER.read(line, TODAY);
    Statistics.label("read rather than asked about")
        .collect(read.complete())
        .coverage(said -> said.check(true).count(more(90)));
    if (read.complete()) {
      assertThat(read.entries()).as(line).containsExactly(entry);
    }
  }

  private static List<String> parts(Entry entry, boolean tight) {
    var parts = new ArrayList<String>();
    var gap = tight ? "" : " ";
    var subject =
        entry
            .exerciseId()
            .map(
                id ->
                    CanonicalLine.title(
                        HarbourWords.vocabulary().word(WordKind.EXERCISE, id),
                        HarbourWords.vocabulary()))
            .or(entry::topic)
            .orElseThrow();
    parts.add(
        entry.drawings().orElseThrow()
            + (tight && Character.isDigit(subject.charAt(0)) ? " " : gap)
            + subject);
    entry.minutes().ifPresent(m -> parts.add(m + gap + "min"));
    entry.medium().ifPresent(parts::add);
    entry.source().ifPresent(parts::add);
    entry.pages().ifPresent(p -> parts.add("p" + gap + p.from() + "-" + p.to()));
    entry.mark().ifPresent(m -> parts.add(m + "/5"));
    if (!entry.day().equals(TODAY)) {
      parts.add(entry.day().toString());
    }
    return parts;
  }

  @Provide
  Arbitrary<Entry> usual() {
    var subjects = HarbourWords.words().stream().filter(w -> w.kind().isSubject()).toList();
    return Builders.withBuilder(() -> new EntryDraft(TODAY))
        .use(Arbitraries.integers().between(0, 400).map(TODAY::minusDays))
        .inSetter((d, day) -> d.day = day)
        .use(Arbitraries.of(subjects).filter(w -> w.rank() <= 2))
        .inSetter(
            (d, subject) -> {
              if (subject.kind() == WordKind.EXERCISE) {
                d.exerciseId = Optional.of(subject.key());
              } else {
                d.topic = Optional.of(subject.key());
              }
            })
        .use(Arbitraries.integers().between(1, 99))
        .inSetter((d, drawings) -> d.drawings = Optional.of(drawings))
        .use(Arbitraries.integers().between(1, 240).optional())
        .inSetter((d, minutes) -> d.minutes = minutes)
        .use(key(WordKind.MEDIUM))
        .inSetter((d, medium) -> d.medium = medium)
        .use(key(WordKind.SOURCE))
        .inSetter((d, source) -> d.source = source)
        .use(Arbitraries.integers().between(1, 200).map(p -> new PageSpan(p, p + 2)).optional())
        .inSetter((d, pages) -> d.pages = pages)
        .use(upTo(5))
        .inSetter((d, mark) -> d.mark = mark)
        .build(EntryDraft::entry);
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
            "three",
            "2H",
            "10x30s",
            "4 x",
            "1/0 h",
            "3/4",
            "25.11.",
            "-3",
            "a few",
            "and 2 crates",
            "p 12 and 15",
            "1,000",
            "2.5",
            "tomorrow",
            "nothing",
            "hull's",
            "topic \"",
            "watercolour",
            "20-25 min",
            "12 days ago",
            "20260305101112");
    return pieces.list().ofMaxSize(9).map(list -> String.join(" ", list));
  }
}
