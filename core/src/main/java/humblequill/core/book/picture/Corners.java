package humblequill.core.book.picture;

import java.util.List;

/**
 * The four corners of a sheet of paper in a picture, as they lie when the sheet is seen upright.
 */
public record Corners(Spot upperLeft, Spot upperRight, Spot lowerRight, Spot lowerLeft) {
  /** The whole picture. */
  public static final Corners WHOLE =
      new Corners(new Spot(0, 0), new Spot(1, 0), new Spot(1, 1), new Spot(0, 1));

  /** Corners outside the picture by more than this share of it are a slip. */
  private static final double OUTSIDE = .25;

  /** A smaller share of the picture is no sheet anybody wants to see. */
  private static final double LEAST_AREA = .01;

  /** What is wrong with four corners. */
  public enum Slip {
    /** A corner lies far outside the picture. */
    OUTSIDE,
    /** The four do not go around a sheet: sides cross, or a corner points inwards. */
    NO_SHEET,
    /** The sheet would be smaller than a hundredth of the picture. */
    TOO_SMALL,
    /** They go round the wrong way, so that the sheet would be seen mirrored. */
    MIRRORED
  }

  /** The corners clockwise from the upper left. */
  public List<Spot> clockwise() {
    return List.of(upperLeft, upperRight, lowerRight, lowerLeft);
  }

  /** The same from a list of four, clockwise from the upper left. */
  public static Corners of(List<Spot> clockwise) {
    return new Corners(clockwise.get(0), clockwise.get(1), clockwise.get(2), clockwise.get(3));
  }

  /** What is wrong with them as shares of a picture; empty if a sheet can be seen there. */
  public java.util.Optional<Slip> slip() {
    var all = clockwise();
    if (all.stream()
        .anyMatch(
            s -> Math.abs(s.x() - .5) > .5 + OUTSIDE || Math.abs(s.y() - .5) > .5 + OUTSIDE)) {
      return java.util.Optional.of(Slip.OUTSIDE);
    }
    int right = 0;
    int left = 0;
    for (int i = 0; i < all.size(); i++) {
      double bend = cross(all.get(i), all.get((i + 1) % 4), all.get((i + 2) % 4));
      if (bend > 0) {
        right++;
      } else if (bend < 0) {
        left++;
      }
    }
    if (left == all.size()) {
      return java.util.Optional.of(Slip.MIRRORED);
    }
    if (right < all.size()) {
      return java.util.Optional.of(Slip.NO_SHEET);
    }
    return area() < LEAST_AREA ? java.util.Optional.of(Slip.TOO_SMALL) : java.util.Optional.empty();
  }

  private static double cross(Spot a, Spot b, Spot c) {
    return (b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x());
  }

  /** The area they go around, in the square of their unit. */
  double area() {
    var all = clockwise();
    double twice = 0;
    for (int i = 0; i < all.size(); i++) {
      var a = all.get(i);
      var b = all.get((i + 1) % all.size());
      twice += a.x() * b.y() - b.x() * a.y();
    }
    return twice / 2;
  }

  /** The same sheet after the picture was turned a quarter to the right. */
  public Corners turnedRight() {
    return new Corners(
        lowerLeft.turnedRight(),
        upperLeft.turnedRight(),
        upperRight.turnedRight(),
        lowerRight.turnedRight());
  }

  /** The same in another unit. */
  public Corners scaled(double width, double height) {
    return of(clockwise().stream().map(s -> new Spot(s.x() * width, s.y() * height)).toList());
  }

  /**
   * How wide the sheet is for its height, taken from the mean of opposite sides: near enough where
   * it was seen from above, and a guess where it was seen at an angle.
   *
   * @param width of the picture in dots
   * @param height of the picture in dots
   */
  public double guessedRatio(double width, double height) {
    var dots = scaled(width, height);
    return (dots.upperLeft.distance(dots.upperRight) + dots.lowerLeft.distance(dots.lowerRight))
        / (dots.upperLeft.distance(dots.lowerLeft) + dots.upperRight.distance(dots.lowerRight));
  }

  /**
   * The longest side in dots: more dots than that the picture does not tell of the sheet.
   *
   * @param width of the picture in dots
   * @param height of the picture in dots
   */
  public double longestSide(double width, double height) {
    var all = scaled(width, height).clockwise();
    double longest = 0;
    for (int i = 0; i < all.size(); i++) {
      longest = Math.max(longest, all.get(i).distance(all.get((i + 1) % all.size())));
    }
    return longest;
  }
}
