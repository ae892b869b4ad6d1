package humblequill.core.lookback;

import java.util.List;

/**
 * An exercise of a course against what was drawn of it in a week.
 *
 * @param exercise its id
 * @param title its title
 * @param minutesCounted whether units are minutes, not drawings
 * @param planned units that the plan gave the days of the week
 * @param done units drawn in it
 * @param secondsEach of one unit
 * @param topics what it practises
 */
public record PlannedExercise(
    String exercise,
    String title,
    boolean minutesCounted,
    int planned,
    int done,
    int secondsEach,
    List<String> topics) {
  public PlannedExercise {
    topics = List.copyOf(topics);
  }

  /** Units that were planned and not drawn. */
  public int left() {
    return Math.max(0, planned - done);
  }
}
