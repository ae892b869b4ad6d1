package humblequill.server.ground.message;

import com.ibm.icu.text.MessageFormat;
import humblequill.core.ground.message.Message;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentMap;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * Sentences in words, where no page makes them: answers as plain text, files that are taken out,
 * the terminal. The pages make theirs from the same catalogues.
 */
public final class Words {
  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final TypeReference<Map<String, Object>> CATALOGUE = new TypeReference<>() {};
  private static final ConcurrentMap<String, Map<String, String>> CATALOGUES =
      new ConcurrentHashMap<>();

  private Words() {}

  /** A message in words. */
  public static String say(Message message) {
    var pattern = pattern(message.code());
    if (pattern == null) {
      throw new IllegalArgumentException("No catalogue has the message " + message.code());
    }
    var arguments = new HashMap<String, Object>();
    message
        .arguments()
        .forEach((name, value) -> arguments.put(name, written(pattern, name, value)));
    var said = new MessageFormat(pattern, Locale.ENGLISH).format(arguments);
    return message.code().equals(Message.SENTENCE) ? upperFirst(said) : said;
  }

  private static String upperFirst(String text) {
    return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }

  /** Whether a catalogue has a message of this code. */
  public static boolean has(String code) {
    return pattern(code) != null;
  }

  /**
   * Numbers that decide on a plural stay numbers; others are written without marks for thousands.
   */
  private static Object written(String pattern, String name, Object value) {
    if (value instanceof Message part) {
      return say(part);
    }
    boolean counts = value instanceof Number && pattern.contains("{" + name + ", plural");
    return counts ? value : value.toString();
  }

  private static @Nullable String pattern(String code) {
    int dot = code.indexOf('.');
    return dot < 0
        ? null
        : CATALOGUES
            .computeIfAbsent(code.substring(0, dot), Words::catalogue)
            .get(code.substring(dot + 1));
  }

  private static Map<String, String> catalogue(String room) {
    try (var in = Words.class.getResourceAsStream("/words/" + room + "/en.json")) {
      if (in == null) {
        return Map.of();
      }
      var messages = new HashMap<String, String>();
      JSON.readValue(in, CATALOGUE)
          .forEach(
              (key, told) ->
                  messages.put(
                      key,
                      told instanceof Map<?, ?> noted
                          ? String.valueOf(Objects.requireNonNull(noted.get("message")))
                          : told.toString()));
      return Map.copyOf(messages);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
