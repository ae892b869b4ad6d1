package humblequill.core.course.placement;

import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import humblequill.core.day.entry.Done;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;

/** Which drawings of a plan are of the same subject and lie side by side later. */
public final class Redraws {
  private Redraws() {}

  /**
   * One drawing of a subject.
   *
   * @param exercise what asks for it
   * @param from first day of its week
   * @param drawn the day it was first drawn; empty before
   */
  public record Moment(Exercise exercise, LocalDate from, Optional<LocalDate> drawn) {}

  /**
   * Subjects that are drawn more than once, each with its drawings in the order of the plan.
   *
   * @param done what was done of the exercises
   */
  public static List<List<Moment>> of(Placement plan, Done done) {
    var bySubject = new LinkedHashMap<String, List<Moment>>();
    for (var week : plan.weeks()) {
      for (var exercise : week.week().exercises()) {
        if (exercise.again().isPresent() || exercise.kind() == ExerciseKind.CHECKPOINT) {
          bySubject
              .computeIfAbsent(exercise.again().orElse(exercise.id()), f -> new ArrayList<>())
              .add(new Moment(exercise, week.from(), done.of(exercise.id()).firstDay()));
        }
      }
    }
    return bySubject.values().stream().filter(moments -> moments.size() > 1).toList();
  }
}
