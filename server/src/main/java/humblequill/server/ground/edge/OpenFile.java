package humblequill.server.ground.edge;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.util.List;
import java.util.function.Supplier;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Files of the program's open formats, which all begin with their version. */
public final class OpenFile {
  private OpenFile() {}

  /**
   * Reads a file of version 1.
   *
   * @param what it is, by a case of {@code ground.formatUnknown}
   */
  public static JsonNode read(YAMLMapper yaml, String text, String what) {
    JsonNode file;
    try {
      file = yaml.readTree(text);
    } catch (JacksonException e) {
      var at = e.getLocation();
      throw Refusal.badValue(
          "file",
          at == null ? "" : at.getLineNr(),
          at == null
              ? Message.of("ground.fileUnreadable")
              : Message.of("ground.fileUnreadableFrom", "line", at.getLineNr()));
    }
    if (file == null || file.path("format").asInt(0) != 1) {
      throw Refusal.badValue(
          "format",
          file == null ? "" : file.path("format").asString(""),
          Message.of("ground.formatUnknown", "what", what));
    }
    return file;
  }

  /** What a file says, made into what it means. */
  public static <T> T meant(Supplier<T> made) {
    return Refusal.unless("file", "", made);
  }

  /**
   * A list within a file; an empty one where it is left out.
   *
   * @param most how long it may be
   * @throws IllegalArgumentException in words, where it is none, or too long
   */
  public static List<JsonNode> list(JsonNode node, String field, int most) {
    var list = node.path(field);
    if (list.isMissingNode()) {
      return List.of();
    }
    if (!list.isArray() || list.size() > most) {
      throw new InvalidException(Message.of("ground.listWithin", "field", field, "most", most));
    }
    return list.valueStream().toList();
  }

  /** Words in a list, as {@link #list}. */
  public static List<String> words(JsonNode node, String field, int most) {
    return list(node, field, most).stream().map(w -> w.asString("").strip()).toList();
  }

  /**
   * A word within a file.
   *
   * @throws IllegalArgumentException in words, where it is left out, empty or too long
   */
  public static String word(JsonNode node, String field, int longest) {
    var word = node.path(field).asString("").strip();
    if (word.isEmpty() || word.length() > longest) {
      throw new InvalidException(Message.of("ground.textWithin", "field", field, "most", longest));
    }
    return word;
  }
}
