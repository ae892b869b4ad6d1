package humblequill.core.day.logline;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads what is marked: what went wrong, what to do next time, notes, and names in quotes. */
final class TextReader {
  private static final List<Phrase.Field> TEXTS =
      List.of(Phrase.Field.WENT_WRONG, Phrase.Field.NEXT_TIME, Phrase.Field.NOTE);

  /**
   * All that stands in quotes, from left to right: what comes first has the quotes that follow, so
   * that a name such as "note" is not taken for the beginning of one.
   */
  private final Pattern quoted;

  private final Map<Phrase.Field, Pattern> labelled;

  TextReader(Language language) {
    var markers =
        Map.of(
            Phrase.Field.WENT_WRONG, language.any("went-wrong"),
            Phrase.Field.NEXT_TIME, language.any("next-time"),
            Phrase.Field.NOTE, language.any("note"));
    quoted =
        Pattern.compile(
            "(?<!\\p{L})(?:(topic|medium|source|book|resource)|("
                + TEXTS.stream().map(markers::get).collect(Collectors.joining(")|("))
                + ")):? ?\"((?:[^\"]|\"\")*)\"");
    labelled = new EnumMap<>(Phrase.Field.class);
    markers.forEach(
        (field, marker) -> {
          labelled.put(
              field,
              Pattern.compile(
                  "(?:^|(?<=[,;.\\n]))\\s*("
                      + marker
                      + "):? +([^,;\\n\u0001]+?)(?=\\s*(?:[,;\\n\u0001]|\\.\\s|$))"));
        });
  }

  void read(Line line) {
    for (var m : line.find(quoted)) {
      int last = m.groupCount();
      var written = line.written(m.start(last), m.end(last));
      if (m.group(1) == null) {
        line.claim(textOf(m), m.start(), m.end(), written.replace("\"\"", "\""));
      } else if (!written.isBlank()) {
        var kind = WordKind.valueOf(m.group(1).toUpperCase(Locale.ROOT));
        var word = Word.of(kind, written.strip());
        line.claim(Phrase.Field.valueOf(kind.name()), m.start(), m.end(), List.of(word));
      }
    }
    labelled.forEach(
        (field, pattern) -> {
          for (var m : line.find(pattern)) {
            // "mark 4" behind "note" is a mark where the two share a word.
            var text = line.written(m.start(2), m.end(2)).strip();
            if (field != Phrase.Field.NOTE || !text.matches("\\d{1,2}(?:[.,]\\d)?(?: ?/ ?\\d+)?")) {
              line.claim(field, m.start(1), m.end(2), text);
            }
          }
        });
  }

  private static Phrase.Field textOf(MatchResult quoted) {
    int i = 0;
    while (quoted.group(i + 2) == null) {
      i++;
    }
    return TEXTS.get(i);
  }
}
