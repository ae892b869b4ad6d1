package humblequill.server.ground.edge;

import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** A request that is refused, with a stable code and the field and value at fault. */
public final class Refusal extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final HttpStatus status;
  private final String code;
  private final transient Map<String, Object> more;

  private Refusal(HttpStatus status, String code, String detail, Map<String, Object> more) {
    super(detail);
    this.status = status;
    this.code = code;
    this.more = more;
  }

  static Refusal of(HttpStatus status, String code, String detail, Map<String, Object> more) {
    return new Refusal(status, code, detail, more);
  }

  /**
   * A value that cannot be.
   *
   * @param field as named in the API, with dots for nesting
   * @param value as sent
   * @param detail one sentence that names both
   */
  public static Refusal badValue(String field, @Nullable Object value, String detail) {
    return new Refusal(
        HttpStatus.BAD_REQUEST,
        "bad-value",
        detail,
        Map.of("field", field, "value", String.valueOf(value)));
  }

  /** What is made of a value, or a refusal in the words of whoever could not make it. */
  public static <T> T unless(String field, @Nullable Object value, Supplier<T> made) {
    try {
      return made.get();
    } catch (IllegalArgumentException e) {
      var said = String.valueOf(e.getMessage());
      throw badValue(field, value, Character.toUpperCase(said.charAt(0)) + said.substring(1) + ".");
    }
  }

  /** Something asked for that is not there. */
  public static Refusal notFound(String what, Object id) {
    return new Refusal(
        HttpStatus.NOT_FOUND,
        "not-found",
        "There is no " + what + " " + id + ".",
        Map.of("value", id.toString()));
  }

  /**
   * A write on top of a state that has changed meanwhile.
   *
   * @param current what is stored now, so that the learner can compare
   */
  public static Refusal stale(String what, Object current) {
    return new Refusal(
        HttpStatus.CONFLICT,
        "stale",
        "This " + what + " was changed elsewhere since you opened it.",
        Map.of("current", current));
  }

  /** A write that contradicts what is there. */
  public static Refusal conflict(String code, String detail) {
    return new Refusal(HttpStatus.CONFLICT, code, detail, Map.of());
  }

  HttpStatus status() {
    return status;
  }

  String code() {
    return code;
  }

  Map<String, Object> more() {
    return more;
  }
}
