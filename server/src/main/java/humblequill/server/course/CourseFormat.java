package humblequill.server.course;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import humblequill.core.course.BrokenCourseException;
import humblequill.core.course.Course;
import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.dataformat.yaml.YAMLFactory;
import tools.jackson.dataformat.yaml.YAMLMapper;

/**
 * Reads the open course format, documented in docs/formats/course.md, and refuses what breaks it.
 */
@Component
public class CourseFormat {
  /** The largest course in characters, however it comes. */
  static final int LARGEST = 4 * 1024 * 1024;

  /**
   * The reader copies what it has of a word each time it fills its buffer: with a small one, long
   * words take the square of their length.
   */
  private static final int BUFFER = 256 * 1024;

  private static final ObjectMapper YAML =
      YAMLMapper.builder(
              YAMLFactory.builder()
                  .loadSettings(
                      LoadSettings.builder()
                          .setBufferSize(BUFFER)
                          .setCodePointLimit(LARGEST)
                          .build())
                  .build())
          .build();
  private static final ObjectMapper JSON = JsonMapper.builder().build();

  private @Nullable Schema schema;

  /** A course and its document, as JSON with every field that was in the file. */
  public record Parsed(Course course, String document) {}

  /**
   * A file that is refused.
   *
   * @param path the place in the file; empty when the whole file is meant
   */
  static final class Broken extends Exception implements Explained {
    private static final long serialVersionUID = 1L;
    private final String path;
    private final transient Message why;

    Broken(String path, Message why) {
      super(why.toString());
      this.why = why;
      this.path = path;
    }

    String path() {
      return path;
    }

    @Override
    public Message why() {
      return why;
    }

    /** The same in words, as "week 3, title". */
    String place() {
      return CourseFault.place(path);
    }
  }

  /** Reads YAML, or JSON, which is YAML too. */
  Parsed parse(String text) throws Broken {
    if (text.length() > LARGEST) {
      throw new Broken("", Message.of("course.tooLarge"));
    }
    JsonNode tree;
    try {
      tree = YAML.readTree(text);
    } catch (JacksonException e) {
      var place = e.getLocation();
      throw new Broken(
          place == null ? "" : "line " + place.getLineNr() + ", column " + place.getColumnNr(),
          Message.of("course.unreadable"));
    }
    try {
      var document = JSON.writeValueAsString(tree);
      checkAgainstSchema(document);
      return new Parsed(CourseReading.course(tree), document);
    } catch (BrokenCourseException e) {
      throw new Broken(e.path(), e.why());
    } catch (ArithmeticException | IllegalArgumentException | JacksonException e) {
      throw new Broken("", Message.of("course.figureTooLarge"));
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
  public Course stored(String document) {
    return CourseReading.course(JSON.readTree(document));
  }

  private void checkAgainstSchema(String document) throws Broken {
    var first =
        schema()
            .validate(
                document,
                InputFormat.JSON,
                context ->
                    context.executionConfig(
                        c -> c.locale(Locale.ENGLISH).failFast(document.length() > BUFFER)))
            .stream()
            .min(Comparator.comparing((Error e) -> e.getInstanceLocation().toString()));
    if (first.isPresent()) {
      var error = first.get();
      throw new Broken(CourseFault.path(error), CourseFault.words(error));
    }
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
}
