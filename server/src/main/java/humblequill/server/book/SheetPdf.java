package humblequill.server.book;

import humblequill.core.book.SheetLayout;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
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

  private final PDDocument document = new PDDocument();
  private final List<PDFont> fonts = new ArrayList<>();
  private final SheetLayout layout;

  SheetPdf(SheetLayout layout, String title) throws IOException {
    this.layout = layout;
    document.getDocumentInformation().setTitle(title);
    for (var name : List.of("latin", "latin-ext")) {
      try (var in = SheetPdf.class.getResourceAsStream("/fonts/alegreya-sans-" + name + ".ttf")) {
        fonts.add(PDType0Font.load(document, in));
      }
    }
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
  private List<String> lines(String words, double width) throws IOException {
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

  private String fitting(String words, float size, double width) throws IOException {
    var shown = words;
    while (!shown.isEmpty() && width(shown.equals(words) ? shown : shown + "…", size) > width) {
      shown = shown.substring(0, shown.offsetByCodePoints(shown.length(), -1));
    }
    return shown.equals(words) ? words : shown + "…";
  }

  /** A piece of text that one font can write. */
  private record Run(PDFont font, String text) {}

  /** What no font of ours has stands as a question mark. */
  private List<Run> runs(String words) {
    var runs = new ArrayList<Run>();
    words
        .codePoints()
        .forEach(
            point -> {
              var one = Character.toString(point);
              var font = fonts.stream().filter(f -> has(f, one)).findFirst();
              var run = new Run(font.orElse(fonts.get(0)), font.isPresent() ? one : "?");
              if (!runs.isEmpty() && runs.get(runs.size() - 1).font == run.font) {
                run = new Run(run.font, runs.remove(runs.size() - 1).text + run.text);
              }
              runs.add(run);
            });
    return runs;
  }

  private static boolean has(PDFont font, String one) {
    try {
      font.encode(one);
      return true;
    } catch (IOException | IllegalArgumentException e) {
      return false;
    }
  }

  private double width(String words, float size) throws IOException {
    double width = 0;
    for (var run : runs(words)) {
      width += run.font.getStringWidth(run.text) / 1000 * size;
    }
    return width;
  }

  private void text(PDPageContentStream pen, String words, float size, double x, double y)
      throws IOException {
    pen.beginText();
    pen.newLineAtOffset((float) x, (float) y);
    for (var run : runs(words)) {
      pen.setFont(run.font, size);
      pen.showText(run.text);
    }
    pen.endText();
  }

  @Override
  public void close() throws IOException {
    document.close();
  }
}
