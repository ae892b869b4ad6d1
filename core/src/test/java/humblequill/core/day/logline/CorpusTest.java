package humblequill.core.day.logline;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Entry;
import humblequill.core.day.entry.EntryDraft;
import humblequill.core.day.entry.PageSpan;
import humblequill.core.day.entry.Poses;
import java.io.BufferedReader;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;

/**
 * Lines as learners write them, with what they mean, from corpus.txt. A line that is read as
 * something else without a question is worse than a needless question; both are counted.
 */
class CorpusTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);
  private static final int LEAST = 600;

  /** The most so far, for the group about what goes far beyond. */
  private static final Habits.Lookup BUSY =
      new Habits.Lookup() {
        @Override
        public Habits of(Optional<String> exerciseId, Optional<String> topic) {
          return Habits.NONE;
        }

        @Override
        public Usual usual() {
          return new Usual(110, 30);
        }
      };

  private record Case(String line, String meaning) {}

  private record Group(String name, Locale locale, List<Case> cases) {}

  private static List<Group> groups() throws Exception {
    var groups = new ArrayList<Group>();
    try (var in = CorpusTest.class.getResourceAsStream("corpus.txt");
        var file = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
      for (var text = file.readLine(); text != null; text = file.readLine()) {
        int arrow = text.lastIndexOf(" => ");
        if (text.startsWith("== ")) {
          int at = text.indexOf('[');
          var locale = Locale.forLanguageTag(text.substring(at + 1, text.length() - 1));
          groups.add(new Group(text.substring(3, at).strip(), locale, new ArrayList<>()));
        } else if (arrow >= 0) {
          var said = new Case(text.substring(0, arrow), text.substring(arrow + 4));
          groups.get(groups.size() - 1).cases().add(said);
        }
      }
    }
    return groups;
  }

  @Test
  void there_are_enough_lines_to_rely_on() throws Exception {
    assertThat(groups().stream().mapToInt(g -> g.cases().size()).sum())
        .isGreaterThanOrEqualTo(LEAST);
  }

  @TestFactory
  Stream<DynamicTest> lines_mean_what_they_say() throws Exception {
    return groups().stream()
        .map(g -> DynamicTest.dynamicTest(g.name() + " " + g.locale(), () -> check(g)));
  }

  private static void check(Group group) {
    Habits.Lookup none = (exercise, topic) -> Habits.NONE;
    var habits = group.name().equals("far more than ever") ? BUSY : none;
    var reader = new LogLine(HarbourWords.vocabulary(group.locale()), habits);
    var misread = new ArrayList<String>();
    var asked = new ArrayList<String>();
    for (var said : group.cases()) {
      var read = reader.read(said.line(), TODAY);
      var problem = fault(said, read);
      if (problem.isPresent()) {
        var told = said.line() + "   →   " + problem.get();
        (read.complete() ? misread : asked).add(told);
      }
    }
    assertThat(misread).as("read as something else without a question").isEmpty();
    assertThat(asked).as("asked about what is clear, or about something else").isEmpty();
  }

  private static Optional<String> fault(Case said, Interpretation read) {
    var words = said.meaning().split(" ");
    switch (words[0]) {
      case "ask":
        return open(read, Phrase.Field.valueOf(words[1]), Phrase.State.QUESTION, said);
      case "problem":
        return open(read, Phrase.Field.valueOf(words[1]), Phrase.State.PROBLEM, said);
      case "unusual":
        return read.phrases().stream().anyMatch(p -> p.problem() == Phrase.Problem.UNUSUAL)
            ? Optional.empty()
            : Optional.of("not taken for unusual");
      case "nothing":
        return read.complete() ? Optional.of("says something") : Optional.empty();
      default:
        var wanted = Stream.of(said.meaning().split(" \\| ")).map(CorpusTest::entry).toList();
        var off = said.meaning().startsWith("off");
        return wanted.equals(read.entries()) && off == read.dayOff()
            ? Optional.empty()
            : Optional.of(read.complete() ? shown(read) : "open: " + open(read));
    }
  }

  private static Optional<String> open(
      Interpretation read, Phrase.Field field, Phrase.State state, Case said) {
    boolean found =
        !read.complete()
            && read.phrases().stream().anyMatch(p -> p.field() == field && p.state() == state);
    return found
        ? Optional.empty()
        : Optional.of(said.meaning() + ", but " + (read.complete() ? shown(read) : open(read)));
  }

  private static String shown(Interpretation read) {
    return read.entries().stream()
        .map(entry -> entry.toString().replaceAll("\\w+=Optional.empty,? ?", ""))
        .toList()
        .toString();
  }

  private static List<String> open(Interpretation read) {
    return read.phrases().stream()
        .filter(Phrase::asks)
        .map(
            p ->
                p.field()
                    + " "
                    + p.state()
                    + " "
                    + p.choices().stream().map(Phrase.Choice::line).toList())
        .toList();
  }

  private static Entry entry(String meaning) {
    var fields = new LinkedHashMap<String, String>();
    Arrays.stream(meaning.split("; "))
        .map(field -> field.split(" ", 2))
        .forEach(field -> fields.put(field[0], field.length > 1 ? field[1] : ""));
    var draft = new EntryDraft(TODAY);
    fields.forEach((field, value) -> set(draft, field, value));
    return draft.entry();
  }

  private static void set(EntryDraft draft, String field, String value) {
    switch (field) {
      case "exercise" -> draft.exerciseId = Optional.of(value);
      case "topic" -> draft.topic = Optional.of(value);
      case "drawings" -> draft.drawings = Optional.of(Integer.valueOf(value));
      case "minutes" -> draft.minutes = Optional.of(Integer.valueOf(value));
      case "medium" -> draft.medium = Optional.of(value);
      case "source" -> draft.source = Optional.of(value);
      case "book" -> draft.book = Optional.of(value);
      case "resource" -> draft.resource = Optional.of(value);
      case "mark" -> draft.mark = Optional.of(Integer.valueOf(value));
      case "day" -> draft.day = LocalDate.parse(value);
      case "time" -> draft.time = Optional.of(LocalTime.parse(value));
      case "pages" -> {
        var ends = value.split("-");
        draft.pages =
            Optional.of(new PageSpan(Integer.parseInt(ends[0]), Integer.parseInt(ends[1])));
      }
      case "poses" -> draft.poses = poses(value);
      case "note" -> draft.note = value;
      case "wrong" -> draft.wentWrong = value;
      case "next" -> draft.nextTime = value;
      case "about", "off" -> {
        // How sure it is, not what it says.
      }
      default -> throw new IllegalArgumentException(field);
    }
  }

  private static Poses poses(String rows) {
    return new Poses(
        Stream.of(rows.split(" "))
            .map(row -> row.split("x"))
            .map(row -> new Poses.Row(Integer.parseInt(row[0]), Integer.parseInt(row[1])))
            .toList());
  }

  /** What is guessed is shown as a guess. */
  @Test
  void the_middle_of_a_span_is_said_to_be_one() throws Exception {
    var reader = new LogLine(HarbourWords.vocabulary(), (e, t) -> Habits.NONE);
    int spans = 0;
    for (var group : groups()) {
      for (var said : group.cases()) {
        if (said.meaning().endsWith("; about")) {
          spans++;
          assertThat(reader.read(said.line(), TODAY).phrases())
              .as(said.line())
              .anyMatch(p -> p.state() == Phrase.State.ABOUT);
        }
      }
    }
    assertThat(spans).isPositive();
  }
}
