package humblequill.server.picture;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
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
    var image = quarters(60, 80);
    image.setRGB(0, 0, seed);
    image.setRGB(30, 30, seed * 31);
    var png = new ByteArrayOutputStream();
    ImageIO.write(image, "png", png);
    return withExif(
        encoded(image, "jpeg"), 1, "2026:03:0%d 07:3%d:00".formatted(1 + seed % 3, seed % 10));
  }

  static byte[] encoded(BufferedImage image, String format) throws IOException {
    var out = new ByteArrayOutputStream();
    ImageIO.write(image, format, out);
    return out.toByteArray();
  }

  /**
   * The same JPEG with an orientation and a time, as EXIF 2.3 lays them out: a first directory with
   * the orientation and the way to a second one, which holds the time.
   */
  public static byte[] withExif(byte[] jpeg, int turn, String time) throws IOException {
    var text = (time + "\0").getBytes(StandardCharsets.US_ASCII);
    var exif = new ByteArrayOutputStream();
    var out = new DataOutputStream(exif);
    out.writeBytes("Exif\0\0MM");
    out.writeShort(42);
    out.writeInt(8);
    out.writeShort(2);
    entry(out, 0x0112, 3, 1, turn << 16);
    entry(out, 0x8769, 4, 1, 38);
    out.writeInt(0);
    out.writeShort(1);
    entry(out, 0x9003, 2, text.length, 56);
    out.writeInt(0);
    out.write(text);
    var whole = new ByteArrayOutputStream();
    var file = new DataOutputStream(whole);
    file.write(jpeg, 0, 2);
    file.writeShort(0xffe1);
    file.writeShort(exif.size() + 2);
    exif.writeTo(file);
    file.write(jpeg, 2, jpeg.length - 2);
    return whole.toByteArray();
  }

  private static void entry(DataOutputStream out, int tag, int type, int count, int value)
      throws IOException {
    out.writeShort(tag);
    out.writeShort(type);
    out.writeInt(count);
    out.writeInt(value);
  }
}
