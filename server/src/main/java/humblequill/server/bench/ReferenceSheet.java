package humblequill.server.bench;

import humblequill.core.book.Format;
import humblequill.server.bench.ComparisonFields.LandmarkPlace;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;

/** A reference at the size of a paper, to trace, to begin from, or to check on a window. */
final class ReferenceSheet {
  /** What of the reference is printed. */
  enum Shows {
    /** As it is. */
    WHOLE,
    /** So faint that one can draw over it. */
    FAINT,
    /** Its landmarks and the lines between them, without the picture. */
    MARKS
  }

  private static final double POINTS_A_MILLIMETRE = 72 / 25.4;
  private static final float PALE = 0.22f;
  private static final float THIN = 0.5f;
  private static final float GREY = 0.45f;

  /** Half the breadth of a mark, in millimetres. */
  private static final double MARK = 1.5;

  private ReferenceSheet() {}

  /**
   * The sheet as PDF.
   *
   * @param picture empty where only marks are wanted
   * @param ratio width ÷ height of the reference
   * @param lines pairs of names
   * @param margin on each side, in millimetres, less than half the paper
   */
  static byte[] of(
      Optional<BufferedImage> picture,
      double ratio,
      List<LandmarkPlace> places,
      List<String[]> lines,
      Format paper,
      double margin,
      Shows shows)
      throws IOException {
    double across = paper.widthMm() - 2 * margin;
    double down = paper.heightMm() - 2 * margin;
    double width = Math.min(across, down * ratio);
    double height = width / ratio;
    double left = (paper.widthMm() - width) / 2;
    double bottom = (paper.heightMm() - height) / 2;
    try (var document = new PDDocument();
        var out = new ByteArrayOutputStream()) {
      var page = new PDPage(new PDRectangle(points(paper.widthMm()), points(paper.heightMm())));
      document.addPage(page);
      try (var pen = new PDPageContentStream(document, page)) {
        if (picture.isPresent() && shows != Shows.MARKS) {
          pen.saveGraphicsState();
          if (shows == Shows.FAINT) {
            var pale = new PDExtendedGraphicsState();
            pale.setNonStrokingAlphaConstant(PALE);
            pen.setGraphicsStateParameters(pale);
          }
          pen.drawImage(
              JPEGFactory.createFromImage(document, picture.get(), 0.9f),
              points(left),
              points(bottom),
              points(width),
              points(height));
          pen.restoreGraphicsState();
        }
        if (shows == Shows.MARKS) {
          var at =
              places.stream().collect(Collectors.toMap(LandmarkPlace::name, Function.identity()));
          pen.setLineWidth(THIN);
          pen.setStrokingColor(GREY);
          marks(pen, at, lines, new Frame(left, bottom, width, height));
        }
      }
      document.save(out);
      return out.toByteArray();
    }
  }

  /** Where the reference lies on the paper, in millimetres from its lower left. */
  private record Frame(double left, double bottom, double width, double height) {
    double x(LandmarkPlace p) {
      return left + p.x() * width;
    }

    double y(LandmarkPlace p) {
      return bottom + (1 - p.y()) * height;
    }
  }

  private static void marks(
      PDPageContentStream pen, Map<String, LandmarkPlace> at, List<String[]> lines, Frame frame)
      throws IOException {
    for (var line : lines) {
      var from = at.get(line[0]);
      var to = at.get(line[1]);
      if (from != null && to != null) {
        line(pen, frame.x(from), frame.y(from), frame.x(to), frame.y(to));
      }
    }
    for (var place : at.values()) {
      double x = frame.x(place);
      double y = frame.y(place);
      line(pen, x - MARK, y, x + MARK, y);
      line(pen, x, y - MARK, x, y + MARK);
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
