package humblequill.core.day.streak;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;

/**
 * What a streak rule says on a day.
 *
 * @param current the run that is alive today
 * @param longest the longest run so far; the current one where both are equal
 * @param unit what the lengths count
 * @param todayPractised whether today counts already
 * @param todayDecides whether missing today ends a living run
 * @param missesLeft how many days of the current calendar week, today included, can still be missed
 *     without ending the run or failing the week
 * @param openDays how many days of the current calendar week, today included, are still to come:
 *     neither practised yet nor rest or a pause
 * @param stillNeeded for a weekly rhythm, how many days the current week lacks; more than are open
 *     where it cannot be reached any more. 0 for other rules
 * @param runs all runs, the oldest first, the living one last
 * @param forgiven missed days that did not end a run
 */
public record Streak(
    Run current,
    Run longest,
    Unit unit,
    boolean todayPractised,
    boolean todayDecides,
    int missesLeft,
    int openDays,
    int stillNeeded,
    List<Run> runs,
    Set<LocalDate> forgiven) {
  public Streak {
    runs = List.copyOf(runs);
    forgiven = Set.copyOf(forgiven);
  }

  /** What the length of a run counts. */
  public enum Unit {
    /** Practised days. */
    DAYS,
    /** Weeks in which the rhythm was reached. */
    WEEKS
  }
}
