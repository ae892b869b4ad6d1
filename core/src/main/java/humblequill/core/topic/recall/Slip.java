package humblequill.core.topic.recall;

/**
 * How many slips part two words: letters left out, put in, changed, or two neighbours exchanged. F.
 * J. Damerau, "A technique for computer detection and correction of spelling errors", 1964; no
 * letter takes part in two slips.
 */
final class Slip {
  private Slip() {}

  static int distance(String a, String b) {
    int[] x = a.codePoints().toArray();
    int[] y = b.codePoints().toArray();
    int[][] d = new int[x.length + 1][y.length + 1];
    for (int i = 0; i <= x.length; i++) {
      d[i][0] = i;
    }
    for (int j = 0; j <= y.length; j++) {
      d[0][j] = j;
    }
    for (int i = 1; i <= x.length; i++) {
      for (int j = 1; j <= y.length; j++) {
        int change = d[i - 1][j - 1] + (x[i - 1] == y[j - 1] ? 0 : 1);
        d[i][j] = Math.min(change, 1 + Math.min(d[i - 1][j], d[i][j - 1]));
        if (i > 1 && j > 1 && x[i - 1] == y[j - 2] && x[i - 2] == y[j - 1]) {
          d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
        }
      }
    }
    return d[x.length][y.length];
  }
}
