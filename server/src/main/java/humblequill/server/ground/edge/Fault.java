package humblequill.server.ground.edge;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.message.Words;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.constraints.Size;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/**
 * What is wrong with one field of a request.
 *
 * @param field its path in the request, such as {@code fields.minutes}
 * @param value what it was, shortened; empty for nothing
 * @param detail one sentence about it that may stand at the field itself
 * @param why the same by its code
 */
public record Fault(String field, String value, String detail, Message why) {
  private static final int SHOWN = 80;

  private Fault(String field, String value, Message why) {
    this(field, value, Words.say(why), why);
  }

  /** A value that breaks a rule, such as "must be at most 5". */
  static Fault of(String field, @Nullable Object value, Message rule) {
    var shown = value == null ? "" : shorten(value.toString());
    return new Fault(
        field,
        shown,
        shown.isBlank()
            ? Message.of("ground.ruleAlone", "rule", rule)
            : Message.of("ground.ruleBroken", "rule", rule, "value", shown));
  }

  /** The rule that a value breaks: one of our own by its code, else by the name of its kind. */
  public static Message rule(ConstraintViolation<?> violation) {
    if (Words.has(violation.getMessageTemplate())) {
      return Message.of(violation.getMessageTemplate());
    }
    var rule = violation.getConstraintDescriptor();
    var attributes = rule.getAttributes();
    return Message.of(
        "ground.rule",
        "kind",
        rule.getAnnotation().annotationType().getSimpleName(),
        "bound",
        attributes.getOrDefault("value", attributes.get("fraction")),
        "text",
        violation.getMessage());
  }

  /** A text or a list that is too short or too long. */
  static Fault ofSize(String field, Object value, Size bounds) {
    int size =
        value instanceof CharSequence chars
            ? chars.length()
            : value instanceof Map<?, ?> map ? map.size() : ((Collection<?>) value).size();
    var shown = shorten(value.toString());
    return new Fault(
        field,
        shown,
        Message.of(
            "ground.size",
            "bounds",
            bounds.min() == 0 ? "most" : bounds.max() == Integer.MAX_VALUE ? "least" : "both",
            "least",
            bounds.min(),
            "most",
            bounds.max(),
            "text",
            value instanceof CharSequence,
            "size",
            size,
            "shown",
            value instanceof CharSequence && size > 0,
            "value",
            shown));
  }

  /** A value that cannot be read as what its field holds. */
  static Fault unreadable(String field, String value) {
    var shown = shorten(value);
    return new Fault(
        field,
        shown,
        shown.isEmpty()
            ? Message.of("ground.fieldUnreadable")
            : Message.of("ground.fieldCannotBe", "value", shown));
  }

  /** A field that the request does not have. */
  static Fault unknown(String field) {
    return new Fault(field, "", Message.of("ground.fieldUnknown"));
  }

  /** The answer that names all of them, the first as its own field. */
  static ProblemDetail problem(List<Fault> faults) {
    var sorted = faults.stream().sorted(Comparator.comparing(Fault::field)).toList();
    var first = sorted.get(0);
    var all = sorted.stream().map(f -> f.field + " " + f.detail).collect(Collectors.joining(" "));
    return Problems.problem(
        HttpStatus.BAD_REQUEST,
        "bad-value",
        Message.asWritten(all),
        Map.of("field", first.field, "value", first.value, "faults", sorted));
  }

  private static String shorten(String text) {
    return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
  }
}
