package humblequill.core.logline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Reads names from the learner's vocabulary, and the number of drawings before a subject. */
final class NameReader {
  private static final Pattern NONE = Pattern.compile("\\bno (source|medium|book)\\b");
  private static final Pattern TIMES =
      Pattern.compile("\\b(\\d{1,6}) ?[x×]|\\b[x×] ?(\\d{1,6})\\b");
  private static final Pattern PLAIN_GAP = Pattern.compile("[\\s'-]*");
  private static final Pattern LOOSE_GAP = Pattern.compile("[^;\u0001]*");
  private static final Pattern WEEK = Pattern.compile("^[ ,(]*week (\\d{1,3})\\)?");
  private static final Set<String> DRAWINGS =
      Set.of("drawing", "sketch", "sketche", "study", "pose", "piece", "picture");
  private static final Set<String> ONLY_A_COUNT = Set.of("drawing", "sketch", "sketche", "picture");
  private static final int WHOLE_NAME = 4;
  private static final int MOST_UNKNOWN = 3;

  private final Line line;
  private final Vocabulary vocabulary;

  NameReader(Line line, Vocabulary vocabulary) {
    this.line = line;
    this.vocabulary = vocabulary;
  }

  /** Left blank on purpose. */
  static final Object BLANK = List.of();

  /**
   * Names of several words are plain to see anywhere, so they are struck out before any figure is
   * read.
   */
  void readLongNames() {
    for (var m : line.find(NONE)) {
      line.claim(
          Phrase.Field.valueOf(m.group(1).toUpperCase(java.util.Locale.ROOT)),
          m.start(),
          m.end(),
          BLANK);
    }
    for (int size = 9; size >= 2; size--) {
      for (var token : line.tokens(0, line.original().length())) {
        claimName(token, size, false);
      }
    }
  }

  void readRest() {
    for (var segment : line.segments()) {
      readSegment(segment[0], segment[1]);
    }
  }

  private void readSegment(int start, int end) {
    readTimes(start, end);
    readCountAndSubject(start, end);
    readSingles(start, end);
    readSubject(start, end);
    if (unknown(start, end) > MOST_UNKNOWN) {
      keepOnlyTheBeginning(start, end);
    }
  }

  private boolean claimName(Line.Token token, int size, boolean alone) {
    var tokens = line.tokens(token.start(), line.original().length());
    if (tokens.size() < size || !tokens.get(0).equals(token)) {
      return false;
    }
    var words = new ArrayList<Word>();
    for (var name : vocabulary.startingWith(token.stem())) {
      if (name.stems().size() == size
          && matches(name, tokens)
          && !(alone && name.word().kind().isSubject())) {
        words.add(name.word());
      }
    }
    if (words.isEmpty()) {
      return false;
    }
    var kind = words.get(0).kind();
    var same = words.stream().filter(w -> w.kind() == kind).distinct().toList();
    int end = tokens.get(size - 1).end();
    claimWords(connectiveBefore(token.start()), end, same);
    return true;
  }

  private static Phrase.Field field(WordKind kind) {
    return Phrase.Field.valueOf(kind.name());
  }

  private boolean matches(Vocabulary.Name name, List<Line.Token> tokens) {
    for (int i = 0; i < name.stems().size(); i++) {
      if (!tokens.get(i).stem().equals(name.stems().get(i))) {
        return false;
      }
      var gap = name.hasPunctuation() ? LOOSE_GAP : PLAIN_GAP;
      if (i > 0 && !gap.matcher(line.gap(tokens.get(i - 1), tokens.get(i))).matches()) {
        return false;
      }
    }
    return true;
  }

  /** Subjects with the same title in several weeks are told apart by "week 12" behind them. */
  private void claimWords(int start, int end, List<Word> words) {
    var rest = line.original().substring(end).toLowerCase(java.util.Locale.ROOT);
    var week = WEEK.matcher(rest);
    if (words.get(0).kind() == WordKind.EXERCISE && week.find()) {
      int number = Integer.parseInt(week.group(1));
      var phrase =
          Stems.ofName(line.written(start, end)).stream()
              .filter(s -> !Stems.isConnective(s))
              .toList();
      var inWeek = vocabulary.subjectsOfWeek(phrase, number);
      if (!inWeek.isEmpty()) {
        line.claim(Phrase.Field.EXERCISE, start, end + week.end(), inWeek);
        return;
      }
    }
    int nearest = words.stream().mapToInt(Word::rank).min().orElse(0);
    var near = words.stream().filter(w -> w.rank() == nearest).toList();
    line.claim(field(near.get(0).kind()), start, end, near);
  }

  private int connectiveBefore(int start) {
    var before = line.tokens(0, start);
    if (!before.isEmpty()) {
      var last = before.get(before.size() - 1);
      var between = line.original().substring(last.end(), start);
      if (Set.of("in", "with", "from", "using", "by").contains(last.text()) && between.isBlank()) {
        return last.start();
      }
    }
    return start;
  }

  private void readTimes(int start, int end) {
    for (var m : line.find(TIMES)) {
      if (m.start() >= start && m.end() <= end) {
        var digits = m.group(1) != null ? m.group(1) : m.group(2);
        line.claim(Phrase.Field.DRAWINGS, m.start(), m.end(), Integer.valueOf(digits));
      }
    }
  }

