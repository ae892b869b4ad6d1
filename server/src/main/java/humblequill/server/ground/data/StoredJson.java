package humblequill.server.ground.data;

import java.util.Locale;
import tools.jackson.databind.json.JsonMapper;

/**
 * How documents in the database are written: by small records of their own, with kinds as
 * lower-case words joined by hyphens. See docs/formats/stored.md.
 */
public final class StoredJson {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private StoredJson() {}

  /** Writes a storage record. */
  public static String write(Object stored) {
    return JSON.writeValueAsString(stored);
  }

  /** Reads a storage record. */
  public static <T> T read(String text, Class<T> type) {
    return JSON.readValue(text, type);
  }

  /** A kind as it is stored. */
  public static String word(Enum<?> kind) {
    return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** A kind from its stored word. */
  public static <E extends Enum<E>> E kind(Class<E> type, String word) {
    return Enum.valueOf(type, word.toUpperCase(Locale.ROOT).replace('-', '_'));
  }
}
