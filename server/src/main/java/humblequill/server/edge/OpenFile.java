package humblequill.server.edge;

import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Files of the program's open formats, which all begin with their version. */
public final class OpenFile {
  private OpenFile() {}

  /**
   * Reads a file of version 1.
   *
   * @param what it is, as a sentence begins: "A template"
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
          "The file cannot be read" + (at == null ? "." : " from line " + at.getLineNr() + " on."));
    }
    if (file == null || file.path("format").asInt(0) != 1) {
      throw Refusal.badValue(
          "format",
          file == null ? "" : file.path("format").asString(""),
          what + " begins with \"format: 1\".");
    }
    return file;
  }
}
