package humblequill.core.course;

import humblequill.core.ground.message.Message;
import humblequill.core.ground.name.Names;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A course: weeks of exercises in order.
 *
 * @param id stable name, lower-case words joined by hyphens
 * @param title its name
 * @param summary what it is for, in a few sentences
 * @param weeks one or more
 * @param baseline drawings that it asks for at the start and again later, if any
 * @param habit whether it is there for the habit alone: a few minutes anywhere, which take no
 *     setting up, need no topic first and are no duty beside what one likes
 */
public record Course(
    String id,
    String title,
    String summary,
    List<CourseWeek> weeks,
    Optional<Baseline> baseline,
    boolean habit) {
  /** A course that asks for no baseline. */
  public Course(String id, String title, String summary, List<CourseWeek> weeks) {
    this(id, title, summary, weeks, Optional.empty());
  }

  /** A course that is more than a habit. */
  public Course(
      String id,
      String title,
      String summary,
      List<CourseWeek> weeks,
      Optional<Baseline> baseline) {
    this(id, title, summary, weeks, baseline, false);
  }

  public Course {
    weeks = List.copyOf(weeks);
    if (weeks.isEmpty()) {
      throw new BrokenCourseException("weeks", Message.of("course.courseWithoutWeek"));
    }
    if (weeks.size() == 1
        && baseline.isPresent()
        && baseline.get().again().contains(Baseline.Moment.MIDDLE)) {
      throw new BrokenCourseException("baseline.again", Message.of("course.noMiddle"));
    }
    var ids = new HashSet<String>();
    for (int w = 0; w < weeks.size(); w++) {
      var exercises = weeks.get(w).exercises();
      for (int e = 0; e < exercises.size(); e++) {
        if (!ids.add(exercises.get(e).id())) {
          throw new BrokenCourseException(
              path(w, e, "id"), Message.of("course.idTwice", "id", exercises.get(e).id()));
        }
        checkAfter(weeks.get(w), w, e);
        var again = exercises.get(e).again();
        if (again.isPresent() && !ids.contains(again.get())) {
          throw new BrokenCourseException(
              path(w, e, "again"), Message.of("course.noEarlierExercise", "exercise", again.get()));
        }
      }
    }
  }

  /** The course with the drawings of its baseline as exercises of their weeks. */
  public Course withCheckpoints() {
    if (baseline.isEmpty()) {
      return this;
    }
    var all = new ArrayList<>(weeks);
    var asked = baseline.get();
    addTo(all, 0, asked.exercises(Baseline.Moment.START));
    if (asked.again().contains(Baseline.Moment.MIDDLE)) {
      addTo(all, weeks.size() / 2, asked.exercises(Baseline.Moment.MIDDLE));
    }
    if (asked.again().contains(Baseline.Moment.END)) {
      addTo(all, weeks.size() - 1, asked.exercises(Baseline.Moment.END));
    }
    return new Course(id, title, summary, all, Optional.empty(), habit);
  }

  /** The same with topics and sources as they are called now. */
  public Course called(Names names) {
    var renamed = weeks.stream().map(week -> week.called(names)).toList();
    return new Course(id, title, summary, renamed, baseline, habit);
  }

  private static void addTo(List<CourseWeek> weeks, int week, List<Exercise> checkpoints) {
    var exercises = new ArrayList<>(checkpoints);
    if (checkpoints.stream().anyMatch(e -> e.on().equals(Optional.of(Exercise.Pinned.LAST_DAY)))) {
      exercises.addAll(0, weeks.get(week).exercises());
    } else {
      exercises.addAll(weeks.get(week).exercises());
    }
    weeks.set(week, weeks.get(week).withExercises(exercises));
  }

  private static void checkAfter(CourseWeek week, int w, int e) {
    var exercise = week.exercises().get(e);
    int steps = 0;
    for (var next = exercise; next.after().isPresent(); steps++) {
      var name = next.after().get();
      var found = week.exercises().stream().filter(other -> other.id().equals(name)).findFirst();
      if (found.isEmpty()) {
        throw new BrokenCourseException(
            path(w, e, "after"), Message.of("course.nothingInWeek", "name", name));
      }
      if (steps > week.exercises().size()) {
        throw new BrokenCourseException(
            path(w, e, "after"), Message.of("course.afterInCircle", "exercise", name));
      }
      next = found.get();
    }
  }

  private static String path(int week, int exercise, String field) {
    return "weeks[%d].exercises[%d].%s".formatted(week, exercise, field);
  }

  /** All exercises in order. */
  public Stream<Exercise> exercises() {
    return weeks.stream().flatMap(week -> week.exercises().stream());
  }

  /** The exercise of an id. */
  public Optional<Exercise> exercise(String exerciseId) {
    return exercises().filter(e -> e.id().equals(exerciseId)).findFirst();
  }
}
