package humblequill.core.logline;

import humblequill.core.name.Fold;
import java.util.List;
import java.util.Set;

/** The words of a line that only join others. */
final class Stems {
  private static final Set<String> CONNECTIVES =
      Set.of(
          "a", "an", "the", "of", "in", "on", "at", "with", "from", "by", "and", "to", "for", "my",
          "using", "some");

  private Stems() {}

  static String of(String word) {
    return Fold.stem(word);
  }

  static List<String> ofName(String name) {
    return Fold.stems(name);
  }

  /** Whether a word only joins others. */
  static boolean isConnective(String word) {
    return CONNECTIVES.contains(word);
  }
}
