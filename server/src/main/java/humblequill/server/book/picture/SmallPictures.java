package humblequill.server.book.picture;

import humblequill.server.ground.data.DataFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Semaphore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Small pictures, made when they are first asked for and kept beside the data until somebody
 * deletes them. Few are made at once, so that memory is bounded however many are asked for.
 */
@Component
class SmallPictures {
  private static final Logger LOG = LoggerFactory.getLogger(SmallPictures.class);
  private static final int AT_ONCE = 2;

  private final DataFolder folder;
  private final Semaphore making = new Semaphore(AT_ONCE, true);

  SmallPictures(DataFolder folder) {
    this.folder = folder;
  }

  /** How large a picture is wanted, by its longer edge in dots. */
  enum Size {
    /** On a contact sheet. */
    SMALL(320),
    /** Over a leaf. */
    LARGE(1400);

    private final int longest;

    Size(int longest) {
      this.longest = longest;
    }

    int longest() {
      return longest;
    }
  }

  /** A small picture as JPEG. */
  byte[] of(Seen seen, Size size) throws IOException {
    var kept =
        folder
            .derived()
            .resolve(
                "%s-%s-%s.jpg"
                    .formatted(
                        seen.id(), seen.way(), size.name().toLowerCase(java.util.Locale.ROOT)));
    if (Files.exists(kept)) {
      return Files.readAllBytes(kept);
    }
    making.acquireUninterruptibly();
    try {
      var bytes = Scaling.jpeg(seen.at(size.longest()));
      keep(kept, bytes);
      return bytes;
    } finally {
      making.release();
    }
  }

  /** What cannot be kept is made again next time. */
  private static void keep(Path file, byte[] bytes) {
    try {
      Files.createDirectories(file.getParent());
      var unfinished = Files.createTempFile(file.getParent(), "making", ".jpg");
      try {
        Files.write(unfinished, bytes);
        Files.move(unfinished, file, java.nio.file.StandardCopyOption.ATOMIC_MOVE);
      } finally {
        Files.deleteIfExists(unfinished);
      }
    } catch (IOException e) {
      LOG.info("A small picture was not kept: {}", e.getClass().getSimpleName());
    }
  }
}
