package humblequill.core.logline;

import java.util.Map;
import java.util.Optional;

/** Small numbers written as words. */
final class NumberWords {
  private static final Map<String, Integer> VALUES =
      Map.ofEntries(
          Map.entry("a", 1),
          Map.entry("an", 1),
          Map.entry("one", 1),
          Map.entry("two", 2),
          Map.entry("three", 3),
          Map.entry("four", 4),
          Map.entry("five", 5),
          Map.entry("six", 6),
          Map.entry("seven", 7),
          Map.entry("eight", 8),
          Map.entry("nine", 9),
          Map.entry("ten", 10),
          Map.entry("eleven", 11),
          Map.entry("twelve", 12),
          Map.entry("dozen", 12),
          Map.entry("fifteen", 15),
          Map.entry("twenty", 20),
          Map.entry("thirty", 30),
          Map.entry("forty", 40),
          Map.entry("fifty", 50));

  /** Matches any number word that can stand before "hours" or "minutes". */
  static final String PATTERN =
      "one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty|thirty|forty|fifty";

  private NumberWords() {}

  static Optional<Integer> value(String word) {
    return Optional.ofNullable(VALUES.get(word));
  }

  /** A number in digits (with point, comma or a half sign) or as a word. */
  static double parse(String text) {
    if (VALUES.containsKey(text)) {
      return VALUES.get(text);
    }
    boolean half = text.endsWith("½");
    var digits = (half ? text.substring(0, text.length() - 1) : text).replace(',', '.');
    return (digits.isEmpty() ? 0 : Double.parseDouble(digits)) + (half ? 0.5 : 0);
  }
}
