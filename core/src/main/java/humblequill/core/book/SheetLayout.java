package humblequill.core.book;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/**
 * Where pictures stand on a printed sheet, in points of 1/72 inch from the lower left, as PDF
 * counts.
 *
 * @param width of the sheet
 * @param height of the sheet
 * @param columns side by side
 * @param rows one below the other
 */
public record SheetLayout(double width, double height, int columns, int rows) {
  /** The most pictures on one sheet. */
  public static final int MOST = 30;

  /** Free edge around, 15 mm. */
  public static final double MARGIN = 42.5;

  /** Room for the title at the head of each sheet. */
  public static final double HEAD = 34;

  /** Room for the words under each picture. */
  public static final double CAPTION = 26;

  private static final double GAP = 10;

  /** Usual pages are higher than wide by the root of two, as ISO 216 has them. */
  private static final double USUAL_RATIO = Math.sqrt(2);

  private static final double POINTS_IN_AN_INCH = 72;
  private static final double MM_IN_AN_INCH = 25.4;

  /** The paper that is printed on. */
  public enum Paper {
    /** 210 × 297 mm, ISO 216. */
    A4(210, 297),
    /** 8½ × 11 inches. */
    LETTER(8.5 * MM_IN_AN_INCH, 11 * MM_IN_AN_INCH);

    private final double widthMm;
    private final double heightMm;

    Paper(double widthMm, double heightMm) {
      this.widthMm = widthMm;
      this.heightMm = heightMm;
    }
  }

  /** Room of one picture, without its caption. */
  public record Box(double x, double y, double width, double height) {}

  /**
   * The layout with the largest pictures of the usual shape.
   *
   * @param perSheet how many pictures go on one sheet, 1 to {@value #MOST}
   */
  public static SheetLayout of(Paper paper, int perSheet) {
    if (perSheet < 1 || perSheet > MOST) {
      throw new InvalidException(
          Message.of("book.picturesASheet", "most", MOST, "pictures", perSheet));
    }
    double width = paper.widthMm / MM_IN_AN_INCH * POINTS_IN_AN_INCH;
    double height = paper.heightMm / MM_IN_AN_INCH * POINTS_IN_AN_INCH;
    SheetLayout best = null;
    for (int columns = 1; columns <= perSheet; columns++) {
      int rows = (perSheet + columns - 1) / columns;
      var layout = new SheetLayout(width, height, columns, rows);
      if (best == null || layout.shown() > best.shown()) {
        best = layout;
      }
    }
    return best;
  }

  /** How wide a picture of the usual shape is in its box. */
  private double shown() {
    var box = box(0);
    return Math.min(box.width, box.height / USUAL_RATIO);
  }

  /** How many pictures go on one sheet. */
  public int places() {
    return columns * rows;
  }

  /**
   * The room of a picture.
   *
   * @param place from 0 on, row by row
   */
  public Box box(int place) {
    double cellWidth = (width - 2 * MARGIN - (columns - 1) * GAP) / columns;
    double cellHeight = (height - 2 * MARGIN - HEAD - (rows - 1) * GAP) / rows;
    int column = place % columns;
    int row = place / columns;
    double top = height - MARGIN - HEAD - row * (cellHeight + GAP);
    return new Box(
        MARGIN + column * (cellWidth + GAP),
        top - cellHeight + CAPTION,
        cellWidth,
        cellHeight - CAPTION);
  }
}
