package humblequill.core.logline;

import java.util.regex.Pattern;

/** Reads what went wrong, what to do next time, and notes that are marked as such. */
final class TextReader {
  private static final String MARKER = "(went wrong|next time|note)";
  private static final Pattern QUOTED =
      Pattern.compile("\\b" + MARKER + ":? ?\"((?:[^\"]|\"\")*)\"");
  private static final Pattern LABELLED =
      Pattern.compile(
          "(?:^|(?<=[,;.\\n]))\\s*"
              + MARKER
              + ":? +([^,;\\n\u0001]+?)(?=\\s*(?:[,;\\n\u0001]|\\.\\s|$))");

  private TextReader() {}

  static void read(Line line) {
    for (var m : line.find(QUOTED)) {
      line.claim(
          field(m.group(1)),
          m.start(),
          m.end(),
          line.written(m.start(2), m.end(2)).replace("\"\"", "\""));
    }
    for (var m : line.find(LABELLED)) {
      line.claim(
          field(m.group(1)), m.start(1), m.end(2), line.written(m.start(2), m.end(2)).strip());
    }
  }

  private static Phrase.Field field(String marker) {
    return switch (marker) {
      case "went wrong" -> Phrase.Field.WENT_WRONG;
      case "next time" -> Phrase.Field.NEXT_TIME;
      default -> Phrase.Field.NOTE;
    };
  }
}
