package humblequill.core.course;

import humblequill.core.ground.message.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Unaided drawings of the same subjects at the start, half-way and at the end, to lie side by side.
 *
 * @param subjects what to draw, one drawing each, 1 to 12
 * @param minutesEach minutes a drawing, 1 to 480
 * @param again when they are drawn again; the start is always asked for
 */
public record Baseline(List<String> subjects, int minutesEach, Set<Moment> again) {
  /** When a subject is drawn. */
  public enum Moment {
    /** On the first day, unaided. */
    START,
    /** In the week that follows the first half. */
    MIDDLE,
    /** On the last day. */
    END
  }

  private static final int MAX_SUBJECTS = 12;
  private static final int SECONDS = 60;

  public Baseline {
    subjects = List.copyOf(subjects);
    again = Set.copyOf(again);
    if (subjects.isEmpty() || subjects.size() > MAX_SUBJECTS || minutesEach < 1) {
      throw new BrokenCourseException(
          "baseline", Message.of("course.baselineWithin", "most", MAX_SUBJECTS));
    }
  }

  /** Id of the exercise that asks for a subject at a moment. */
  public static String exerciseId(Moment moment, int subject) {
    return "baseline-" + moment.name().toLowerCase(java.util.Locale.ROOT) + "-" + (subject + 1);
  }

  /** The exercises of one moment. */
  public List<Exercise> exercises(Moment moment) {
    var exercises = new ArrayList<Exercise>();
    for (int i = 0; i < subjects.size(); i++) {
      exercises.add(exercise(moment, i));
    }
    return exercises;
  }

  /** The exercise that asks for one subject at a moment. */
  public Exercise exercise(Moment moment, int subject) {
    boolean first = moment == Moment.START;
    return new Exercise(
        exerciseId(moment, subject),
        (first ? "Unaided: " : "Once more: ") + subjects.get(subject),
        ExerciseKind.CHECKPOINT,
        Exercise.Target.drawings(1, minutesEach * SECONDS, 1),
        new Exercise.Placing(
            Optional.empty(),
            Optional.of(
                moment == Moment.END ? Exercise.Pinned.LAST_DAY : Exercise.Pinned.FIRST_DAY),
            first ? Optional.empty() : Optional.of(exerciseId(Moment.START, subject))),
        new Exercise.Guidance(
            Optional.empty(),
            first
                ? "Alone, without help or correction. Date the sheet and keep it."
                : "The same subject, with the first drawing covered. Look at both only afterwards.",
            first
                ? "Nothing to mend. It stays so that later drawings have something to lie beside."
                : "What a stranger would name first when both lie side by side."),
        List.of(),
        List.of("baseline"));
  }
}
