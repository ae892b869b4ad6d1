package humblequill.server.demo;

import humblequill.core.book.picture.Corners;
import humblequill.core.book.picture.Homography;
import humblequill.core.book.picture.Spot;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Random;
import javax.imageio.ImageIO;

/**
 * A picture of a page as a phone makes it: wobbly ink on paper, some seen at an angle and in uneven
 * light.
 *
 * @param lines what is drawn, as lines through points from 0 to 1
 * @param times how often on the page, 1 to 6
 * @param wobble how unsteady the hand is, 0 to 1
 * @param photographed whether the page lies at an angle on a table
 */
record DemoPicture(
    List<DemoShapes.Line> lines, int times, double wobble, boolean photographed, long seed) {
  private static final int WIDTH = 560;
  private static final int HEIGHT = 792;
  private static final Color PAPER = new Color(0xf8f6ee);
  private static final Color TABLE = new Color(0x8a7a66);
  private static final Color INK = new Color(0x23282f);
  private static final int BETWEEN = 6;
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("uuuu:MM:dd HH:mm:ss");

  /** Where the paper is seen. */
  private static final Corners CORNERS =
      new Corners(new Spot(.08, .06), new Spot(.93, .1), new Spot(.96, .93), new Spot(.04, .95));

  /**
   * The picture as JPEG.
   *
   * @param taken what the camera's clock tells
   */
  byte[] jpeg(LocalDateTime taken) throws IOException {
    var out = new ByteArrayOutputStream();
    ImageIO.write(image(), "jpeg", out);
    return CameraExif.into(out.toByteArray(), 1, TIME.format(taken));
  }

  private BufferedImage image() {
    var image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
    var pen = image.createGraphics();
    pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    pen.setColor(photographed ? TABLE : PAPER);
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    if (photographed) {
      pen.setColor(PAPER);
      var paper = new Path2D.Double();
      for (var corner : CORNERS.clockwise()) {
        if (paper.getCurrentPoint() == null) {
          paper.moveTo(corner.x() * WIDTH, corner.y() * HEIGHT);
        } else {
          paper.lineTo(corner.x() * WIDTH, corner.y() * HEIGHT);
        }
      }
      paper.closePath();
      pen.fill(paper);
    }
    pen.setColor(INK);
    var random = new Random(seed);
    int columns = times <= 1 ? 1 : 2;
    int rows = (times + columns - 1) / columns;
    for (int i = 0; i < times; i++) {
      double x = .06 + .88 * (i % columns) / columns;
      double y = .06 + .88 * (i / columns) / rows;
      double size = .84 / Math.max(columns, rows);
      for (var line : lines) {
        pen.setStroke(
            new BasicStroke(
                (float) (1.6 + random.nextDouble() * 1.6),
                BasicStroke.CAP_ROUND,
                BasicStroke.JOIN_ROUND));
        pen.draw(path(line, x, y, size, random));
      }
    }
    if (photographed) {
      pen.setPaint(
          new RadialGradientPaint(
              WIDTH * .25f,
              HEIGHT * .2f,
              HEIGHT * 1.1f,
              new float[] {0, 1},
              new Color[] {new Color(0, 0, 0, 0), new Color(30, 20, 10, 110)}));
      pen.fillRect(0, 0, WIDTH, HEIGHT);
    }
    pen.dispose();
    return image;
  }

  /** A line as an unsteady hand draws it. */
  private Path2D path(DemoShapes.Line line, double x, double y, double size, Random random) {
    var path = new Path2D.Double();
    var xy = line.xy();
    double driftX = 0;
    double driftY = 0;
    for (int i = 0; i + 3 < xy.length; i += 2) {
      for (int s = 0; s <= BETWEEN; s++) {
        double at = (double) s / BETWEEN;
        driftX = driftX * .7 + random.nextGaussian() * wobble * .006;
        driftY = driftY * .7 + random.nextGaussian() * wobble * .006;
        var seen =
            seen(
                x + size * (xy[i] + (xy[i + 2] - xy[i]) * at) + driftX,
                y + size * (xy[i + 1] + (xy[i + 3] - xy[i + 1]) * at) + driftY);
        if (i == 0 && s == 0) {
          path.moveTo(seen[0], seen[1]);
        } else {
          path.lineTo(seen[0], seen[1]);
        }
      }
    }
    return path;
  }

  /** Where a point of the page is seen. */
  private double[] seen(double x, double y) {
    if (!photographed) {
      return new double[] {x * WIDTH, y * HEIGHT};
    }
    var seen = Homography.to(CORNERS).seen(x, y);
    return new double[] {seen.x() * WIDTH, seen.y() * HEIGHT};
  }
}
