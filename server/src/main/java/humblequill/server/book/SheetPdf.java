package humblequill.server.book;

import humblequill.core.book.SheetLayout;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;

/** Pictures with words under them on printed sheets. The fonts go into the file. */
final class SheetPdf implements AutoCloseable {
  private static final float TITLE = 15;
  private static final float WORDS = 8.5f;
  private static final float LINE = 10;
  private static final int LINES = 2;

  /** Where the coordinates of a piece of an outline hold its end. */
  private static final Map<Integer, Integer> ENDS =
      Map.of(PathIterator.SEG_QUADTO, 2, PathIterator.SEG_CUBICTO, 4);

  private final PDDocument document = new PDDocument();
  private final Map<Integer, PDFont> fonts = new HashMap<>();
  private final SheetLayout layout;

  SheetPdf(SheetLayout layout, String title) {
    this.layout = layout;
    document.getDocumentInformation().setTitle(title);
  }

  /** A picture and the words under it. */
  interface Tile {
    /** As JPEG; empty where there is none. */
    byte[] picture(int longestDots) throws IOException;

    String caption();
  }

  /** Lays all of them on as many sheets as they need. */
  void write(String title, List<Tile> tiles, OutputStream to) throws IOException {
    for (int from = 0; from < Math.max(1, tiles.size()); from += layout.places()) {
      var some = tiles.subList(from, Math.min(tiles.size(), from + layout.places()));
      var page = new PDPage(new PDRectangle((float) layout.width(), (float) layout.height()));
      document.addPage(page);
      try (var pen = new PDPageContentStream(document, page)) {
        double top = layout.height() - SheetLayout.MARGIN - TITLE;
        text(
            pen,
            fitting(title, TITLE, layout.width() - 2 * SheetLayout.MARGIN),
            TITLE,
            SheetLayout.MARGIN,
            top);
        for (int i = 0; i < some.size(); i++) {
          tile(pen, some.get(i), layout.box(i));
        }
      }
    }
    document.save(to);
  }

  private void tile(PDPageContentStream pen, Tile tile, SheetLayout.Box box) throws IOException {
    var bytes = tile.picture((int) Math.ceil(Math.max(box.width(), box.height()) / 72 * 180));
    if (bytes.length > 0) {
      var image = JPEGFactory.createFromByteArray(document, bytes);
      double scale = Math.min(box.width() / image.getWidth(), box.height() / image.getHeight());
      double width = image.getWidth() * scale;
      double height = image.getHeight() * scale;
      pen.drawImage(
          image,
          (float) (box.x() + (box.width() - width) / 2),
          (float) (box.y() + (box.height() - height) / 2),
          (float) width,
          (float) height);
    } else {
      pen.setLineWidth(0.5f);
      pen.addRect((float) box.x(), (float) box.y(), (float) box.width(), (float) box.height());
      pen.stroke();
    }
    double y = box.y() - LINE;
    for (var line : lines(tile.caption(), box.width())) {
      text(pen, line, WORDS, box.x(), y);
      y -= LINE;
    }
  }

  /** Words in at most two lines, broken between words. */
  private List<String> lines(String words, double width) {
    var lines = new ArrayList<String>();
    var line = "";
    for (var word : words.split(" ")) {
      var longer = line.isEmpty() ? word : line + " " + word;
      if (width(longer, WORDS) <= width || line.isEmpty()) {
        line = longer;
      } else {
        lines.add(line);
        line = word;
      }
    }
    lines.add(line);
    if (lines.size() > LINES) {
      lines.set(LINES - 1, String.join(" ", lines.subList(LINES - 1, lines.size())));
    }
    var shown = new ArrayList<String>();
    for (var each : lines.subList(0, Math.min(LINES, lines.size()))) {
      shown.add(fitting(each, WORDS, width));
    }
    return shown;
  }

  private String fitting(String words, float size, double width) {
    return Lettering.fitting(words, width, some -> width(some, size));
  }

  private double width(String words, float size) {
    return Lettering.runs(words).stream().mapToDouble(run -> width(run, size)).sum();
  }

  private double width(Lettering.Run run, float size) {
    if (run.byTheMachine()) {
      return outlined(run, size).getAdvance();
    }
    try {
      return font(run).getStringWidth(run.text()) / 1000 * size;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private PDFont font(Lettering.Run run) throws IOException {
    var font = fonts.get(run.font());
    if (font == null) {
      try (var in = Lettering.file(run.font())) {
        font = PDType0Font.load(document, in);
      }
      fonts.put(run.font(), font);
    }
    return font;
  }

  /** A font of the machine stays on it; only the shapes of its letters go into the file. */
  private static TextLayout outlined(Lettering.Run run, float size) {
    return new TextLayout(
        run.text(), run.letters().deriveFont(size), new FontRenderContext(null, true, true));
  }

  private void text(PDPageContentStream pen, String words, float size, double x, double y)
      throws IOException {
    double at = x;
    for (var run : Lettering.runs(words)) {
      if (run.byTheMachine()) {
        shapes(pen, outlined(run, size).getOutline(new AffineTransform(1, 0, 0, -1, at, y)));
      } else {
        pen.beginText();
        pen.setFont(font(run), size);
        pen.newLineAtOffset((float) at, (float) y);
        pen.showText(run.text());
        pen.endText();
      }
      at += width(run, size);
    }
  }

  private static void shapes(PDPageContentStream pen, Shape shape) throws IOException {
    float[] p = new float[6];
    float x = 0;
    float y = 0;
    for (var path = shape.getPathIterator(null); !path.isDone(); path.next()) {
      int kind = path.currentSegment(p);
      switch (kind) {
        case PathIterator.SEG_MOVETO -> pen.moveTo(p[0], p[1]);
        case PathIterator.SEG_LINETO -> pen.lineTo(p[0], p[1]);
        // The same curve with two handles.
        case PathIterator.SEG_QUADTO ->
            pen.curveTo(
                towards(x, p[0]),
                towards(y, p[1]),
                towards(p[2], p[0]),
                towards(p[3], p[1]),
                p[2],
                p[3]);
        case PathIterator.SEG_CUBICTO -> pen.curveTo(p[0], p[1], p[2], p[3], p[4], p[5]);
        default -> pen.closePath();
      }
      int end = ENDS.getOrDefault(kind, 0);
      x = p[end];
      y = p[end + 1];
    }
    pen.fill();
  }

  /** Two thirds of the way from an end of a curve to its handle. */
  private static float towards(float end, float handle) {
    return end + (handle - end) * 2 / 3;
  }

  @Override
  public void close() throws IOException {
    document.close();
  }
}
