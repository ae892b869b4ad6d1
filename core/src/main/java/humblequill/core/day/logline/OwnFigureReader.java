package humblequill.core.day.logline;

import humblequill.core.day.entry.OwnFigure;
import humblequill.core.ground.name.Fold;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads what the learner counts beside the drawings: "3 erasures", "erasures: 3". */
final class OwnFigureReader {
  private static final Pattern BEFORE = Pattern.compile("[ -]*");
  private static final Pattern BEHIND = Pattern.compile("[ :=]*");

  private final Line line;
  private final String name;
  private final List<String> stems;
  private final Map<String, Integer> worded;

  private OwnFigureReader(Line line, String name, Language language) {
    this.line = line;
    this.name = name;
    stems = Fold.stems(name);
    worded = language.numbered("number");
  }

  static void read(Line line, Vocabulary vocabulary) {
    vocabulary
        .ownFigure()
        .ifPresent(name -> new OwnFigureReader(line, name, vocabulary.language()).read());
  }

  private void read() {
    var tokens = line.tokens(0, line.original().length());
    int read = 0;
    for (int at = 0; at + stems.size() <= tokens.size(); at++) {
      int end = at + stems.size();
      if (!isName(tokens.subList(at, end))) {
        continue;
      }
      var before = at > read ? count(tokens, at - 1, at, BEFORE) : Optional.<Integer>empty();
      var behind = count(tokens, end, end - 1, BEHIND);
      if (before.isPresent()) {
        claim(tokens.get(at - 1).start(), tokens.get(end - 1).end(), before.get());
        read = end;
      } else if (behind.isPresent()) {
        claim(tokens.get(at).start(), tokens.get(end).end(), behind.get());
        read = end + 1;
      }
    }
  }

  /** The number at a place, if only what may part them stands between it and a word of the name. */
  private Optional<Integer> count(List<Line.Token> tokens, int at, int word, Pattern between) {
    if (at >= tokens.size()) {
      return Optional.empty();
    }
    var number = tokens.get(at);
    var gap = at < word ? line.gap(number, tokens.get(word)) : line.gap(tokens.get(word), number);
    var value =
        number.isNumber()
            ? Optional.of(Line.number(number.text()))
            : Optional.ofNullable(worded.get(number.text()));
    return value.filter(v -> between.matcher(gap).matches());
  }

  private boolean isName(List<Line.Token> words) {
    for (int i = 0; i < stems.size(); i++) {
      boolean parted = i > 0 && !BEFORE.matcher(line.gap(words.get(i - 1), words.get(i))).matches();
      if (parted || !words.get(i).stem().equals(stems.get(i))) {
        return false;
      }
    }
    return true;
  }

  private void claim(int start, int end, int count) {
    line.claim(
        Phrase.Field.OWN_FIGURE,
        start,
        end,
        count <= OwnFigure.MOST ? new OwnFigure(name, count) : count);
  }
}
