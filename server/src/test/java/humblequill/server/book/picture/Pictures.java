package humblequill.server.book.picture;

import humblequill.server.demo.CameraExif;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;

/** Picture files made for the tests. */
public final class Pictures {
  private Pictures() {}

  /** Red upper left, green upper right, blue lower left, white lower right. */
  static BufferedImage quarters(int width, int height) {
    var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        boolean left = x < width / 2;
        boolean upper = y < height / 2;
        var color = upper ? (left ? Color.RED : Color.GREEN) : (left ? Color.BLUE : Color.WHITE);
        image.setRGB(x, y, color.getRGB());
      }
    }
    return image;
  }

  /** A small JPEG that no other test has. */
  public static byte[] jpeg(int seed) throws IOException {
    return jpeg(seed, "2026:03:0%d 07:3%d:00".formatted(1 + seed % 3, seed % 10));
  }

  /** The same, taken at a time as cameras write it. */
  public static byte[] jpeg(int seed, String taken) throws IOException {
    var image = quarters(60, 80);
    image.setRGB(0, 0, seed);
    image.setRGB(30, 30, seed * 31);
    return CameraExif.into(encoded(image, "jpeg"), 1, taken);
  }

  static byte[] encoded(BufferedImage image, String format) throws IOException {
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }
}
