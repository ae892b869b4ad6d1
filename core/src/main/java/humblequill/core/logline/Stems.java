package humblequill.core.logline;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Makes words comparable: lower case, no accents, singular. */
final class Stems {
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+");
  private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");
  private static final Set<String> CONNECTIVES =
      Set.of(
          "a", "an", "the", "of", "in", "on", "at", "with", "from", "by", "and", "to", "for", "my",
          "using", "some");

  private Stems() {}

  /** The singular of a plain lower-case word, by English rules that need no list. */
  static String of(String word) {
    int n = word.length();
    if (n > 4 && word.endsWith("ies")) {
      return word.substring(0, n - 3) + "y";
    }
    if (n > 4
        && (word.endsWith("xes")
            || word.endsWith("ches")
            || word.endsWith("shes")
            || word.endsWith("sses"))) {
      return word.substring(0, n - 2);
    }
    if (n > 3
        && word.endsWith("s")
        && !word.endsWith("ss")
        && !word.endsWith("us")
        && !word.endsWith("is")) {
      return word.substring(0, n - 1);
    }
    return word;
  }

  /** The stems of a name, in order. */
  static List<String> ofName(String name) {
    var plain = ACCENTS.matcher(Normalizer.normalize(name, Normalizer.Form.NFD)).replaceAll("");
    return WORD.matcher(plain.toLowerCase(Locale.ROOT))
        .results()
        .map(MatchResult::group)
        .map(Stems::of)
        .toList();
  }

  /** Whether a word only joins others. */
  static boolean isConnective(String word) {
    return CONNECTIVES.contains(word);
  }
}
