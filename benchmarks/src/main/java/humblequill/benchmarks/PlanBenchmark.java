package humblequill.benchmarks;

import humblequill.core.course.Course;
import humblequill.core.course.CourseMerge;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import humblequill.core.course.placement.Placement;
import humblequill.core.course.placement.PlanChange;
import humblequill.core.course.plan.Appointments;
import humblequill.core.course.plan.DayOrder;
import humblequill.core.course.plan.DayRoom;
import humblequill.core.course.plan.OpenWeek;
import humblequill.core.course.plan.PlanTime;
import humblequill.core.course.plan.WeekPlans;
import humblequill.core.day.entry.Done;
import humblequill.core.topic.Topic;
import humblequill.core.topic.TopicGraph;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What a change of the plan costs. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlanBenchmark {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private final Placement year = Placement.of(course("year", 52, 0), MONDAY);
  private final Course first = course("first", 26, 0);
  private final Course second = course("second", 26, 13);
  private final TopicGraph topics = topics();
  private final PlanTime time =
      new PlanTime(
          MONDAY, date -> new DayRoom(date, 70, 10, 0.2), DayOrder.LESSON_FIRST, Appointments.NONE);

  private static Course course(String id, int weeks, int firstTopic) {
    var all = new ArrayList<CourseWeek>();
    for (int i = 0; i < weeks; i++) {
      var exercises = new ArrayList<Exercise>();
      for (int e = 0; e < 5; e++) {
        exercises.add(exercise(id + "-" + i + "-" + e, 10 + 4 * e));
      }
      all.add(
          new CourseWeek("Week " + i, "", List.of("t" + (firstTopic + i)), exercises, List.of()));
    }
    return new Course(id, id, "", all);
  }

  private static Exercise exercise(String id, int drawings) {
    return Exercise.plain(
        id,
        id,
        ExerciseKind.DRILL,
        new Exercise.Target(Exercise.Unit.DRAWINGS, drawings, 120, 2),
        List.of());
  }

  private static TopicGraph topics() {
    var topics = new ArrayList<Topic>();
    for (int i = 0; i < 60; i++) {
      var needs = i == 0 ? List.<String>of() : List.of("t" + i / 2);
      topics.add(new Topic("t" + i, "area", needs, List.of()));
    }
    return new TopicGraph(topics);
  }

  /** A 52-week course, replanned day by day after one week became longer. */
  @Benchmark
  public List<OpenWeek.Outlook> replanYear() {
    var changed = year.after(new PlanChange.Stretch("9", 21));
    return changed.weeks().stream()
        .map(week -> WeekPlans.open(week, Done.NOTHING, time).outlook())
        .toList();
  }

  /** Two 26-week courses that share half of their topics. */
  @Benchmark
  public CourseMerge.Result mergeTwo() {
    return CourseMerge.merge(first, second, topics, CourseMerge.Decisions.NONE, "both", "Both");
  }
}
