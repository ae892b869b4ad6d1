package humblequill.server.ground.edge;

import humblequill.core.ground.message.Message;
import java.io.IOException;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** A request body over the limit. */
final class BodyTooLargeException extends IOException {
  private static final long serialVersionUID = 1L;

  private final int most;

  /** Over a limit in bytes. */
  BodyTooLargeException(int most) {
    this.most = most;
  }

  ProblemDetail problem() {
    return Problems.problem(HttpStatus.CONTENT_TOO_LARGE, "too-large", why(most), Map.of());
  }

  static Message why(int most) {
    return Message.of("ground.bodyTooLarge", "megabytes", most / 1024 / 1024);
  }
}
