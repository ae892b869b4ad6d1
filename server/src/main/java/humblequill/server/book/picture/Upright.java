package humblequill.server.book.picture;

import java.awt.Dimension;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;

/** Picture files as they are seen: turned as the camera says. */
public final class Upright {
  /** From here on width and height change places. */
  private static final int LYING_FROM = 5;

  private Upright() {}

  /** The size of a file whose dots have been looked at, as it is seen. */
  public static Dimension size(Path file, Dimension dots) throws IOException {
    return CameraFacts.of(file).turn() < LYING_FROM ? dots : new Dimension(dots.height, dots.width);
  }

  /**
   * A file's picture as it is seen.
   *
   * @param longest its longer edge in dots at most
   */
  public static BufferedImage read(Path file, int longest) throws IOException {
    return Scaling.upright(file, longest, CameraFacts.of(file).turn());
  }
}
