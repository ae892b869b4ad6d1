package humblequill.server.course;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import humblequill.core.course.Baseline;
import humblequill.core.course.BrokenCourseException;
import humblequill.core.course.Course;
import humblequill.core.course.CourseWeek;
import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/**
 * Reads the open course format, documented in docs/formats/course.md, and refuses what breaks it.
 */
@Component
class CourseFormat {
  private static final ObjectMapper YAML = YAMLMapper.builder().build();
  private static final ObjectMapper JSON = JsonMapper.builder().build();

  private @Nullable Schema schema;

  /** A course and its document, as JSON with every field that was in the file. */
  record Parsed(Course course, String document) {}

  /**
   * A file that is refused.
   *
   * @param path the place in the file; empty when the whole file is meant
   */
  static final class Broken extends Exception {
    private static final long serialVersionUID = 1L;
    private final String path;

    Broken(String path, String reason) {
      super(reason);
      this.path = path;
    }

    String path() {
      return path;
    }
  }

  /** Reads YAML, or JSON, which is YAML too. */
  Parsed parse(String text) throws Broken {
    JsonNode tree;
    try {
      tree = YAML.readTree(text);
    } catch (JacksonException e) {
      var place = e.getLocation();
      throw new Broken(
          place == null ? "" : "line " + place.getLineNr() + ", column " + place.getColumnNr(),
          "not readable as YAML or JSON");
    }
    var document = JSON.writeValueAsString(tree);
    checkAgainstSchema(document);
    try {
      return new Parsed(course(tree), document);
    } catch (BrokenCourseException e) {
      throw new Broken(e.path(), String.valueOf(e.getMessage()));
    }
  }

  /** Checks a document as the editor holds it. */
  Parsed parse(JsonNode document) throws Broken {
    return parse(document.toString());
  }

  /**
   * The course as a document of the newest format. Fields that the format does not know are lost;
   * it is for courses that never were a file.
   */
  static ObjectNode document(Course course) {
    return CourseWriting.document(course);
  }

  /** A document as a tree. */
  JsonNode tree(String document) {
    return JSON.readTree(document);
  }

  /** A document as YAML. */
  static String yaml(JsonNode document) {
    return YAML.writeValueAsString(document);
  }

  /** Reads a document that was checked before. */
  Course stored(String document) {
    return course(JSON.readTree(document));
  }

  private void checkAgainstSchema(String document) throws Broken {
    var first =
        schema()
            .validate(
                document,
                InputFormat.JSON,
                context -> context.executionConfig(c -> c.locale(Locale.ENGLISH)))
            .stream()
            .min(Comparator.comparing((Error e) -> e.getInstanceLocation().toString()));
    if (first.isPresent()) {
      var error = first.get();
      throw new Broken(path(error.getInstanceLocation().toString()), error.getMessage());
    }
  }

  /** "/weeks/2/title" as "weeks[2].title". */
  private static String path(String pointer) {
    return pointer.replaceAll("/(\\d+)", "[$1]").replace('/', '.').replaceFirst("^\\.", "");
  }

  private synchronized Schema schema() {
    if (schema == null) {
      try {
        var text =
            new ClassPathResource("course.schema.json").getContentAsString(StandardCharsets.UTF_8);
        schema =
            SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                .getSchema(text, InputFormat.JSON);
      } catch (IOException e) {
        throw new IllegalStateException("The course schema is missing from the application", e);
      }
    }
    return schema;
  }

  private static Course course(JsonNode tree) {
    return new Course(
        tree.path("id").asString(),
        tree.path("title").asString(),
        tree.path("summary").asString("").strip(),
        tree.path("weeks").valueStream().map(CourseFormat::week).toList(),
        tree.has("baseline") ? Optional.of(baseline(tree.path("baseline"))) : Optional.empty());
  }

  private static Baseline baseline(JsonNode node) {
    var again =
        strings(node.path("again")).stream()
            .map(m -> Baseline.Moment.valueOf(m.toUpperCase(Locale.ROOT)))
            .collect(Collectors.toSet());
    return new Baseline(strings(node.path("subjects")), node.path("minutesEach").asInt(), again);
  }

  private static CourseWeek week(JsonNode node) {
    return new CourseWeek(
        node.path("title").asString(),
        node.path("aim").asString("").strip(),
        strings(node.path("topics")),
        node.path("exercises").valueStream().map(CourseFormat::exercise).toList(),
        strings(node.path("resources")));
  }

  private static Exercise exercise(JsonNode node) {
    boolean counted = node.has("drawings");
    int quantity = node.path(counted ? "drawings" : "minutes").asInt();
    return new Exercise(
        node.path("id").asString(),
        node.path("title").asString(),
        ExerciseKind.valueOf(
            node.path("kind").asString().toUpperCase(Locale.ROOT).replace('-', '_')),
        new Exercise.Target(counted ? Exercise.Unit.DRAWINGS : Exercise.Unit.MINUTES, quantity),
        counted ? (int) Math.round(node.path("minutesEach").asDouble() * 60) : 60,
        Math.min(quantity, node.path("chunk").asInt(1)),
        optional(node, "after"),
        optional(node, "on")
            .map(on -> Exercise.Pinned.valueOf(on.toUpperCase(Locale.ROOT).replace('-', '_'))),
        optional(node, "again"),
        optional(node, "source"),
        node.path("text").asString("").strip(),
        node.path("lookFor").asString("").strip(),
        strings(node.path("alsoCalled")),
        strings(node.path("topics")));
  }

  private static List<String> strings(JsonNode node) {
    return node.valueStream().map(JsonNode::asString).toList();
  }

  private static Optional<String> optional(JsonNode node, String field) {
    return node.has(field) ? Optional.of(node.path(field).asString()) : Optional.empty();
  }
}
