package humblequill.server.lookback.search;

import humblequill.core.ground.name.Fold;
import java.util.Optional;

/** The words around what was looked for. */
final class Excerpt {
  private static final int AROUND = 60;
  private static final String LEFT_OUT = "…";

  private Excerpt() {}

  /**
   * Part of a text, in one line.
   *
   * @param sought words, however their capitals and accents are written
   * @return empty where the text does not hold them
   */
  static Optional<String> of(String text, String sought) {
    var line = text.strip().replaceAll("\\s+", " ");
    int at = Fold.plain(line).indexOf(Fold.plain(sought.strip()));
    if (at < 0) {
      return Optional.empty();
    }
    int from = wordBefore(line, Math.max(0, Math.min(at, line.length()) - AROUND));
    int to = wordAfter(line, Math.min(line.length(), at + sought.strip().length() + AROUND));
    return Optional.of(
        (from > 0 ? LEFT_OUT : "")
            + line.substring(from, to).strip()
            + (to < line.length() ? LEFT_OUT : ""));
  }

  /** Where the word begins that holds a place, or the place itself within a very long one. */
  private static int wordBefore(String line, int place) {
    int space = line.lastIndexOf(' ', place);
    return place == 0 ? 0 : place - space > AROUND ? place : space + 1;
  }

  private static int wordAfter(String line, int place) {
    int space = line.indexOf(' ', place);
    int end = space < 0 ? line.length() : space;
    return end - place > AROUND ? place : end;
  }
}
