package humblequill.server.course;

import humblequill.core.course.Baseline;
import humblequill.core.course.Course;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;

/** Reads courses, their weeks and exercises from the open format, once it was checked. */
public final class CourseReading {
  private static final int SECONDS = 60;

  private CourseReading() {}

  static Course course(JsonNode tree) {
    return new Course(
        tree.path("id").asString(),
        tree.path("title").asString(),
        tree.path("summary").asString("").strip(),
        tree.path("weeks").valueStream().map(CourseReading::week).toList(),
        tree.has("baseline") ? Optional.of(baseline(tree.path("baseline"))) : Optional.empty(),
        tree.path("habit").asBoolean(false));
  }

  private static Baseline baseline(JsonNode node) {
    var again =
        strings(node.path("again")).stream()
            .map(m -> Baseline.Moment.valueOf(m.toUpperCase(Locale.ROOT)))
            .collect(Collectors.toSet());
    return new Baseline(strings(node.path("subjects")), node.path("minutesEach").asInt(), again);
  }

  /** A week as course files write it. */
  public static CourseWeek week(JsonNode node) {
    return new CourseWeek(
        node.path("title").asString(),
        node.path("aim").asString("").strip(),
        strings(node.path("topics")),
        node.path("exercises").valueStream().map(CourseReading::exercise).toList(),
        strings(node.path("resources")));
  }

  /** An exercise as course files write it. */
  public static Exercise exercise(JsonNode node) {
    boolean counted = node.has("drawings");
    int quantity = node.path(counted ? "drawings" : "minutes").asInt();
    int chunk = Math.min(quantity, node.path("chunk").asInt(1));
    return new Exercise(
        node.path("id").asString(),
        node.path("title").asString(),
        ExerciseKind.valueOf(enumName(node.path("kind").asString())),
        counted
            ? Exercise.Target.drawings(quantity, seconds(node.path("minutesEach")), chunk)
            : Exercise.Target.minutes(quantity, chunk),
        new Exercise.Placing(
            optional(node, "after"),
            optional(node, "on").map(on -> Exercise.Pinned.valueOf(enumName(on))),
            optional(node, "again")),
        new Exercise.Guidance(
            optional(node, "source"),
            node.path("text").asString("").strip(),
            node.path("lookFor").asString("").strip(),
            optional(node, "resource")),
        strings(node.path("alsoCalled")),
        strings(node.path("topics")));
  }

  private static int seconds(JsonNode minutes) {
    return (int) Math.round(minutes.asDouble() * SECONDS);
  }

  private static String enumName(String word) {
    return word.toUpperCase(Locale.ROOT).replace('-', '_');
  }

  private static List<String> strings(JsonNode node) {
    return node.valueStream().map(JsonNode::asString).toList();
  }

  private static Optional<String> optional(JsonNode node, String field) {
    return node.has(field) ? Optional.of(node.path(field).asString()) : Optional.empty();
  }
}
