package humblequill.core.day.logline;

import humblequill.core.ground.name.Fold;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What no reader understood: a remark is left as one; a word where a name could stand is asked
 * about with the names near it.
 */
final class Unread {
  /** A name that nobody knows has at most so many words; more are prose. */
  static final int MOST_OF_A_NAME = 2;

  private static final int MOST_CHOICES = 5;
  private static final int SHORT = 4;
  private static final int LONG = 8;

  private final Line line;
  private final Vocabulary vocabulary;
  private final NameWords words;

  Unread(Line line, Vocabulary vocabulary, NameWords words) {
    this.line = line;
    this.vocabulary = vocabulary;
    this.words = words;
  }

  /**
   * Lets go of what was read inside remarks: with unknown words on both sides it is their affair.
   * "the jib 2 min too long" tells no minutes. What the line is about is no remark, nor what stands
   * beside it: "drew 4 cranes for 20 min before breakfast".
   */
  void leaveRemarksWhole() {
    for (var segment : line.segments()) {
      var unknown =
          line.tokens(segment[0], segment[1]).stream()
              .filter(t -> !vocabulary.joins(t.text()) && !t.isNumber())
              .toList();
      if (unknown.size() < 2) {
        continue;
      }
      int first = unknown.get(0).start();
      int last = unknown.get(unknown.size() - 1).end();
      boolean prose = unknown.size() > MOST_OF_A_NAME + 1;
      var subjects = onlySubjects(segment);
      List.copyOf(line.claims()).stream()
          .filter(c -> c.start() > first && c.end() <= (prose ? segment[1] : last))
          .filter(c -> !c.field().inWords())
          .filter(c -> subjects.stream().noneMatch(s -> isBeside(s, c, unknown)))
          .forEach(line::release);
    }
  }

  /** What the line is about, where it says so in this segment and in no other. */
  private List<Line.Claim> onlySubjects(int[] segment) {
    var subjects =
        line.claims().stream()
            .filter(c -> c.field() == Phrase.Field.EXERCISE || c.field() == Phrase.Field.TOPIC)
            .toList();
    return subjects.stream().allMatch(s -> s.start() >= segment[0] && s.end() <= segment[1])
        ? subjects
        : List.of();
  }

  /** Whether no unknown word stands between two things that were read. */
  private static boolean isBeside(Line.Claim one, Line.Claim other, List<Line.Token> unknown) {
    int from = Math.min(one.end(), other.end());
    int to = Math.max(one.start(), other.start());
    return unknown.stream().noneMatch(t -> t.start() >= from && t.end() <= to);
  }

  /** Asks about words that could be names; all else stays for the remark. */
  void ask() {
    boolean aboutNothing = !line.has(Phrase.Field.EXERCISE) && !line.has(Phrase.Field.TOPIC);
    for (var segment : line.segments()) {
      for (var stretch : line.stretches(segment[0], segment[1])) {
        var name = name(stretch, aboutNothing);
        if (!name.isEmpty()) {
          int start = name.get(0).start();
          int end = name.get(name.size() - 1).end();
          place(stretch, name, segment, aboutNothing)
              .ifPresent(kinds -> ask(start, end, kinds, name));
        }
      }
    }
  }

  /**
   * The words that could be a name: one or two, or the first of more that were counted where the
   * line is about nothing else.
   */
  private List<Line.Token> name(List<Line.Token> stretch, boolean aboutNothing) {
    var words = stretch.stream().filter(t -> !vocabulary.joins(t.text())).toList();
    if (words.size() <= MOST_OF_A_NAME) {
      return words;
    }
    return aboutNothing && isCounted(words.get(0)) ? words.subList(0, 1) : List.of();
  }

  private boolean isCounted(Line.Token word) {
    return line.claims(Phrase.Field.DRAWINGS).stream()
        .anyMatch(c -> c.end() <= word.start() && onlyJoins(c.end(), word.start()));
  }

