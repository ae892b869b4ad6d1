package humblequill.server.book.picture;

import humblequill.core.book.picture.Grey;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;

/** Makes small upright pictures. Dots are dropped while reading, so that memory stays small. */
final class Scaling {
  private static final float QUALITY = 0.84f;
  private static final int TURNED_FROM = 5;

  private Scaling() {}

  /**
   * A picture scaled down and turned upright; one that is small already keeps its size.
   *
   * @param longest its longer edge in dots
   * @param turn 1 to 8 as in EXIF
   */
  static BufferedImage upright(Path file, int longest, int turn) throws IOException {
    return turned(scaled(read(file, longest), longest), turn);
  }

  /** At least twice as large as asked for, so that scaling still evens the dots out. */
  private static BufferedImage read(Path file, int longest) throws IOException {
    try (var in = ImageIO.createImageInputStream(file.toFile())) {
      var readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw new IOException("no reader for " + file.getFileName());
      }
      var reader = readers.next();
      try {
        reader.setInput(in, true, true);
        int edge = Math.max(reader.getWidth(0), reader.getHeight(0));
        int step = Math.max(1, edge / (2 * longest));
        var settings = reader.getDefaultReadParam();
        settings.setSourceSubsampling(step, step, 0, 0);
        return reader.read(0, settings);
      } finally {
        reader.dispose();
      }
    }
  }

  static BufferedImage scaled(BufferedImage image, int longest) {
    if (image.getType() == BufferedImage.TYPE_3BYTE_BGR
        && Math.max(image.getWidth(), image.getHeight()) <= longest) {
      return image;
    }
    double scale = Math.min(1, (double) longest / Math.max(image.getWidth(), image.getHeight()));
    int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
    int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
    var on = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    var pen = on.createGraphics();
    pen.setColor(Color.WHITE);
    pen.fillRect(0, 0, width, height);
    pen.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    pen.drawImage(image, 0, 0, width, height, null);
    pen.dispose();
    return on;
  }

  private static BufferedImage turned(BufferedImage image, int turn) {
    if (turn == 1) {
      return image;
    }
    int width = image.getWidth();
    int height = image.getHeight();
    boolean lying = turn >= TURNED_FROM;
    var on =
        new BufferedImage(
            lying ? height : width, lying ? width : height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D pen = on.createGraphics();
    pen.drawImage(image, transform(turn, width, height), null);
    pen.dispose();
    return on;
  }

  /** Where the dots of a stored picture are seen, by the table of orientations in EXIF 2.3. */
  static AffineTransform transform(int turn, double width, double height) {
    return switch (turn) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, width);
      default -> new AffineTransform();
    };
  }

  /** In grey, for what looks at a picture. */
  static Grey grey(BufferedImage image) {
    int w = image.getWidth();
    int h = image.getHeight();
    var rgb = image.getRGB(0, 0, w, h, null, 0, w);
    for (int i = 0; i < rgb.length; i++) {
      rgb[i] =
          ((rgb[i] >> 16 & 255) * 299 + (rgb[i] >> 8 & 255) * 587 + (rgb[i] & 255) * 114) / 1000;
    }
    return new Grey(w, h, rgb);
  }

  /** As JPEG, without anything the camera wrote. */
  static byte[] jpeg(BufferedImage image) throws IOException {
    var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    var bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      var settings = writer.getDefaultWriteParam();
      settings.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      settings.setCompressionQuality(QUALITY);
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), settings);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
