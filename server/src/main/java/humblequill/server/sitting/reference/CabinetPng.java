package humblequill.server.sitting.reference;

import humblequill.core.sitting.cabinet.Drawing;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.TreeMap;

/**
 * Draws a reference as a picture of dots.
 *
 * <p>No two colours of ink are equally light, so that the picture is painted in greys, one byte a
 * dot, and every grey then stands for a colour: that of its ink, or one between the two inks next
 * to it where their edge is smoothed.
 */
public final class CabinetPng {
  private static final int GREYS = 256;
  private static final int[] COLOURS = colours();

  private CabinetPng() {}

  /**
   * The picture as PNG.
   *
   * @param pixels width and height
   */
  public static byte[] of(Drawing drawing, int pixels) {
    var image = new BufferedImage(pixels, pixels, BufferedImage.TYPE_BYTE_GRAY);
    var g = image.createGraphics();
    g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    g.setColor(grey(Drawing.paper()));
    g.fillRect(0, 0, pixels, pixels);
    g.scale(pixels / drawing.size(), pixels / drawing.size());
    drawing.shapes().forEach(shape -> paint(g, shape, drawing.size()));
    g.dispose();
    var dots = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
    return PalettePng.of(dots, pixels, COLOURS);
  }

  private static int lightness(int colour) {
    return (77 * (colour >> 16) + 150 * (colour >> 8 & 0xFF) + 29 * (colour & 0xFF)) / GREYS;
  }

  private static Color grey(int colour) {
    int lightness = lightness(colour);
    return new Color(lightness, lightness, lightness);
  }

  /** The colour of every grey: evenly from ink to ink. */
  private static int[] colours() {
    var byLightness = new TreeMap<Integer, Integer>();
    byLightness.put(0, 0);
    byLightness.put(GREYS - 1, 0xFFFFFF);
    byLightness.put(lightness(Drawing.paper()), Drawing.paper());
    for (var ink : Drawing.Ink.values()) {
      byLightness.put(lightness(Drawing.colour(ink)), Drawing.colour(ink));
    }
    var rgb = new int[GREYS];
    for (int i = 0; i < GREYS; i++) {
      var below = byLightness.floorEntry(i);
      var above = byLightness.ceilingEntry(i);
      int apart = above.getKey() - below.getKey();
      for (int shift = 0; shift <= 16; shift += 8) {
        int from = below.getValue() >> shift & 0xFF;
        int to = above.getValue() >> shift & 0xFF;
        int step = apart == 0 ? 0 : (to - from) * (i - below.getKey()) / apart;
        rgb[i] |= (from + step) << shift;
      }
    }
    return rgb;
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
    g.setColor(grey(Drawing.colour(shape.ink())));
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
}
