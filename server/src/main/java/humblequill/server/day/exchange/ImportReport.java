package humblequill.server.day.exchange;

import java.util.List;

/**
 * What an import does, line by line. Nothing is imported while a line is refused.
 *
 * @param applied whether it was done, or only tried
 * @param lines lines of the file but the heading; of a long file those that are refused and some
 *     others, 2,000 in all
 */
public record ImportReport(boolean applied, int added, int skipped, int refused, List<Line> lines) {
  /**
   * One line.
   *
   * @param number line of the file on which the record begins, from 1
   * @param reason why it is refused or skipped; empty when it is added
   * @param summary the entry in short
   */
  public record Line(long number, Outcome outcome, String reason, String summary) {}

  /** What becomes of a line. */
  public enum Outcome {
    /** It is added. */
    ADD,
    /** It is there already. */
    SKIP,
    /** It cannot be an entry. */
    REFUSE
  }
}
