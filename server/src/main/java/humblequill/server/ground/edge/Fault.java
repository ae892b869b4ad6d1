package humblequill.server.ground.edge;

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
 */
record Fault(String field, String value, String detail) {
  private static final int SHOWN = 80;

  /** A value that breaks a rule, such as "must be at most 5". */
  static Fault of(String field, @Nullable Object value, @Nullable String rule) {
    var shown = value == null ? "" : shorten(value.toString());
    return new Fault(
        field, shown, rule + (shown.isBlank() ? "" : "; it was " + quoted(shown)) + ".");
  }

  /** A text or a list that is too short or too long. */
  static Fault ofSize(String field, Object value, Size bounds) {
    boolean text = value instanceof CharSequence;
    int size =
        value instanceof CharSequence chars
            ? chars.length()
            : value instanceof Map<?, ?> map ? map.size() : ((Collection<?>) value).size();
    var most = bounds.max() == Integer.MAX_VALUE ? "or more" : "to " + bounds.max();
    var shown = shorten(value.toString());
    return new Fault(
        field,
        shown,
        "must have %s %s; it has %d%s."
            .formatted(
                bounds.min() == 0 ? "at most " + bounds.max() : bounds.min() + " " + most,
                text ? "characters" : "items",
                size,
                text && size > 0 ? ": " + quoted(shown) : ""));
  }

  /** A value that cannot be read as what its field holds. */
  static Fault unreadable(String field, String value) {
    var shown = shorten(value);
    return new Fault(field, shown, "cannot be " + (shown.isEmpty() ? "read" : quoted(shown)) + ".");
  }

  /** A field that the request does not have. */
  static Fault unknown(String field) {
    return new Fault(field, "", "is no field of this request.");
  }

  /** The answer that names all of them, the first as its own field. */
  static ProblemDetail problem(List<Fault> faults) {
    var sorted = faults.stream().sorted(Comparator.comparing(Fault::field)).toList();
    var first = sorted.get(0);
    return Problems.problem(
        HttpStatus.BAD_REQUEST,
        "bad-value",
        sorted.stream().map(f -> f.field + " " + f.detail).collect(Collectors.joining(" ")),
        Map.of("field", first.field, "value", first.value, "faults", sorted));
  }

  private static String quoted(String text) {
    return "\"" + text + "\"";
  }

  private static String shorten(String text) {
    return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
  }
}
