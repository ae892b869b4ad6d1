package humblequill.server.book.picture;

import humblequill.core.book.picture.Homography;
import humblequill.core.book.picture.Straight;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.stream.IntStream;

/** Takes a sheet out of a picture: perspective removed, and the light evened out where asked. */
final class Straightened {
  private static final int CHANNELS = 3;
  private static final int WHITE = 255;

  /** Shares are counted in parts of 256, which is finer than a dot tells. */
  private static final int BITS = 8;

  private static final int ONE = 1 << BITS;
  private static final int BLOCK = 16;

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
    var gains = gains(straight, v, size.width());
    int at = y * size.width() * CHANNELS;
    for (int x = 0; x < size.width(); x++) {
      double u = (x + .5) / size.width();
      double below = seen.g() * u + seen.h() * v + 1;
      double px = (seen.a() * u + seen.b() * v + seen.c()) / below - .5;
      double py = (seen.d() * u + seen.e() * v + seen.f()) / below - .5;
      if (px < -1 || py < -1 || px > w || py > h) {
        for (int c = 0; c < CHANNELS; c++) {
          to[at++] = (byte) WHITE;
        }
        continue;
      }
      double left = Math.max(0, Math.min(w - 1., px));
      double up = Math.max(0, Math.min(h - 1., py));
      int x0 = (int) left;
      int y0 = (int) up;
      int fx = (int) ((left - x0) * ONE);
      int fy = (int) ((up - y0) * ONE);
      int i = (y0 * w + x0) * CHANNELS;
      int right = x0 + 1 < w ? CHANNELS : 0;
      int down = y0 + 1 < h ? w * CHANNELS : 0;
      int gain = gains[x / BLOCK] + (gains[x / BLOCK + 1] - gains[x / BLOCK]) * (x % BLOCK) / BLOCK;
      for (int c = 0; c < CHANNELS; c++, i++) {
        int above = (from[i] & WHITE) * (ONE - fx) + (from[i + right] & WHITE) * fx;
        int under = (from[i + down] & WHITE) * (ONE - fx) + (from[i + down + right] & WHITE) * fx;
        int value = (above * (ONE - fy) + under * fy + ONE * ONE / 2) >> 2 * BITS;
        to[at++] = (byte) Math.min(WHITE, (value * gain + ONE / 2) >> BITS);
      }
    }
  }

  /** The gain at every {@value #BLOCK}th dot of a row; the light is smooth between them. */
  private static int[] gains(Straight straight, double v, int width) {
    var gains = new int[width / BLOCK + 2];
    for (int i = 0; i < gains.length; i++) {
      double u = Math.min(1, (double) i * BLOCK / width);
      gains[i] = (int) Math.round(ONE * straight.light().map(l -> l.gain(u, v)).orElse(1.0));
    }
    return gains;
  }
}
