package humblequill.server.edge;

import java.io.IOException;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;

/** A request body over the limit. */
final class BodyTooLargeException extends IOException {
  private static final long serialVersionUID = 1L;

  static ProblemDetail problem() {
    return Problems.problem(
        HttpStatus.CONTENT_TOO_LARGE,
        "too-large",
        "The request is larger than " + ClosedDoor.MAX_BODY / 1024 / 1024 + " MB.",
        Map.of());
  }
}
