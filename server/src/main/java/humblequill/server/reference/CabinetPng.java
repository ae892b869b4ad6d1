package humblequill.server.reference;

import humblequill.core.cabinet.Drawing;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/** Draws a reference as a picture of dots. */
public final class CabinetPng {
  private static final float QUICK = 0.8f;

  private CabinetPng() {}

  /**
   * The picture as PNG.
   *
   * @param pixels width and height
   */
  public static byte[] of(Drawing drawing, int pixels) {
    var image = new BufferedImage(pixels, pixels, BufferedImage.TYPE_INT_RGB);
    var g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.setColor(new Color(Drawing.paper()));
    g.fillRect(0, 0, pixels, pixels);
    g.scale(pixels / drawing.size(), pixels / drawing.size());
    drawing.shapes().forEach(shape -> paint(g, shape, drawing.size()));
    g.dispose();
    return png(image);
  }

  private static void paint(Graphics2D g, Drawing.Shape shape, double size) {
    var path = new Path2D.Double(Path2D.WIND_NON_ZERO);
    for (var row : shape.rows()) {
      path.moveTo(row[0], row[1]);
      for (int i = 2; i < row.length; i += 2) {
        path.lineTo(row[i], row[i + 1]);
      }
      if (!shape.ink().line()) {
        path.closePath();
      }
    }
    g.setColor(new Color(Drawing.colour(shape.ink())));
    if (shape.ink().line()) {
      g.setStroke(
          new BasicStroke(
              (float) (Drawing.width(shape.ink()) * size),
              BasicStroke.CAP_ROUND,
              BasicStroke.JOIN_ROUND));
      g.draw(path);
    } else {
      g.fill(path);
    }
  }

  private static byte[] png(BufferedImage image) {
    var writer = ImageIO.getImageWritersByFormatName("png").next();
    var settings = writer.getDefaultWriteParam();
    settings.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
    settings.setCompressionQuality(QUICK);
    var bytes = new ByteArrayOutputStream();
    try (var out = new MemoryCacheImageOutputStream(bytes)) {
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), settings);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }
}
