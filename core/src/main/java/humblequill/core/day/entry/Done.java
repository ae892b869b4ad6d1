package humblequill.core.day.entry;

import java.time.LocalDate;
import java.util.Map;

/**
 * The units done of each exercise of a plan, day by day: drawings or minutes, whichever its target
 * counts.
 *
 * @param byExercise by the exercise's id
 */
public record Done(Map<String, Tally> byExercise) {
  /** Nothing yet. */
  public static final Done NOTHING = new Done(Map.of());

  public Done {
    byExercise = Map.copyOf(byExercise);
  }

  /** Units of one exercise, day by day. */
  public Tally of(String exerciseId) {
    return byExercise.getOrDefault(exerciseId, Tally.NONE);
  }

  /** Units of an exercise on a day. */
  public int on(String exerciseId, LocalDate day) {
    return of(exerciseId).on(day);
  }

  /** Units of an exercise before a day. */
  public int before(String exerciseId, LocalDate day) {
    return of(exerciseId).before(day);
  }
}
