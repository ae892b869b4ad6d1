package humblequill.core.day.logline;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Numbers as people write them: in words, with parted thousands, as fractions. */
final class NumberWords {
  private static final String FRACTIONS = "½¼¾";
  private static final Map<Character, Double> PARTS = Map.of('½', 0.5, '¼', 0.25, '¾', 0.75);

  private final Map<String, Integer> values;
  private final Pattern words;
  private final Pattern few;
  private final Pattern thousands;

  NumberWords(Language language) {
    values =
        language.numbered("number").entrySet().stream()
            .filter(e -> e.getValue() > 1)
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    words =
        Pattern.compile(
            "(?<![\\p{L}\\p{N}-])" + language.anyNumbered("number") + "(?![\\p{L}\\p{N}'-])");
    few = Pattern.compile("(?<![\\p{L}\\p{N}])" + language.any("few") + "(?= +\\p{L})");
    char parts = language.grouping();
    var grouping = Character.isSpaceChar(parts) ? " " : Pattern.quote(String.valueOf(parts));
    thousands =
        Pattern.compile(
            "(?<![\\p{L}\\d.,/-])\\d{1,3}(?:" + grouping + "\\d{3})+(?![\\p{L}\\d]|[.,]\\d)");
  }

  /** How many drawings "a few" are, nobody knows. */
  void readFew(Line line) {
    for (var m : line.find(few)) {
      line.claim(
          Phrase.Field.DRAWINGS,
          m.start(),
          m.end(),
          new Ask(
              IntStream.rangeClosed(3, 5)
                  .mapToObj(n -> Ask.Option.of(Integer.toString(n)))
                  .toList()));
    }
  }

  /** Numbers in words and with parted thousands are read as their figures from now on. */
  void readAsFigures(Line line) {
    for (var m : line.find(words)) {
      var value = values.get(Language.single(m.group()).toLowerCase(Locale.ROOT));
      if (value != null && Integer.toString(value).length() <= m.end() - m.start()) {
        line.readAsNumber(m.start(), m.end(), Integer.toString(value));
      }
    }
    for (var m : line.find(thousands)) {
      line.readAsNumber(m.start(), m.end(), m.group().replaceAll("\\D", ""));
    }
  }

  /**
   * A number before a unit, without a group: 12, 1.5, 1½, 1/2, 1 1/2. Where a comma parts no
   * decimals, it does only before a single figure that stands clear: 1,5 h.
   */
  static String measure(Language language) {
    var decimals = language.decimal() == ',' ? "[.,]\\d+" : "\\.\\d+|,\\d(?= |h)";
    return "(?:\\d+ \\d/\\d|\\d ?/ ?\\d{1,2}|\\d[\\d\u0003]*(?:"
        + decimals
        + ")?["
        + FRACTIONS
        + "]?|["
        + FRACTIONS
        + "])";
  }

  /** The value of a {@link #measure(Language) measure}. */
  static double measure(String text) {
    var figures = Line.whole(text).strip();
    if (figures.contains("/")) {
      var parts = figures.split(" (?=\\d ?/)|(?<=\\d) (?=\\d/)");
      var fraction = parts[parts.length - 1].split(" ?/ ?");
      double value = Double.parseDouble(fraction[0]) / Double.parseDouble(fraction[1]);
      return parts.length > 1 ? Double.parseDouble(parts[0]) + value : value;
    }
    char last = figures.charAt(figures.length() - 1);
    double part = PARTS.getOrDefault(last, 0.0);
    var whole = (part > 0 ? figures.substring(0, figures.length() - 1) : figures).replace(',', '.');
    return (whole.isEmpty() ? 0 : Double.parseDouble(whole)) + part;
  }
}
