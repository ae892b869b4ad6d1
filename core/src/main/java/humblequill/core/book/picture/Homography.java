package humblequill.core.book.picture;

/**
 * How a flat sheet is seen at an angle: takes points of the unit square, (0, 0) its upper left
 * corner, to points of a picture. Straight lines stay straight.
 *
 * <p>Formula: P. Heckbert, "Fundamentals of Texture Mapping and Image Warping", 1989, §2.2.3.
 *
 * @param a the matrix row by row, its last figure 1
 */
public record Homography(
    double a, double b, double c, double d, double e, double f, double g, double h) {

  /** The one that takes the corners of the unit square to the corners of a sheet. */
  public static Homography to(Corners corners) {
    var p = corners.upperLeft();
    var q = corners.upperRight();
    var r = corners.lowerRight();
    var s = corners.lowerLeft();
    double dx = p.x() - q.x() + r.x() - s.x();
    double dy = p.y() - q.y() + r.y() - s.y();
    double dx1 = q.x() - r.x();
    double dy1 = q.y() - r.y();
    double dx2 = s.x() - r.x();
    double dy2 = s.y() - r.y();
    double area = dx1 * dy2 - dx2 * dy1;
    double g = (dx * dy2 - dx2 * dy) / area;
    double h = (dx1 * dy - dx * dy1) / area;
    return new Homography(
        q.x() - p.x() + g * q.x(),
        s.x() - p.x() + h * s.x(),
        p.x(),
        q.y() - p.y() + g * q.y(),
        s.y() - p.y() + h * s.y(),
        p.y(),
        g,
        h);
  }

  /** Where a point of the unit square is seen. */
  public Spot seen(double u, double v) {
    double w = g * u + h * v + 1;
    return new Spot((a * u + b * v + c) / w, (d * u + e * v + f) / w);
  }
}
