package humblequill.server.topic.coverage;

import humblequill.core.topic.coverage.Balance;
import humblequill.core.topic.coverage.BalanceRemark;
import humblequill.core.topic.coverage.TopicColumns;
import humblequill.core.topic.coverage.TopicState;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Topics side by side with the weeks in which they were drawn.
 *
 * @param window the one shown; days where no course is followed and one was asked for
 * @param columns oldest first
 * @param now place of the column of today; null outside the window
 * @param blot minutes that the largest blot stands for
 * @param areas those with a topic to show, in the learner's order
 * @param hidden how many topics are neither touched nor planned in the window and left out
 * @param balance of the window, up to today
 */
record CoverageView(
    Window window,
    List<TopicColumns.Column> columns,
    @Nullable Integer now,
    int blot,
    List<AreaRows> areas,
    int hidden,
    Balance balance,
    List<BalanceRemark> remarks) {
  /** What the columns are. */
  enum Window {
    /** The last 28 days, a column each. */
    DAYS,
    /** The weeks of the course in front. */
    COURSE,
    /** The last 52 weeks. */
    YEAR
  }

  /** Topics of an area; without a name those that are in none. */
  record AreaRows(String name, List<TopicRow> topics) {}

  /**
   * One topic.
   *
   * @param id its identity; null for a word of a course that is no topic of the learner's yet
   * @param freshness 0 to 1; null for one never touched
   * @param next the first day on which the plan holds it; null where it does not
   * @param nextWeek number of that week; null where the course gives it none
   * @param minutes drawn in the window
   */
  record TopicRow(
      @Nullable UUID id,
      String name,
      TopicState state,
      @Nullable Double freshness,
      @Nullable LocalDate last,
      @Nullable LocalDate next,
      @Nullable Integer nextWeek,
      int minutes,
      List<TopicColumns.TopicCell> cells) {}
}