  private boolean onlyJoins(int start, int end) {
    return line.tokens(start, end).stream().allMatch(t -> vocabulary.joins(t.text()))
        && line.plain(start, end).chars().allMatch(c -> c == ' ' || Character.isLetter(c));
  }

  /** What kinds of name could stand there, if any. */
  private Optional<Set<WordKind>> place(
      List<Line.Token> stretch, List<Line.Token> name, int[] segment, boolean aboutNothing) {
    var free = EnumSet.noneOf(WordKind.class);
    for (var kind : WordKind.values()) {
      if (!line.has(Phrase.Field.valueOf(kind.name()))) {
        free.add(kind);
      }
    }
    boolean exercise = !free.remove(WordKind.EXERCISE);
    if (exercise) {
      free.remove(WordKind.TOPIC);
    }
    if (isCounted(name.get(0)) && free.contains(WordKind.TOPIC)) {
      return Optional.of(EnumSet.of(WordKind.TOPIC));
    }
    var before = stretch.get(0);
    boolean ledIn = words.leading.contains(before.text()) && !before.equals(name.get(0));
    if (ledIn) {
      free.remove(WordKind.TOPIC);
    }
    boolean whole =
        line.isBlank(segment[0], stretch.get(0).start())
            && line.isBlank(stretch.get(stretch.size() - 1).end(), segment[1]);
    boolean asks =
        ledIn || name.size() == 1 || whole && (aboutNothing || !near(name, free).isEmpty());
    return asks && !free.isEmpty() ? Optional.of(free) : Optional.empty();
  }

  private void ask(int start, int end, Set<WordKind> kinds, List<Line.Token> name) {
    var written = line.written(start, end);
    var quoted = " \"" + written.replace("\"", "'") + "\"";
    var options = new ArrayList<Ask.Option>();
    near(name, kinds)
        .forEach(word -> options.add(Ask.Option.of(CanonicalLine.title(word, vocabulary))));
    for (var kind :
        List.of(
            WordKind.TOPIC, WordKind.MEDIUM, WordKind.SOURCE, WordKind.BOOK, WordKind.RESOURCE)) {
      if (kinds.contains(kind)) {
        options.add(
            Ask.Option.as(
                Phrase.Field.valueOf(kind.name()),
                written,
                kind.name().toLowerCase(Locale.ROOT) + quoted));
      }
    }
    options.add(Ask.Option.as(Phrase.Field.NOTE, written, "note" + quoted));
    line.claim(Phrase.Field.UNKNOWN, start, end, new Ask(options));
  }

  /** Names a slip of the pen away, the learner's own first. */
  private List<Word> near(List<Line.Token> name, Set<WordKind> kinds) {
    var written = Fold.of(line.written(name.get(0).start(), name.get(name.size() - 1).end()));
    int most = written.length() < SHORT ? 0 : written.length() < LONG ? 1 : 2;
    var distances = new LinkedHashMap<Word, Integer>();
    for (var known : vocabulary.everyName()) {
      var kind = known.word().kind();
      if (kinds.contains(kind) || kind.isSubject() && kinds.contains(WordKind.TOPIC)) {
        int far = 2 * Slips.between(written, String.join(" ", known.stems()), most);
        if (kind.isSubject() && known.stems().size() > name.size()) {
          // A title is often called by its beginning; a whole name comes first.
          var beginning = String.join(" ", known.stems().subList(0, name.size()));
          far = Math.min(far, 2 * Slips.between(written, beginning, most) + 1);
        }
        if (far <= 2 * most + 1) {
          distances.merge(known.word(), far, Math::min);
        }
      }
    }
    return distances.entrySet().stream()
        .sorted(
            Comparator.comparing(Map.Entry<Word, Integer>::getValue)
                .thenComparing(e -> e.getKey().rank())
                .thenComparing(e -> e.getKey().name()))
        .map(Map.Entry::getKey)
        .limit(MOST_CHOICES)
        .toList();
  }
}