  private void readCountAndSubject(int start, int end) {
    for (var stretch : line.stretches(start, end)) {
      for (int i = 0; i < stretch.size(); i++) {
        var number = number(stretch.get(i));
        if (number.isEmpty() || (i > 0 && stretch.get(i - 1).text().equals("week"))) {
          continue;
        }
        boolean digits = Character.isDigit(stretch.get(i).text().charAt(0));
        int skip =
            stretch.get(i).text().equals("a")
                    && i + 1 < stretch.size()
                    && stretch.get(i + 1).text().equals("dozen")
                ? 1
                : 0;
        int count = skip == 1 ? 12 : number.get();
        int used =
            digits || skip == 1 || i == 0 ? claimCounted(stretch, i, i + 1 + skip, count) : 0;
        if (used > 0) {
          break;
        }
        if (digits) {
          line.claim(Phrase.Field.DRAWINGS, stretch.get(i).start(), stretch.get(i).end(), count);
          break;
        }
      }
    }
  }

  /** Claims a count with the subject or the word "drawings" behind it; returns the words used. */
  private int claimCounted(List<Line.Token> stretch, int at, int next, int count) {
    for (int to = Math.min(stretch.size(), next + 6); to > next; to--) {
      var phrase = stretch.subList(next, to);
      if (DRAWINGS.contains(phrase.get(0).stem())
          && vocabulary.subjects(stems(phrase), plainly(phrase) ? WHOLE_NAME : 3).isEmpty()) {
        if (to > next + 1) {
          continue;
        }
        line.claim(Phrase.Field.DRAWINGS, stretch.get(at).start(), phrase.get(0).end(), count);
        return 1;
      }
      var found = vocabulary.subjects(stems(phrase), 2);
      if (!found.isEmpty()
          && !Stems.isConnective(phrase.get(phrase.size() - 1).text())
          && !line.has(Phrase.Field.EXERCISE)) {
        line.claim(
            Phrase.Field.DRAWINGS, stretch.get(at).start(), stretch.get(next - 1).end(), count);
        claimWords(phrase.get(0).start(), phrase.get(phrase.size() - 1).end(), found);
        return phrase.size();
      }
    }
    // "26 [struck-out title]": the number stands alone in its stretch, right before something
    // understood.
    if (next == stretch.size() && startsUnderstood(stretch.get(next - 1).end())) {
      line.claim(
          Phrase.Field.DRAWINGS, stretch.get(at).start(), stretch.get(next - 1).end(), count);
      return 1;
    }
    return 0;
  }

  /** "4 drawings" counts; it does not ask which of the topics about drawing is meant. */
  private static boolean plainly(List<Line.Token> phrase) {
    return phrase.size() == 1 && ONLY_A_COUNT.contains(phrase.get(0).stem());
  }

  private boolean startsUnderstood(int position) {
    return line.claims().stream()
        .filter(c -> c.field() == Phrase.Field.EXERCISE || c.field() == Phrase.Field.TOPIC)
        .anyMatch(
            c -> c.start() >= position && line.original().substring(position, c.start()).isBlank());
  }

  private static Optional<Integer> number(Line.Token token) {
    if (token.text().matches("\\d{1,6}")) {
      return Optional.of(Integer.valueOf(token.text()));
    }
    return NumberWords.value(token.text());
  }

  /**
   * Media, sources, books and resources of one word: the whole stretch, or led in by "in", "with",
   * "from".
   */
  private void readSingles(int start, int end) {
    for (var token : line.tokens(start, end)) {
      boolean ledIn = connectiveBefore(token.start()) != token.start();
      boolean wholeStretch =
          line.stretches(start, end).stream()
              .filter(stretch -> stretch.contains(token))
              .allMatch(
                  stretch ->
                      stretch.stream()
                          .allMatch(t -> t.equals(token) || Stems.isConnective(t.text())));
      if (ledIn || wholeStretch) {
        claimName(token, 1, true);
      }
    }
  }

  private void readSubject(int start, int end) {
    for (var stretch : line.stretches(start, end)) {
      if (line.has(Phrase.Field.EXERCISE) || line.has(Phrase.Field.TOPIC)) {
        return;
      }
      var bare = withoutConnectivesAtEnds(stretch);
      if (bare.isEmpty() || bare.size() > 6) {
        continue;
      }
      for (int to = bare.size(); to > 0; to--) {
        var phrase = bare.subList(0, to);
        var found = vocabulary.subjects(stems(phrase), to == bare.size() ? 2 : 3);
        if (!found.isEmpty()) {
          claimWords(phrase.get(0).start(), phrase.get(to - 1).end(), found);
          break;
        }
      }
    }
  }

  private static List<Line.Token> withoutConnectivesAtEnds(List<Line.Token> stretch) {
    int from = 0;
    int to = stretch.size();
    while (from < to && Stems.isConnective(stretch.get(from).text())) {
      from++;
    }
    while (to > from && Stems.isConnective(stretch.get(to - 1).text())) {
      to--;
    }
    return stretch.subList(from, to);
  }

  private static List<String> stems(List<Line.Token> tokens) {
    return tokens.stream().map(Line.Token::stem).filter(s -> !Stems.isConnective(s)).toList();
  }

  private int unknown(int start, int end) {
    return (int)
        line.tokens(start, end).stream().filter(t -> !Stems.isConnective(t.text())).count();
  }

  /**
   * A stretch with many unknown words is prose: what is read inside it is let go, what stands
   * before it is kept.
   */
  private void keepOnlyTheBeginning(int start, int end) {
    int prose =
        line.tokens(start, end).stream()
            .filter(t -> !Stems.isConnective(t.text()))
            .mapToInt(Line.Token::start)
            .min()
            .orElse(end);
    List.copyOf(line.claims()).stream()
        .filter(c -> c.start() > prose && c.end() <= end && c.field() != Phrase.Field.NOTE)
        .filter(c -> c.field() != Phrase.Field.WENT_WRONG && c.field() != Phrase.Field.NEXT_TIME)
        .forEach(line::release);
  }
}
