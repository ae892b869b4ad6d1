package humblequill.server.ground.edge;

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
    return problem(most);
  }

  static ProblemDetail problem(int most) {
    return Problems.problem(
        HttpStatus.CONTENT_TOO_LARGE,
        "too-large",
        "The request is larger than " + most / 1024 / 1024 + " MB.",
        Map.of());
  }
}
