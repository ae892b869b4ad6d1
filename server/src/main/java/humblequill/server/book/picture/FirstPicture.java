package humblequill.server.book.picture;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.concurrent.TimeUnit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Looks at a picture of one dot soon after the start, since what reads pictures is looked for when
 * the first one comes. The learner's first need not wait for that, nor what refuses an enormous
 * one.
 */
@Component
class FirstPicture {
  private static final String ONE_DOT =
      "iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGP4DwABAQEAsTj2FAAAAABJRU5ErkJggg==";

  @Scheduled(initialDelay = 1, timeUnit = TimeUnit.SECONDS)
  void look() throws IOException {
    PictureReader.header(new ByteArrayInputStream(Base64.getDecoder().decode(ONE_DOT)));
  }
}
