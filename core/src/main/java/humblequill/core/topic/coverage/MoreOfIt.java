package humblequill.core.topic.coverage;

import humblequill.core.course.placement.PlacedWeek;
import humblequill.core.course.placement.Placement;
import humblequill.core.day.entry.Drawn;
import humblequill.core.promise.Account;
import humblequill.core.promise.Counting;
import humblequill.core.promise.PaceEstimate;
import java.time.LocalDate;
import java.util.List;

/**
 * What more of a topic would ask for. Common practice, no published source.
 *
 * @param drawings a round number to begin with
 * @param pace how long one takes, by the learner's own entries of the topic
 * @param weeks keys of the weeks to come, this one among them; none once the course is over
 */
public record MoreOfIt(int drawings, PaceEstimate pace, List<String> weeks) {
  private static final int DRAWINGS = 20;
  private static final int WEEKS = 4;

  /** Seconds that a drawing takes before own entries tell. */
  public static final int USUAL_SECONDS = 180;

  /**
   * More of it.
   *
   * @param drawn entries of the topic
   */
  public static MoreOfIt of(Placement plan, List<Drawn> drawn, LocalDate today) {
    return new MoreOfIt(
        DRAWINGS,
        pace(drawn),
        plan.weeks().stream()
            .filter(w -> !w.to().isBefore(today))
            .limit(WEEKS)
            .map(PlacedWeek::key)
            .toList());
  }

  /** How long one drawing takes by some entries. */
  public static PaceEstimate pace(List<Drawn> drawn) {
    return PaceEstimate.of(
        Account.secondsAUnit(Counting.all(Counting.Unit.DRAWINGS), drawn), USUAL_SECONDS);
  }
}
