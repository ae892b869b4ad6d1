package humblequill.core.day.logline;

/**
 * How many slips of the pen part two words: letters left out, put in, changed, or two neighbours
 * swapped (the restricted Damerau–Levenshtein distance).
 */
final class Slips {
  private Slips() {}

  /**
   * The distance, or anything larger than {@code most} when it is larger.
   *
   * @param most 0 or more
   */
  static int between(String one, String other, int most) {
    if (Math.abs(one.length() - other.length()) > most) {
      return most + 1;
    }
    var rows = new int[one.length() + 1][other.length() + 1];
    for (int i = 0; i <= one.length(); i++) {
      rows[i][0] = i;
    }
    for (int j = 0; j <= other.length(); j++) {
      rows[0][j] = j;
    }
    for (int i = 1; i <= one.length(); i++) {
      for (int j = 1; j <= other.length(); j++) {
        boolean same = one.charAt(i - 1) == other.charAt(j - 1);
        rows[i][j] =
            Math.min(
                Math.min(rows[i - 1][j], rows[i][j - 1]) + 1, rows[i - 1][j - 1] + (same ? 0 : 1));
        boolean swapped =
            i > 1
                && j > 1
                && one.charAt(i - 1) == other.charAt(j - 2)
                && one.charAt(i - 2) == other.charAt(j - 1);
        if (swapped) {
          rows[i][j] = Math.min(rows[i][j], rows[i - 2][j - 2] + 1);
        }
      }
    }
    return rows[one.length()][other.length()];
  }
}
