package humblequill.server.picture;

import humblequill.core.picture.Homography;
import humblequill.core.picture.Straight;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.stream.IntStream;

/** Takes a sheet out of a picture: perspective removed, and the light evened out where asked. */
final class Straightened {
  private static final int CHANNELS = 3;
  private static final int WHITE = 255;

  private Straightened() {}

  /**
   * The sheet, each dot a mean of the four around its place in the picture. What lies outside the
   * picture is white.
   *
   * @param image upright, in three bytes a dot
   */
  static BufferedImage of(BufferedImage image, Straight straight, int longest) {
    int w = image.getWidth();
    int h = image.getHeight();
    var size = straight.size(longest, w, h);
    var seen = Homography.to(straight.corners().scaled(w, h));
    var from = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    var out = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_3BYTE_BGR);
    var to = ((DataBufferByte) out.getRaster().getDataBuffer()).getData();
    IntStream.range(0, size.height())
        .parallel()
        .forEach(y -> row(y, size, seen, straight, from, w, h, to));
    return out;
  }

  private static void row(
      int y,
      Straight.Size size,
      Homography seen,
      Straight straight,
      byte[] from,
      int w,
      int h,
      byte[] to) {
    double v = (y + .5) / size.height();
    int at = y * size.width() * CHANNELS;
    var light = straight.light().orElse(null);
    for (int x = 0; x < size.width(); x++) {
      double u = (x + .5) / size.width();
      double below = seen.g() * u + seen.h() * v + 1;
      double px = (seen.a() * u + seen.b() * v + seen.c()) / below - .5;
      double py = (seen.d() * u + seen.e() * v + seen.f()) / below - .5;
      double gain = light == null ? 1 : light.gain(u, v);
      boolean outside = px < -1 || py < -1 || px > w || py > h;
      int left = clamped((int) Math.floor(px), w);
      int right = clamped((int) Math.floor(px) + 1, w);
      int up = clamped((int) Math.floor(py), h);
      int down = clamped((int) Math.floor(py) + 1, h);
      double fx = px - Math.floor(px);
      double fy = py - Math.floor(py);
      for (int c = 0; c < CHANNELS; c++) {
        double value =
            outside
                ? WHITE
                : gain
                    * ((1 - fy)
                            * ((1 - fx) * dot(from, w, left, up, c)
                                + fx * dot(from, w, right, up, c))
                        + fy
                            * ((1 - fx) * dot(from, w, left, down, c)
                                + fx * dot(from, w, right, down, c)));
        to[at++] = (byte) Math.min(WHITE, (int) (value + .5));
      }
    }
  }

  private static int clamped(int at, int size) {
    return Math.max(0, Math.min(size - 1, at));
  }

  private static int dot(byte[] from, int w, int x, int y, int c) {
    return from[(y * w + x) * CHANNELS + c] & WHITE;
  }
}
