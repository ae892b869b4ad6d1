package humblequill.core.book.picture;

/**
 * A point of a picture as it is seen, as shares of its width and height from the upper left corner.
 * Figures that keep their unit, as dots, are allowed as well where a method says so.
 */
public record Spot(double x, double y) {
  public Spot {
    if (!Double.isFinite(x) || !Double.isFinite(y)) {
      throw new IllegalArgumentException("A point needs two figures");
    }
  }

  double distance(Spot other) {
    return Math.hypot(x - other.x, y - other.y);
  }

  /** Where the point is seen after the picture was turned a quarter to the right. */
  Spot turnedRight() {
    return new Spot(1 - y, x);
  }
}
