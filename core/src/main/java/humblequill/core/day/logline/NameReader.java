package humblequill.core.day.logline;

import humblequill.core.ground.name.Fold;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads names from the learner's vocabulary, and the number of drawings before a subject. */
final class NameReader {
  private static final Pattern TIMES =
      Pattern.compile(
          "(?<![\\p{L}\\p{N}])"
              + Line.NUMBER
              + " ?[x×](?! ?\\d)|(?<![\\p{L}\\p{N}])[x×] ?"
              + Line.NUMBER);
  private static final Pattern PLAIN_GAP = Pattern.compile("[\\s'-]*");
  private static final Pattern LOOSE_GAP = Pattern.compile("[^;\u0001]*");
  private static final int WHOLE_NAME = 4;
  private static final int LONGEST = 9;
  private static final int LONGEST_SUBJECT = 6;

  private final Line line;
  private final Vocabulary vocabulary;
  private final NameWords standard;

  NameReader(Line line, Vocabulary vocabulary, NameWords standard) {
    this.line = line;
    this.vocabulary = vocabulary;
    this.standard = standard;
  }

  /** Left blank on purpose. */
  static final Object BLANK = List.of();

  /**
   * Names of several words are plain to see anywhere, so they are struck out before any figure is
   * read.
   */
  void readLongNames() {
    for (var m : line.find(standard.without)) {
      line.claim(
          Phrase.Field.valueOf(m.group(1).toUpperCase(Locale.ROOT)), m.start(), m.end(), BLANK);
    }
    var tokens = line.tokens(0, line.original().length());
    for (int size = LONGEST; size >= 2; size--) {
      for (int at = 0; at + size <= tokens.size(); at++) {
        if (claimName(tokens.subList(at, tokens.size()), size, false)) {
          tokens = line.tokens(0, line.original().length());
          at = -1;
        }
      }
    }
  }

  void readRest() {
    for (var segment : line.segments()) {
      readTimes(segment[0], segment[1]);
      readCountAndSubject(segment[0], segment[1]);
      readSingles(segment[0], segment[1]);
      readSubject(segment[0], segment[1]);
    }
  }

  /** Claims a name of so many words that the open words begin with. */
  private boolean claimName(List<Line.Token> tokens, int size, boolean alone) {
    var token = tokens.get(0);
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
    var rest = line.original().substring(end).toLowerCase(Locale.ROOT);
    var week = standard.week.matcher(rest);
    if (words.get(0).kind().isSubject() && week.find()) {
      int number = Integer.parseInt(week.group(1));
      var phrase =
          Fold.stems(line.written(start, end)).stream().filter(s -> !vocabulary.joins(s)).toList();
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
      if (standard.leading.contains(last.text()) && between.isBlank()) {
        return last.start();
      }
    }
    return start;
  }

  private void readTimes(int start, int end) {
    for (var m : line.find(TIMES)) {
      if (m.start() >= start && m.end() <= end) {
        var figures = m.group(1) != null ? m.group(1) : m.group(2);
        line.claim(Phrase.Field.DRAWINGS, m.start(), m.end(), Line.number(figures));
      }
    }
  }

  /** Counts with what was counted behind them; a number amid unknown words is theirs. */
  private void readCountAndSubject(int start, int end) {
    for (var stretch : line.stretches(start, end)) {
      boolean amid = false;
      for (int i = 0; i < stretch.size(); i++) {
        var token = stretch.get(i);
        var number = number(token);
        if (number.isEmpty()) {
          amid |= !vocabulary.joins(token.text());
          continue;
        }
        int used = claimCounted(stretch, i, i + 1, number.get());
        if (used > 0) {
          i += used;
          amid = false;
        } else if (token.isNumber() && !amid && i + 1 < stretch.size() && leaves(stretch, i)) {
          line.claim(Phrase.Field.DRAWINGS, token.start(), token.end(), number.get());
        }
      }
    }
  }

  /**
   * Whether something unknown that could be a subject follows. Behind one or two words nothing else
   * may; where the line is about nothing else, the first word may be it and the rest a remark.
   */
  private boolean leaves(List<Line.Token> stretch, int at) {
    var rest =
        stretch.subList(at + 1, stretch.size()).stream()
            .filter(t -> !vocabulary.joins(t.text()))
            .toList();
    boolean aboutNothing =
        !line.has(Phrase.Field.EXERCISE)
            && !line.has(Phrase.Field.TOPIC)
            && !line.has(Phrase.Field.DRAWINGS);
    return !rest.isEmpty()
        && !rest.get(0).isNumber()
        && (aboutNothing
            || rest.size() <= Unread.MOST_OF_A_NAME
                && rest.stream().noneMatch(Line.Token::isNumber));
  }

