package humblequill.core.course.plan;

import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import java.util.Objects;
import java.util.Optional;

/**
 * Work to be spread over days.
 *
 * @param id the exercise
 * @param kind decides its place within a day
 * @param quantity drawings left to do, or minutes where the exercise is measured in minutes; 0 or
 *     more
 * @param secondsEach seconds that one unit takes, above 0
 * @param chunk smallest share worth sitting down for, 1 or more
 * @param after the exercise that must be done before this one gets a share
 * @param on the day it belongs to, if any
 */
public record Work(
    String id,
    ExerciseKind kind,
    int quantity,
    int secondsEach,
    int chunk,
    Optional<String> after,
    Optional<Exercise.Pinned> on) {
  /** Work that belongs to no day in particular. */
  public Work(
      String id,
      ExerciseKind kind,
      int quantity,
      int secondsEach,
      int chunk,
      Optional<String> after) {
    this(id, kind, quantity, secondsEach, chunk, after, Optional.empty());
  }

  public Work {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(kind, "kind");
    Objects.requireNonNull(after, "after");
    if (quantity < 0 || secondsEach < 1 || chunk < 1) {
      throw new IllegalArgumentException(
          "%s: quantity must be 0 or more, secondsEach and chunk 1 or more; were %d, %d, %d"
              .formatted(id, quantity, secondsEach, chunk));
    }
  }

  /** Whether it is a drawing to compare later, on the first day. */
  boolean opensTheWeek() {
    return kind == ExerciseKind.CHECKPOINT && on.equals(Optional.of(Exercise.Pinned.FIRST_DAY));
  }

  /** All of an exercise, nothing of it done yet. */
  public static Work of(Exercise exercise) {
    return new Work(
        exercise.id(),
        exercise.kind(),
        exercise.target().quantity(),
        exercise.secondsEach(),
        exercise.chunk(),
        exercise.after(),
        exercise.on());
  }

  /** Whether poses given elsewhere can stand for its units. */
  boolean posed() {
    return kind == ExerciseKind.TIMED_POSES || kind == ExerciseKind.STUDY;
  }

  /** The time all of it takes, in seconds. */
  public long seconds() {
    return (long) quantity * secondsEach;
  }

  /** The same work with another quantity. */
  public Work withQuantity(int other) {
    return new Work(id, kind, other, secondsEach, chunk, after, on);
  }

  /** The same work at another pace. */
  public Work withSecondsEach(int other) {
    return new Work(id, kind, quantity, other, chunk, after, on);
  }
}
