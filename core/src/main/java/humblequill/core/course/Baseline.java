package humblequill.core.course;

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

  public Baseline {
    subjects = List.copyOf(subjects);
    again = Set.copyOf(again);
    if (subjects.isEmpty() || subjects.size() > MAX_SUBJECTS || minutesEach < 1) {
      throw new BrokenCourseException(
          "baseline", "a baseline has 1 to " + MAX_SUBJECTS + " subjects and minutes for each");
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

  /**
   * Changes that make a single subject be drawn now, half-way through what is left of a plan, and
   * once more in its last week. Half-way is left out where less than two weeks are left.
   *
   * @param week key of the week of the first drawing
   * @param as prefix of the new exercises' ids, not used in the plan
   */
  public static List<PlanChange> ofSubject(
      String subject, int minutesEach, Placement plan, String week, String as) {
    var baseline = new Baseline(List.of(subject), minutesEach, Set.of());
    var weeks = plan.weeks();
    int last = weeks.size() - 1;
    int from = 0;
    while (from < last && !weeks.get(from).key().equals(week)) {
      from++;
    }
    int middle = (from + last + 1) / 2;
    var first = "baseline-" + as + "-first";
    var changes = new ArrayList<PlanChange>();
    changes.add(new PlanChange.Add(week, baseline.named(Moment.START, first, Optional.empty())));
    if (middle > from && middle < last) {
      var half = baseline.named(Moment.MIDDLE, "baseline-" + as + "-half", Optional.of(first));
      changes.add(new PlanChange.Add(weeks.get(middle).key(), half));
    }
    var again = baseline.named(Moment.END, "baseline-" + as + "-again", Optional.of(first));
    changes.add(new PlanChange.Add(weeks.get(last).key(), again));
    return changes;
  }

  private Exercise named(Moment moment, String id, Optional<String> again) {
    var e = exercise(moment, 0);
    return new Exercise(
        id,
        e.title(),
        e.kind(),
        e.target(),
        e.secondsEach(),
        e.chunk(),
        e.after(),
        e.on(),
        again,
        e.source(),
        e.text(),
        e.lookFor(),
        e.alsoCalled(),
        e.topics());
  }

  private Exercise exercise(Moment moment, int i) {
    boolean first = moment == Moment.START;
    return new Exercise(
        exerciseId(moment, i),
        (first ? "Unaided: " : "Once more: ") + subjects.get(i),
        ExerciseKind.CHECKPOINT,
        new Exercise.Target(Exercise.Unit.DRAWINGS, 1),
        minutesEach * 60,
        1,
        Optional.empty(),
        Optional.of(moment == Moment.END ? Exercise.Pinned.LAST_DAY : Exercise.Pinned.FIRST_DAY),
        first ? Optional.empty() : Optional.of(exerciseId(Moment.START, i)),
        Optional.empty(),
        first
            ? "Alone, without help or correction. Date the sheet and keep it."
            : "The same subject, with the first drawing covered. Look at both only afterwards.",
        first
            ? "Nothing to mend. It stays so that later drawings have something to lie beside."
            : "What a stranger would name first when both lie side by side.",
        List.of(),
        List.of("baseline"));
  }
}