  /**
   * Numbers with nothing to tell their meaning. One that can only be the count is the count; the
   * others are asked about.
   */
  void readBareNumbers() {
    var bare =
        line.segments().stream()
            .flatMap(segment -> line.stretches(segment[0], segment[1]).stream())
            .filter(
                stretch ->
                    stretch.stream().allMatch(t -> t.isNumber() || vocabulary.joins(t.text())))
            .flatMap(stretch -> stretch.stream().filter(Line.Token::isNumber))
            .toList();
    var taken = EnumSet.noneOf(Phrase.Field.class);
    line.claims().forEach(claim -> taken.add(claim.field()));
    boolean subject = taken.contains(Phrase.Field.EXERCISE) || taken.contains(Phrase.Field.TOPIC);
    boolean timed = taken.contains(Phrase.Field.MINUTES) || taken.contains(Phrase.Field.POSES);
    if (bare.size() == 1 && !taken.contains(Phrase.Field.DRAWINGS) && subject && timed) {
      var only = bare.get(0);
      line.claim(Phrase.Field.DRAWINGS, only.start(), only.end(), Line.number(only.text()));
      return;
    }
    for (var number : bare) {
      line.claim(
          Phrase.Field.UNKNOWN,
          number.start(),
          number.end(),
          MarkReader.bare(Line.number(number.text()), taken));
    }
  }

  /** Claims a count with the subject or the word "drawings" behind it; returns the words used. */
  private int claimCounted(List<Line.Token> stretch, int at, int next, int count) {
    for (int to = Math.min(stretch.size(), next + LONGEST_SUBJECT); to > next; to--) {
      var phrase = stretch.subList(next, to);
      if (standard.drawn.contains(phrase.get(0).stem())
          && vocabulary.subjects(stems(phrase), plainly(phrase) ? WHOLE_NAME : 3).isEmpty()) {
        if (to > next + 1) {
          continue;
        }
        line.claim(Phrase.Field.DRAWINGS, stretch.get(at).start(), phrase.get(0).end(), count);
        return 1;
      }
      var found = vocabulary.subjects(stems(phrase), 2);
      var last = phrase.get(phrase.size() - 1);
      if (!found.isEmpty() && !vocabulary.joins(last.text()) && line.endsWord(last.end())) {
        line.claim(
            Phrase.Field.DRAWINGS, stretch.get(at).start(), stretch.get(next - 1).end(), count);
        // "10 gesture drawings": the noun says nothing more.
        boolean noun = to < stretch.size() && standard.drawn.contains(stretch.get(to).stem());
        claimWords(phrase.get(0).start(), stretch.get(noun ? to : to - 1).end(), found);
        return phrase.size() + (noun ? 1 : 0);
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
  private boolean plainly(List<Line.Token> phrase) {
    return phrase.size() == 1 && standard.onlyCounted.contains(phrase.get(0).stem());
  }

  private boolean startsUnderstood(int position) {
    return line.claims().stream()
        .filter(c -> c.field() == Phrase.Field.EXERCISE || c.field() == Phrase.Field.TOPIC)
        .anyMatch(
            c -> c.start() >= position && line.original().substring(position, c.start()).isBlank());
  }

  private Optional<Integer> number(Line.Token token) {
    if (token.isNumber()) {
      return Optional.of(Line.number(token.text()));
    }
    return standard.ones.contains(token.text()) ? Optional.of(1) : Optional.empty();
  }

  private boolean isNameAlone(Line.Token token) {
    return vocabulary.startingWith(token.stem()).stream()
        .anyMatch(name -> name.stems().size() == 1 && !name.word().kind().isSubject());
  }

  /**
   * Media, sources, books and resources of one word: the whole stretch with others of them, or led
   * in by "in", "with", "from".
   */
  private void readSingles(int start, int end) {
    for (var token : line.tokens(start, end)) {
      boolean ledIn = connectiveBefore(token.start()) != token.start();
      boolean wholeStretch =
          line.stretches(start, end).stream()
              .filter(stretch -> stretch.contains(token))
              .allMatch(
                  stretch ->
                      stretch.stream().allMatch(t -> isNameAlone(t) || vocabulary.joins(t.text())));
      if (ledIn || wholeStretch) {
        claimName(List.of(token), 1, true);
      }
    }
  }

  /**
   * A subject without a count; where there is one already, only what is another by its whole name.
   */
  private void readSubject(int start, int end) {
    for (var stretch : line.stretches(start, end)) {
      var bare = withoutConnectivesAtEnds(stretch);
      if (bare.isEmpty() || bare.size() > LONGEST_SUBJECT) {
        continue;
      }
      boolean named = line.has(Phrase.Field.EXERCISE) || line.has(Phrase.Field.TOPIC);
      for (int to = bare.size(); to > (named ? bare.size() - 1 : 0); to--) {
        var phrase = bare.subList(0, to);
        int weakest = named ? WHOLE_NAME : to == bare.size() ? 2 : 3;
        var found = vocabulary.subjects(stems(phrase), weakest);
        if (!found.isEmpty() && line.endsWord(phrase.get(to - 1).end())) {
          claimWords(phrase.get(0).start(), phrase.get(to - 1).end(), found);
          readSubject(phrase.get(to - 1).end(), end);
          return;
        }
      }
    }
  }

  private List<Line.Token> withoutConnectivesAtEnds(List<Line.Token> stretch) {
    int from = 0;
    int to = stretch.size();
    while (from < to && vocabulary.joins(stretch.get(from).text())) {
      from++;
    }
    while (to > from && vocabulary.joins(stretch.get(to - 1).text())) {
      to--;
    }
    return stretch.subList(from, to);
  }

  private List<String> stems(List<Line.Token> tokens) {
    return tokens.stream().map(Line.Token::stem).filter(s -> !vocabulary.joins(s)).toList();
  }
}
