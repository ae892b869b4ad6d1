package humblequill.core.book.picture;

/**
 * Where two pages meet in a picture of both.
 *
 * @param upper where it meets the upper edge of the paper
 * @param lower where it meets the lower edge
 */
public record Gutter(Spot upper, Spot lower) {

  /**
   * The first guess: where the middle line of two equal pages is seen, which is not the middle of
   * the picture when they lie at an angle.
   */
  public static Gutter guessed(Corners both) {
    var seen = Homography.to(both);
    return new Gutter(seen.seen(.5, 0), seen.seen(.5, 1));
  }

  /** The corners of the left page. */
  public Corners left(Corners both) {
    return new Corners(both.upperLeft(), upper, lower, both.lowerLeft());
  }

  /** The corners of the right page. */
  public Corners right(Corners both) {
    return new Corners(upper, both.upperRight(), both.lowerRight(), lower);
  }
}
