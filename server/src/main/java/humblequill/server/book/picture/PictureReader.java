package humblequill.server.book.picture;

import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;
import java.awt.Dimension;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/**
 * Reads a picture to the end to tell whether it is whole. Only every n-th dot is kept, so that even
 * a large one needs little memory. What would unpack to far more than it takes on disk is refused
 * by its first bytes.
 */
public final class PictureReader {
  private static final int KEPT = 160;
  private static final int MOST_PIXELS = 150_000_000;

  /** This kind is unpacked whole before dots are dropped, at four bytes a dot. */
  private static final int MOST_PIXELS_WEBP = 40_000_000;

  /** From so many dots on, a picture with fewer bytes than this many dots each holds nothing. */
  private static final int LARGE = 20_000_000;

  private static final int MOST_PIXELS_A_BYTE = 200;

  private PictureReader() {}

  /** A file that cannot be shown, and why. */
  public static final class NoPicture extends IOException implements Explained {
    private static final long serialVersionUID = 1L;

    private final transient Message why;

    NoPicture(Message why) {
      super(why.toString());
      this.why = why;
    }

    /** What is wrong with it; it goes on after the name of the file. */
    @Override
    public Message why() {
      return why;
    }
  }

  /** What the first bytes of a picture tell. */
  public record Header(Dimension size, String type) {}

  private interface Looking<T> {
    T look(ImageReader reader) throws IOException;
  }

  /** The first bytes alone; the stream is left anywhere. */
  public static Header header(InputStream from) throws IOException {
    try (var in = ImageIO.createImageInputStream(from)) {
      return with(
          in,
          reader -> {
            reader.setInput(in, true, true);
            return new Header(
                new Dimension(reader.getWidth(0), reader.getHeight(0)),
                reader.getOriginatingProvider().getMIMETypes()[0]);
          });
    }
  }

  /**
   * The size of a picture that was read to its end.
   *
   * @throws IOException if it is none, is cut off or too large
   */
  public static Dimension read(Path file) throws IOException {
    try (var in = ImageIO.createImageInputStream(file.toFile())) {
      return with(in, reader -> read(reader, in, Files.size(file)));
    }
  }

  private static <T> T with(ImageInputStream in, Looking<T> looking) throws IOException {
    if (in == null) {
      throw new NoPicture(Message.of("book.pictureNotOpened"));
    }
    var readers = ImageIO.getImageReaders(in);
    if (!readers.hasNext()) {
      throw new NoPicture(Message.of("book.noPicture"));
    }
    var reader = readers.next();
    try {
      return looking.look(reader);
    } catch (IndexOutOfBoundsException | IllegalArgumentException | NegativeArraySizeException e) {
      throw new NoPicture(Message.of("book.pictureDamaged"));
    } finally {
      reader.dispose();
    }
  }

  private static Dimension read(ImageReader reader, ImageInputStream in, long bytes)
      throws IOException {
    var cut = new String[1];
    reader.addIIOReadWarningListener((source, warning) -> cut[0] = warning);
    reader.setInput(in, true, true);
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    boolean webp = reader.getFormatName().toLowerCase(Locale.ROOT).contains("webp");
    int most = webp ? MOST_PIXELS_WEBP : MOST_PIXELS;
    long dots = (long) width * height;
    if (dots > most) {
      throw new NoPicture(Message.of("book.tooManyDots", "millions", most / 1_000_000));
    }
    if (dots > LARGE && dots / MOST_PIXELS_A_BYTE > bytes) {
      throw new NoPicture(Message.of("book.largePictureOfNothing"));
    }
    int step = Math.max(1, Math.max(width, height) / KEPT);
    var settings = reader.getDefaultReadParam();
    settings.setSourceSubsampling(step, step, 0, 0);
    reader.read(0, settings);
    if (cut[0] != null && cut[0].toLowerCase(Locale.ROOT).contains("premature")) {
      throw new NoPicture(Message.of("book.pictureCutOff"));
    }
    return new Dimension(width, height);
  }
}
