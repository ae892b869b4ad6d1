package humblequill.server.course.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.plan.Shortfall;

/**
 * What does not fit into the week any more.
 *
 * @param unit what the count counts
 * @param seconds time it would take
 * @param slight whether it is too little to change the plan for
 */
public record ShortfallView(
    String exerciseId,
    String title,
    int count,
    Exercise.Unit unit,
    int seconds,
    boolean slight,
    Shortfall.Reason reason) {
  static ShortfallView of(Shortfall s, Exercise exercise) {
    return new ShortfallView(
        s.exerciseId(),
        exercise.title(),
        s.count(),
        exercise.target().unit(),
        s.seconds(),
        s.isSlight(),
        s.reason());
  }
}
