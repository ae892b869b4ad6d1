package humblequill.core.course;

import humblequill.core.day.entry.Done;
import humblequill.core.ground.name.NameKind;
import humblequill.core.ground.name.Names;
import java.util.List;

/**
 * One week of a course.
 *
 * @param title what it is about
 * @param aim the one thing to hold on to
 * @param topics topics it touches
 * @param exercises in the order of the course
 * @param resources what to learn from, by name
 */
public record CourseWeek(
    String title,
    String aim,
    List<String> topics,
    List<Exercise> exercises,
    List<String> resources) {
  public CourseWeek {
    topics = List.copyOf(topics);
    exercises = List.copyOf(exercises);
    resources = List.copyOf(resources);
  }

  /** The same week with other exercises. */
  public CourseWeek withExercises(List<Exercise> others) {
    return new CourseWeek(title, aim, topics, others, resources);
  }

  /** The same with topics and sources as they are called now. */
  public CourseWeek called(Names names) {
    return new CourseWeek(
        title,
        aim,
        topics.stream().map(t -> names.called(NameKind.TOPIC, t)).distinct().toList(),
        exercises.stream().map(e -> e.called(names)).toList(),
        resources);
  }

  /** Topics that an exercise of this week touches. */
  public List<String> topicsOf(Exercise exercise) {
    return exercise.topics().isEmpty() ? topics : exercise.topics();
  }

  /**
   * How far the week is done, by time, 0 to 1; work beyond what was asked does not count.
   *
   * @param done what was done of its exercises
   */
  public double doneShare(Done done) {
    long doneSeconds = 0;
    for (var e : exercises) {
      int units = done.of(e.id()).total();
      doneSeconds += (long) Math.min(units, e.target().quantity()) * e.secondsEach();
    }
    return seconds() == 0 ? 0 : (double) doneSeconds / seconds();
  }

  /** The time all exercises take, in seconds. */
  public long seconds() {
    return exercises.stream().mapToLong(Exercise::seconds).sum();
  }
}
