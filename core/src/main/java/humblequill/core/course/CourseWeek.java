package humblequill.core.course;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;

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

  /**
   * How far the week is done, by time, 0 to 1; work beyond what was asked does not count.
   *
   * @param done units done by exercise and date
   */
  public double doneShare(Map<String, Map<LocalDate, Integer>> done) {
    long doneSeconds = 0;
    for (var e : exercises) {
      int units = done.getOrDefault(e.id(), Map.of()).values().stream().mapToInt(n -> n).sum();
      doneSeconds += (long) Math.min(units, e.target().quantity()) * e.secondsEach();
    }
    return seconds() == 0 ? 0 : (double) doneSeconds / seconds();
  }

  /** The time all exercises take, in seconds. */
  public long seconds() {
    return exercises.stream().mapToLong(Exercise::seconds).sum();
  }
}
