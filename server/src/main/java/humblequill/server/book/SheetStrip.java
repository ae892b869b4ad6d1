package humblequill.server.book;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;

/** Pictures side by side at one height as one PNG, each with its words below. */
final class SheetStrip {
  /** More in one row nobody looks through, and memory has to be bounded. */
  static final int MOST = 40;

  private static final int HEIGHT = 520;
  private static final int GAP = 16;
  private static final int WORDS = 34;
  private static final int TITLE = 44;
  private static final float SMALL = 17;
  private static final float LARGE = 26;
  private static final Color PAPER = new Color(0xf7f2e8);
  private static final Color INK = new Color(0x1f252d);

  private SheetStrip() {}

  static byte[] png(String title, List<SheetPdf.Tile> tiles) throws IOException {
    var pictures = new ArrayList<BufferedImage>();
    int width = GAP;
    for (var tile : tiles) {
      var picture = atHeight(ImageIO.read(new ByteArrayInputStream(tile.picture(2 * HEIGHT))));
      pictures.add(picture);
      width += picture.getWidth() + GAP;
    }
    int top = title.isBlank() ? GAP : GAP + TITLE;
    var strip = new BufferedImage(width, top + HEIGHT + WORDS + GAP, BufferedImage.TYPE_INT_RGB);
    var pen = strip.createGraphics();
    pen.setColor(PAPER);
    pen.fillRect(0, 0, strip.getWidth(), strip.getHeight());
    pen.setColor(INK);
    pen.setRenderingHint(
        RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
    write(pen, LARGE, title, GAP, GAP + (int) LARGE, width - 2 * GAP);
    int x = GAP;
    for (int i = 0; i < pictures.size(); i++) {
      var picture = pictures.get(i);
      pen.drawImage(picture, x, top, null);
      write(
          pen,
          SMALL,
          tiles.get(i).caption(),
          x,
          top + HEIGHT + (int) SMALL + 4,
          picture.getWidth());
      x += picture.getWidth() + GAP;
    }
    pen.dispose();
    var out = new ByteArrayOutputStream();
    ImageIO.write(strip, "png", out);
    return out.toByteArray();
  }

  private static BufferedImage atHeight(BufferedImage picture) {
    int width = Math.max(1, picture.getWidth() * HEIGHT / picture.getHeight());
    var on = new BufferedImage(width, HEIGHT, BufferedImage.TYPE_INT_RGB);
    var pen = on.createGraphics();
    pen.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    pen.drawImage(picture, 0, 0, width, HEIGHT, null);
    pen.dispose();
    return on;
  }

  /** Words on one line, shortened where they would run over. */
  private static void write(Graphics2D pen, float size, String words, int x, int y, int width) {
    var shown = Lettering.fitting(words, width, some -> width(pen, size, some));
    float at = x;
    for (var run : Lettering.runs(shown)) {
      pen.setFont(run.letters().deriveFont(size));
      pen.drawString(run.text(), at, y);
      at += pen.getFontMetrics().stringWidth(run.text());
    }
  }

  private static int width(Graphics2D pen, float size, String words) {
    return Lettering.runs(words).stream()
        .mapToInt(run -> pen.getFontMetrics(run.letters().deriveFont(size)).stringWidth(run.text()))
        .sum();
  }
}
