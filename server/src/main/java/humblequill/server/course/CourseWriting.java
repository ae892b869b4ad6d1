package humblequill.server.course;

import humblequill.core.course.Baseline;
import humblequill.core.course.Course;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes courses, their weeks and exercises in the open format. */
public final class CourseWriting {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final double MINUTE = 60.0;

  private CourseWriting() {}

  static ObjectNode document(Course course) {
    var document = JSON.createObjectNode();
    document.put("format", 2).put("id", course.id()).put("title", course.title());
    document.put("summary", course.summary());
    if (course.habit()) {
      document.put("habit", true);
    }
    course.baseline().ifPresent(b -> document.set("baseline", baseline(b)));
    var weeks = document.putArray("weeks");
    course.weeks().forEach(w -> weeks.add(week(w)));
    return document;
  }

  private static ObjectNode baseline(Baseline baseline) {
    var node = JSON.createObjectNode();
    node.set("subjects", strings(baseline.subjects()));
    node.put("minutesEach", baseline.minutesEach());
    var again = baseline.again().stream().sorted().map(CourseWriting::word).toList();
    node.set("again", strings(again));
    return node;
  }

  /** A week as course files write it. */
  public static ObjectNode week(CourseWeek week) {
    var node = JSON.createObjectNode();
    node.put("title", week.title()).put("aim", week.aim());
    node.set("topics", strings(week.topics()));
    if (!week.resources().isEmpty()) {
      node.set("resources", strings(week.resources()));
    }
    var exercises = node.putArray("exercises");
    week.exercises().forEach(e -> exercises.add(exercise(e)));
    return node;
  }

  /** An exercise as course files write it. */
  public static ObjectNode exercise(Exercise e) {
    var node = JSON.createObjectNode();
    node.put("id", e.id()).put("title", e.title()).put("kind", word(e.kind()));
    if (e.target().unit() == Exercise.Unit.DRAWINGS) {
      node.put("drawings", e.target().quantity()).put("minutesEach", e.secondsEach() / MINUTE);
    } else {
      node.put("minutes", e.target().quantity());
    }
    node.put("chunk", e.chunk());
    e.after().ifPresent(after -> node.put("after", after));
    e.on().ifPresent(on -> node.put("on", word(on)));
    e.again().ifPresent(again -> node.put("again", again));
    e.source().ifPresent(source -> node.put("source", source));
    e.resource().ifPresent(resource -> node.put("resource", resource));
    if (!e.topics().isEmpty()) {
      node.set("topics", strings(e.topics()));
    }
    node.put("text", e.text()).put("lookFor", e.lookFor());
    if (!e.alsoCalled().isEmpty()) {
      node.set("alsoCalled", strings(e.alsoCalled()));
    }
    return node;
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static ArrayNode strings(List<String> texts) {
    var array = JSON.createArrayNode();
    texts.forEach(array::add);
    return array;
  }
}
