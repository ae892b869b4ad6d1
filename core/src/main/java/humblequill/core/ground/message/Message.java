package humblequill.core.ground.message;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * One sentence by its code: which it is and what it names. The words stand in the catalogues, one
 * file for each language.
 *
 * @param code the room and the key in its catalogue, as in {@code book.leavesWithin}
 * @param arguments what the sentence names, by the names in the catalogue: texts, numbers, yes or
 *     no, and further messages
 */
public record Message(String code, Map<String, Object> arguments) {
  /** A sentence that was written by someone, or kept before sentences had codes. */
  public static final String AS_WRITTEN = "ground.asWritten";

  /** What is usually a part of a sentence, as one of its own: it begins with a capital letter. */
  public static final String SENTENCE = "ground.sentence";

  public Message {
    arguments = Collections.unmodifiableMap(new LinkedHashMap<>(arguments));
  }

  /**
   * A message with arguments.
   *
   * @param namesAndValues by turns; what is no text, number, truth or message is named as it writes
   *     itself, and nothing by no words
   */
  public static Message of(String code, Object... namesAndValues) {
    var arguments = new LinkedHashMap<String, Object>();
    for (int i = 0; i < namesAndValues.length; i += 2) {
      arguments.put(String.valueOf(namesAndValues[i]), value(namesAndValues[i + 1]));
    }
    return new Message(code, arguments);
  }

  /** A sentence as it was written. */
  public static Message asWritten(String text) {
    return of(AS_WRITTEN, "text", text);
  }

  /** A message that is usually a part of a sentence, as one of its own. */
  public Message alone() {
    return of(SENTENCE, "text", this);
  }

  /** Why something failed: its own message, or what it was given as words. */
  public static Message why(Throwable failed) {
    return failed instanceof Explained explained
        ? explained.why()
        : asWritten(String.valueOf(failed.getMessage()));
  }

  private static Object value(Object value) {
    return value instanceof Number || value instanceof Boolean || value instanceof Message
        ? value
        : Objects.toString(value, "");
  }

  /** For logs and tests; what a learner reads is made from a catalogue. */
  @Override
  public String toString() {
    return code
        + arguments.entrySet().stream()
            .map(a -> " " + a.getKey() + "=" + a.getValue())
            .collect(Collectors.joining(","));
  }
}
