package humblequill.server.reference;

import java.awt.Dimension;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import javax.imageio.ImageIO;

/**
 * Reads a picture to the end to tell whether it is whole. Only every n-th dot is kept, so that even
 * a large one needs little memory.
 */
final class PictureReader {
  private static final int KEPT = 160;
  private static final int MOST_PIXELS = 150_000_000;

  /** This kind is unpacked whole before dots are dropped, at four bytes a dot. */
  private static final int MOST_PIXELS_WEBP = 40_000_000;

  private PictureReader() {}

  /**
   * The size of a picture.
   *
   * @throws IOException if it is none, is cut off or too large; the message says what is wrong
   */
  static Dimension read(Path file) throws IOException {
    try (var in = ImageIO.createImageInputStream(file.toFile())) {
      if (in == null) {
        throw new IOException("cannot be opened");
      }
      var readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new IOException("is no picture that can be read");
      }
      var reader = readers.next();
      try {
        var cut = new String[1];
        reader.addIIOReadWarningListener((source, warning) -> cut[0] = warning);
        reader.setInput(in, true, true);
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        boolean webp = reader.getFormatName().toLowerCase(Locale.ROOT).contains("webp");
        int most = webp ? MOST_PIXELS_WEBP : MOST_PIXELS;
        if ((long) width * height > most) {
          throw new IOException("is larger than " + most / 1_000_000 + " million dots");
        }
        int step = Math.max(1, Math.max(width, height) / KEPT);
        var settings = reader.getDefaultReadParam();
        settings.setSourceSubsampling(step, step, 0, 0);
        reader.read(0, settings);
        if (cut[0] != null && cut[0].toLowerCase(Locale.ROOT).contains("premature")) {
          throw new IOException("is cut off");
        }
        return new Dimension(width, height);
      } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
        throw new IOException("is damaged", e);
      } finally {
        reader.dispose();
      }
    }
  }
}
