package humblequill.core.course;

import java.util.List;

/**
 * One week of a course.
 *
 * @param title what it is about
 * @param aim the one thing to hold on to
 * @param topics topics it touches
 * @param exercises in the order of the course
 */
public record CourseWeek(String title, String aim, List<String> topics, List<Exercise> exercises) {
  public CourseWeek {
    topics = List.copyOf(topics);
    exercises = List.copyOf(exercises);
  }

  /** The time all exercises take, in seconds. */
  public long seconds() {
    return exercises.stream().mapToLong(Exercise::seconds).sum();
  }
}
