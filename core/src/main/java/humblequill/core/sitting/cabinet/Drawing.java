package humblequill.core.sitting.cabinet;

import java.util.List;
import java.util.Locale;

/**
 * A picture of areas and lines, from the back to the front.
 *
 * @param size width and height
 * @param shapes in the order they are painted
 */
public record Drawing(double size, List<Shape> shapes) {
  private static final int FINE = 10;

  /** What a shape is painted with. */
  public enum Ink {
    /** Lit surface. */
    LIGHT,
    /** Surface turned away a little. */
    HALF,
    /** Surface in its own shade. */
    SHADE,
    /** The deepest of the shade. */
    CORE,
    /** Shadow cast on the ground. */
    CAST,
    /** Outline. */
    CONTOUR,
    /** Outline of a small form. */
    FINE_CONTOUR,
    /** A line over the form. */
    CROSS,
    /** The eye level. */
    LEVEL;

    /** Whether it is a line, not an area. */
    public boolean line() {
      return ordinal() >= CONTOUR.ordinal();
    }
  }

  /**
   * One or several rows of points under one ink: areas are closed, lines are open.
   *
   * @param rows each x, y, x, y …
   */
  public record Shape(Ink ink, List<double[]> rows) {}

  /** The colour of an ink on paper, as red, green and blue. */
  public static int colour(Ink ink) {
    return switch (ink) {
      case LIGHT -> 0xFBF8F1;
      case HALF -> 0xE6DFD0;
      case SHADE -> 0xBDB4A4;
      case CORE -> 0x9A9183;
      case CAST -> 0xDDD5C5;
      case CONTOUR, FINE_CONTOUR -> 0x20262E;
      case CROSS -> 0x6E6A63;
      case LEVEL -> 0xB9B09F;
    };
  }

  /** The width of a line, as a share of the picture's size. */
  public static double width(Ink ink) {
    return switch (ink) {
      case CONTOUR -> 0.0032;
      case FINE_CONTOUR -> 0.0018;
      case CROSS -> 0.0013;
      case LIGHT, HALF, SHADE, CORE, CAST, LEVEL -> 0.001;
    };
  }

  /** The paper it lies on. */
  public static int paper() {
    return 0xF7F3EA;
  }

  /** The picture as SVG. */
  public String svg() {
    return svg(true);
  }

  /**
   * The picture as SVG.
   *
   * @param paper whether paper lies under it; without it can be laid over another
   */
  public String svg(boolean paper) {
    var out = new StringBuilder(60_000);
    int whole = (int) Math.round(size * FINE);
    out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 ")
        .append(whole)
        .append(' ')
        .append(whole)
        .append("\">");
    if (paper) {
      out.append("<rect width=\"100%\" height=\"100%\" fill=\"")
          .append(hex(paper()))
          .append("\"/>");
    }
    for (var shape : shapes) {
      out.append("<path ");
      if (shape.ink().line()) {
        out.append("fill=\"none\" stroke-linecap=\"round\" stroke-linejoin=\"round\" stroke=\"")
            .append(hex(colour(shape.ink())))
            .append("\" stroke-width=\"");
        out.append(Math.round(width(shape.ink()) * size * FINE));
      } else {
        out.append("fill=\"").append(hex(colour(shape.ink())));
      }
      out.append("\" d=\"");
      for (var row : shape.rows()) {
        path(out, row, !shape.ink().line());
      }
      out.append("\"/>");
    }
    return out.append("</svg>").toString();
  }

  /** Steps from point to point, in tenths of a unit: shorter than places. */
  private static void path(StringBuilder out, double[] row, boolean closed) {
    long x = 0;
    long y = 0;
    for (int i = 0; i < row.length; i += 2) {
      long nextX = Math.round(row[i] * FINE);
      long nextY = Math.round(row[i + 1] * FINE);
      if (i == 0) {
        out.append('M').append(nextX).append(' ').append(nextY).append('l');
      } else {
        out.append(nextX - x);
        if (nextY >= y) {
          out.append(' ');
        }
        out.append(nextY - y);
        if (i + 2 < row.length) {
          out.append(' ');
        }
      }
      x = nextX;
      y = nextY;
    }
    if (closed) {
      out.append('z');
    }
  }

  private static String hex(int colour) {
    return String.format(Locale.ROOT, "#%06X", colour);
  }
}
