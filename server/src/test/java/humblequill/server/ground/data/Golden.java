package humblequill.server.ground.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Documents as they lie in databases out there. They are never changed, only added to. */
public final class Golden {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private Golden() {}

  /** A document in its lasting form; names have some identity. */
  public static String document(String name) {
    var id = new UUID(0, 1);
    return text(name).replace("{\"text\"", "{\"id\":\"" + id + "\",\"text\"");
  }

  private static String text(String name) {
    try (var in = Golden.class.getResourceAsStream("/stored/" + name + ".json")) {
      return JSON.readTree(new String(in.readAllBytes(), StandardCharsets.UTF_8)).toString();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** What a document says, whatever the order of its fields. */
  public static JsonNode tree(String document) {
    return JSON.readTree(document);
  }
}
