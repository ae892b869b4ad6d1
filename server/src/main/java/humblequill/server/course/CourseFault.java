package humblequill.server.course;

import com.networknt.schema.Error;
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
  static String words(Error error) {
    if (isAmount(error)) {
      return "it needs either \"drawings\" with \"minutesEach\", or \"minutes\", and not both";
    }
    var value = error.getInstanceNode();
    var rule = error.getSchemaNode();
    return switch (error.getKeyword()) {
      case "required" -> "it is missing";
      case "type" -> "it must be " + kind(rule) + ", not " + shown(value);
      case "enum" -> "it must be one of " + listed(rule) + ", not " + shown(value);
      case "pattern" ->
          path(error).endsWith("id")
              ? "it takes small letters a to z, figures and single hyphens, not " + shown(value)
              : "it needs a letter or a figure, not " + shown(value);
      case "minLength", "minItems" -> "it must not be empty";
      case "maxLength" ->
          "it takes at most " + rule + " characters; these are " + value.stringValue("").length();
      case "maxItems" -> "it takes at most " + rule + ", not " + value.size();
      case "minimum" -> "it must be at least " + rule + ", not " + shown(value);
      case "maximum" -> "it must be at most " + rule + ", not " + shown(value);
      case "uniqueItems" -> "it names one thing twice";
      default -> error.getMessage();
    };
  }

  private static String kind(JsonNode types) {
    var first = types.isArray() ? types.get(0) : types;
    return switch (first.stringValue("")) {
      case "object" -> "fields with names";
      case "array" -> "a list";
      case "integer" -> "a whole number";
      case "number" -> "a number";
      case "boolean" -> "true or false";
      default -> "a text";
    };
  }

  private static String listed(JsonNode values) {
    return StreamSupport.stream(values.spliterator(), false)
        .map(CourseFault::shown)
        .collect(Collectors.joining(", "));
  }

  private static String shown(JsonNode value) {
    if (value.isObject()) {
      return "fields with names";
    }
    if (value.isArray()) {
      return "a list";
    }
    if (value.isNull()) {
      return "nothing";
    }
    var text = value.asString();
    var begin = text.length() > MOST_SHOWN ? text.substring(0, MOST_SHOWN) + "…" : text;
    return value.isString() ? "\"" + begin + "\"" : begin;
  }
}
