package humblequill.server.ground.message;

import humblequill.core.ground.message.Message;
import java.util.LinkedHashMap;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Messages in columns that once held sentences: those that were kept stay as they were written, and
 * so does what a learner writes.
 */
public final class StoredMessage {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final String BEGIN = "{\"code\":";

  private StoredMessage() {}

  /**
   * A message as it is kept.
   *
   * @param longest characters that there is room for; what a message names is cut where it needs
   *     more
   */
  public static String write(Message message, int longest) {
    if (message.code().equals(Message.AS_WRITTEN)) {
      var text = String.valueOf(message.arguments().get("text"));
      return text.startsWith(BEGIN) ? " " + text : text;
    }
    var whole = JSON.writeValueAsString(message);
    return whole.length() <= longest ? whole : JSON.writeValueAsString(cut(message, longest / 8));
  }

  private static Message cut(Message message, int most) {
    var arguments = new LinkedHashMap<>(message.arguments());
    arguments.replaceAll(
        (name, value) ->
            value instanceof Message part
                ? cut(part, most)
                : value instanceof String text && text.length() > most
                    ? text.substring(0, most) + "…"
                    : value);
    return new Message(message.code(), arguments);
  }

  /** What was kept. */
  public static Message read(String kept) {
    if (!kept.startsWith(BEGIN)) {
      return Message.asWritten(kept.strip());
    }
    try {
      return message(JSON.readTree(kept));
    } catch (JacksonException e) {
      return Message.asWritten(kept);
    }
  }

  private static Message message(JsonNode node) {
    var arguments = new LinkedHashMap<String, Object>();
    node.path("arguments")
        .properties()
        .forEach(a -> arguments.put(a.getKey(), value(a.getValue())));
    return new Message(node.path("code").asString(), arguments);
  }

  private static Object value(JsonNode node) {
    return switch (node.getNodeType()) {
      case OBJECT -> message(node);
      case NUMBER -> node.numberValue();
      case BOOLEAN -> node.booleanValue();
      default -> node.asString("");
    };
  }
}
