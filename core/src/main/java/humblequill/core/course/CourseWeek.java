package humblequill.core.course;

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

  /** Topics that an exercise of this week touches. */
  public List<String> topicsOf(Exercise exercise) {
    return exercise.topics().isEmpty() ? topics : exercise.topics();
  }

  /** The time all exercises take, in seconds. */
  public long seconds() {
    return exercises.stream().mapToLong(Exercise::seconds).sum();
  }
}
