package humblequill.server.course;

import com.networknt.schema.Error;
import humblequill.core.ground.message.Message;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;

/** What the schema of courses finds wrong, in the words of who wrote the course. */
final class CourseFault {
  private static final int MOST_SHOWN = 60;
  private static final Pattern NUMBERED = Pattern.compile("(\\p{L}+)\\[(\\d+)]");

  private CourseFault() {}

  /** Where it is wrong, as "weeks[2].title"; what is missing is named as if it were there. */
  static String path(Error error) {
    var pointer = error.getInstanceLocation().toString();
    var field = isMissing(error) ? "/" + error.getProperty() : "";
    return (pointer + field)
        .replaceAll("/(\\d+)", "[$1]")
        .replace('/', '.')
        .replaceFirst("^\\.", "");
  }

  /** A path in words, counted from 1: "week 3, title". */
  static String place(String path) {
    return NUMBERED
        .matcher(path)
        .replaceAll(found -> one(found.group(1)) + " " + (Long.parseLong(found.group(2)) + 1))
        .replace(".", ", ");
  }

  private static String one(String list) {
    return list.endsWith("s") ? list.substring(0, list.length() - 1) : list;
  }

  private static boolean isMissing(Error error) {
    return error.getKeyword().equals("required") && !isAmount(error);
  }

  /** How much an exercise takes is said in one of two ways. */
  private static boolean isAmount(Error error) {
    return error.getEvaluationPath().toString().contains("oneOf");
  }

  /** What is wrong there, as the end of a sentence. */
  static Message words(Error error) {
    if (isAmount(error)) {
      return Message.of("course.amountInOneWay");
    }
    var value = error.getInstanceNode();
    var rule = error.getSchemaNode();
    return switch (error.getKeyword()) {
      case "required" -> Message.of("course.fieldMissing");
      case "type" -> Message.of("course.mustBe", "kind", kind(rule), "value", shown(value));
      case "enum" -> Message.of("course.mustBeOneOf", "all", listed(rule), "value", shown(value));
      case "pattern" ->
          path(error).endsWith("id")
              ? Message.of("course.lettersOfId", "value", shown(value))
              : Message.of("course.letterNeeded", "value", shown(value));
      case "minLength", "minItems" -> Message.of("course.fieldEmpty");
      case "maxLength" ->
          Message.of("course.textTooLong", "most", rule, "length", value.stringValue("").length());
      case "maxItems" -> Message.of("course.tooMany", "most", rule, "count", value.size());
      case "minimum" -> Message.of("course.tooSmall", "least", rule, "value", shown(value));
      case "maximum" -> Message.of("course.tooBig", "most", rule, "value", shown(value));
      case "uniqueItems" -> Message.of("course.namedTwice");
      default -> Message.asWritten(error.getMessage());
    };
  }

  private static Message kind(JsonNode types) {
    var first = types.isArray() ? types.get(0) : types;
    return Message.of("course.kind", "kind", first.stringValue(""));
  }

  private static String listed(JsonNode values) {
    return StreamSupport.stream(values.spliterator(), false)
        .map(CourseFault::shortened)
        .collect(Collectors.joining(", "));
  }

  private static Message shown(JsonNode value) {
    if (value.isObject()) {
      return Message.of("course.kind", "kind", "object");
    }
    if (value.isArray()) {
      return Message.of("course.kind", "kind", "array");
    }
    if (value.isNull()) {
      return Message.of("course.kind", "kind", "null");
    }
    return Message.asWritten(shortened(value));
  }

  private static String shortened(JsonNode value) {
    var text = value.asString();
    var begin = text.length() > MOST_SHOWN ? text.substring(0, MOST_SHOWN) + "…" : text;
    return value.isString() ? "\"" + begin + "\"" : begin;
  }
}
