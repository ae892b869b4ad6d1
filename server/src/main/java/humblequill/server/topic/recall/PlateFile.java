package humblequill.server.topic.recall;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import humblequill.core.topic.recall.Pin;
import humblequill.core.topic.recall.Plate;
import humblequill.core.topic.recall.StepOrder;
import humblequill.server.ground.edge.OpenFile;
import humblequill.server.ground.edge.Refusal;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.dataformat.yaml.YAMLMapper;
import tools.jackson.dataformat.yaml.YAMLWriteFeature;

/** Reads and writes plates and orders of steps as files, see docs/formats/plate.md. */
final class PlateFile {
  private static final YAMLMapper YAML =
      YAMLMapper.builder().disable(YAMLWriteFeature.WRITE_DOC_START_MARKER).build();
  private static final int LONGEST_NOTE = 600;

  private PlateFile() {}

  /** A file as a tree; what it says beyond the format stays in it. */
  static ObjectNode tree(String text) {
    if (OpenFile.read(YAML, text, "recall") instanceof ObjectNode file) {
      return file;
    }
    throw Refusal.badValue("file", "", Message.of("topic.notNamedFields"));
  }

  static String yaml(ObjectNode file) {
    return YAML.writeValueAsString(file);
  }

  static boolean isOrder(ObjectNode file) {
    return file.has("steps");
  }

  /**
   * The plate of a file.
   *
   * @param id what it is called here
   */
  static Plate plate(String id, JsonNode file) {
    return OpenFile.meant(
        () ->
            new Plate(
                id,
                OpenFile.word(file, "title", Pin.LONGEST),
                OpenFile.words(file, "topics", Plate.MOST_TOPICS),
                number(file, "ratio"),
                OpenFile.list(file, "pins", Plate.MOST_PINS).stream()
                    .map(PlateFile::pin)
                    .toList()));
  }

  /**
   * The order of a file.
   *
   * @param id what it is called here
   */
  static StepOrder order(String id, JsonNode file) {
    return OpenFile.meant(
        () ->
            new StepOrder(
                id,
                OpenFile.word(file, "title", Pin.LONGEST),
                OpenFile.words(file, "topics", Plate.MOST_TOPICS),
                OpenFile.words(file, "steps", StepOrder.MOST_STEPS)));
  }

  static String note(JsonNode file) {
    var note = file.path("note").asString("");
    if (note.length() > LONGEST_NOTE) {
      throw Refusal.badValue(
          "note",
          note.length(),
          Message.of("topic.noteTooLong", "most", LONGEST_NOTE, "length", note.length()));
    }
    return note;
  }

  private static Pin pin(JsonNode pin) {
    return new Pin(
        OpenFile.word(pin, "id", Pin.LONGEST_ID),
        OpenFile.word(pin, "name", Pin.LONGEST),
        pin.path("latin").asString("").strip(),
        OpenFile.words(pin, "others", Pin.MOST_OTHERS),
        number(pin, "x"),
        number(pin, "y"),
        pin.has("reach") ? number(pin, "reach") : Pin.REACH);
  }

  private static double number(JsonNode node, String field) {
    var number = node.path(field);
    if (!number.isNumber()) {
      throw new InvalidException(
          Message.of("topic.notANumber", "field", field, "value", number.asString("")));
    }
    return number.asDouble();
  }
}
