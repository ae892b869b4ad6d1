package humblequill.core.bench.measure;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/**
 * A grid of whole squares over a reference and the same grid, larger or smaller, on paper.
 *
 * @param columns squares across
 * @param rows squares down
 * @param referenceCell side of a square on the reference, in its own unit
 * @param paperCell side of a square on the paper, in millimetres
 * @param left empty paper left and right of the grid, in millimetres
 * @param top empty paper above and below it
 */
public record SquareGrid(
    int columns, int rows, double referenceCell, double paperCell, double left, double top) {
  /** Most squares across or down that can be drawn with care. */
  public static final int MOST = 60;

  /** How far from a whole number of rows the reference may be: a hundredth of a square. */
  private static final double NEARLY = 0.01;

  /**
   * The grid with so many squares across. Rows are counted up to a whole one, so that the last may
   * reach beyond the reference.
   *
   * @param width of the reference, in any unit
   * @param height of the reference, in the same unit
   * @param paperWidth of the paper, in millimetres
   * @param paperHeight of the paper, in millimetres
   * @param margin to be kept free on each side, in millimetres
   * @param columns 1 to {@link #MOST}
   * @throws IllegalArgumentException if nothing is left between the margins, or there are too many
   *     squares
   */
  public static SquareGrid of(
      double width,
      double height,
      double paperWidth,
      double paperHeight,
      double margin,
      int columns) {
    if (!(width > 0 && height > 0)) {
      throw new InvalidException(Message.of("bench.referenceWithoutSize"));
    }
    double cell = width / columns;
    int rows = (int) Math.max(1, Math.ceil(height / cell - NEARLY));
    if (columns < 1 || columns > MOST || rows > MOST) {
      throw new InvalidException(Message.of("bench.tooManySquares", "most", MOST));
    }
    double across = paperWidth - 2 * margin;
    double down = paperHeight - 2 * margin;
    if (across <= 0 || down <= 0) {
      throw new InvalidException(Message.of("bench.marginsLeaveNothing"));
    }
    double onPaper = Math.min(across / columns, down / rows);
    return new SquareGrid(
        columns,
        rows,
        cell,
        onPaper,
        (paperWidth - columns * onPaper) / 2,
        (paperHeight - rows * onPaper) / 2);
  }

  /** How many times larger the drawing becomes; the reference in millimetres. */
  public double enlarges() {
    return paperCell / referenceCell;
  }

  /**
   * The largest square that fills a sheet with whole squares: the greatest common divisor of its
   * sides, in whole millimetres.
   */
  public static int largestTile(int width, int height) {
    return height == 0 ? width : largestTile(height, width % height);
  }
}
