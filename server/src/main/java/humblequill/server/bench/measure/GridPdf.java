package humblequill.server.bench.measure;

import humblequill.core.bench.measure.SquareGrid;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** A grid as a PDF in true size. */
final class GridPdf {
  private static final double POINTS_A_MILLIMETRE = 72 / 25.4;
  private static final float THIN = 0.4f;
  private static final float FAINT = 0.6f;

  private GridPdf() {}

  static byte[] of(SquareGrid grid, double paperWidth, double paperHeight) throws IOException {
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      var page = new PDPage(new PDRectangle(points(paperWidth), points(paperHeight)));
      document.addPage(page);
      try (var pen = new PDPageContentStream(document, page)) {
        pen.setLineWidth(THIN);
        pen.setStrokingColor(FAINT);
        double right = grid.left() + grid.columns() * grid.paperCell();
        double bottom = grid.top() + grid.rows() * grid.paperCell();
        for (int i = 0; i <= grid.columns(); i++) {
          double x = grid.left() + i * grid.paperCell();
          line(pen, x, paperHeight - grid.top(), x, paperHeight - bottom);
        }
        for (int i = 0; i <= grid.rows(); i++) {
          double y = paperHeight - grid.top() - i * grid.paperCell();
          line(pen, grid.left(), y, right, y);
        }
      }
      document.save(out);
      return out.toByteArray();
    }
  }

  private static void line(PDPageContentStream pen, double x, double y, double toX, double toY)
      throws IOException {
    pen.moveTo(points(x), points(y));
    pen.lineTo(points(toX), points(toY));
    pen.stroke();
  }

  private static float points(double millimetres) {
    return (float) (millimetres * POINTS_A_MILLIMETRE);
  }
}
