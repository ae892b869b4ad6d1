package humblequill.core.ground.name;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Makes spellings comparable: lower case, no accents, singular, no punctuation. Every lookup of a
 * name goes through here, so that two spellings are the same everywhere or nowhere.
 */
public final class Fold {
  private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}]+");

  /** The last letter of the alphabet without accents, and what stands before it. */
  private static final char LAST_PLAIN = 127;

  private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");

  private Fold() {}

  /** What all spellings of a name have in common; two names are the same when this is. */
  public static String of(String name) {
    var stems = stems(name);
    return stems.isEmpty() ? name.strip().toLowerCase(Locale.ROOT) : String.join(" ", stems);
  }

  /** The stems of a name's words, in order; none for a name without letters and figures. */
  public static List<String> stems(String name) {
    return WORD.matcher(plain(name)).results().map(MatchResult::group).map(Fold::stem).toList();
  }

  /** The same text in lower case without accents. */
  public static String plain(String text) {
    return isPlain(text) ? text.toLowerCase(Locale.ROOT) : withoutAccents(text);
  }

  /** Most texts are, and need no taking apart. */
  private static boolean isPlain(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) > LAST_PLAIN) {
        return false;
      }
    }
    return true;
  }

  private static String withoutAccents(String text) {
    return ACCENTS
        .matcher(Normalizer.normalize(text, Normalizer.Form.NFD))
        .replaceAll("")
        .toLowerCase(Locale.ROOT);
  }

  /** The singular of a plain lower-case word, by English rules that need no list. */
  public static String stem(String word) {
    int n = word.length();
    if (n > 4 && word.endsWith("ies")) {
      return word.substring(0, n - 3) + "y";
    }
    boolean longPlural =
        word.endsWith("xes")
            || word.endsWith("ches")
            || word.endsWith("shes")
            || word.endsWith("sses");
    if (n > 4 && longPlural) {
      return word.substring(0, n - 2);
    }
    boolean singular = word.endsWith("ss") || word.endsWith("us") || word.endsWith("is");
    return n > 3 && word.endsWith("s") && !singular ? word.substring(0, n - 1) : word;
  }
}
