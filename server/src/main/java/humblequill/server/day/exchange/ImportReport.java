package humblequill.server.day.exchange;

import humblequill.core.ground.message.Message;
import java.util.List;
import org.jspecify.annotations.Nullable;

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
   * @param reason why it is refused or skipped; null when it is added
   * @param summary the entry in short
   */
  public record Line(long number, Outcome outcome, @Nullable Message reason, String summary) {}

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
