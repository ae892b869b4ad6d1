package humblequill.core.logline;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Reads what is marked: what went wrong, what to do next time, notes, and names in quotes. */
final class TextReader {
  private static final Pattern NAMED =
      Pattern.compile("(?<!\\p{L})(topic|medium|source|book|resource):? ?\"([^\"]+)\"");

  private final Map<Phrase.Field, Pattern> quoted;
  private final Map<Phrase.Field, Pattern> labelled;

  TextReader(Language language) {
    var markers =
        Map.of(
            Phrase.Field.WENT_WRONG, language.any("went-wrong"),
            Phrase.Field.NEXT_TIME, language.any("next-time"),
            Phrase.Field.NOTE, language.any("note"));
    quoted = new EnumMap<>(Phrase.Field.class);
    labelled = new EnumMap<>(Phrase.Field.class);
    markers.forEach(
        (field, marker) -> {
          quoted.put(field, Pattern.compile("(?<!\\p{L})" + marker + ":? ?\"((?:[^\"]|\"\")*)\""));
          labelled.put(
              field,
              Pattern.compile(
                  "(?:^|(?<=[,;.\\n]))\\s*("
                      + marker
                      + "):? +([^,;\\n\u0001]+?)(?=\\s*(?:[,;\\n\u0001]|\\.\\s|$))"));
        });
  }

  void read(Line line) {
    quoted.forEach(
        (field, pattern) -> {
          for (var m : line.find(pattern)) {
            line.claim(
                field,
                m.start(),
                m.end(),
                line.written(m.start(1), m.end(1)).replace("\"\"", "\""));
          }
        });
    for (var m : line.find(NAMED)) {
      var kind = WordKind.valueOf(m.group(1).toUpperCase(Locale.ROOT));
      var name = line.written(m.start(2), m.end(2)).strip();
      if (!name.isEmpty()) {
        line.claim(
            Phrase.Field.valueOf(kind.name()), m.start(), m.end(), List.of(Word.of(kind, name)));
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
}
