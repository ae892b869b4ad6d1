package humblequill.server.ground.edge;

import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** A request that is refused, with a stable code and the field and value at fault. */
public final class Refusal extends RuntimeException implements Explained {
  private static final long serialVersionUID = 1L;

  private final HttpStatus status;
  private final String code;
  private final transient Message why;
  private final transient Map<String, Object> more;

  private Refusal(HttpStatus status, String code, Message why, Map<String, Object> more) {
    super(why.toString());
    this.why = why;
    this.status = status;
    this.code = code;
    this.more = more;
  }

  static Refusal of(HttpStatus status, String code, Message why, Map<String, Object> more) {
    return new Refusal(status, code, why, more);
  }

  /**
   * A value that cannot be.
   *
   * @param field as named in the API, with dots for nesting
   * @param value as sent
   * @param why one sentence that names both
   */
  public static Refusal badValue(String field, @Nullable Object value, Message why) {
    return new Refusal(
        HttpStatus.BAD_REQUEST,
        "bad-value",
        why,
        Map.of("field", field, "value", String.valueOf(value)));
  }

  /** What is made of a value, or a refusal in the words of whoever could not make it. */
  public static <T> T unless(String field, @Nullable Object value, Supplier<T> made) {
    try {
      return made.get();
    } catch (IllegalArgumentException e) {
      throw badValue(field, value, Message.why(e).alone());
    }
  }

  /**
   * There is nothing of this kind with this id.
   *
   * @param what its kind, by a case of {@code ground.noSuch}
   */
  public static Refusal notFound(String what, Object id) {
    return new Refusal(
        HttpStatus.NOT_FOUND,
        "not-found",
        Message.of("ground.noSuch", "what", what, "id", id),
        Map.of("value", id.toString()));
  }

  /**
   * A write on top of a state that has changed meanwhile.
   *
   * @param what its kind, by a case of {@code ground.stale}
   * @param current what is stored now, so that the learner can compare
   */
  public static Refusal stale(String what, Object current) {
    return new Refusal(
        HttpStatus.CONFLICT,
        "stale",
        Message.of("ground.stale", "what", what),
        Map.of("current", current));
  }

  /** A write that contradicts what is there. */
  public static Refusal conflict(String code, Message why) {
    return new Refusal(HttpStatus.CONFLICT, code, why, Map.of());
  }

  @Override
  public Message why() {
    return why;
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
