package humblequill.core.bench.measure;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;

/**
 * A third point from two known ones and the angles at them.
 *
 * @param along from the first point towards the second
 * @param up at a right angle to that line
 * @param error farthest that the point moves when each angle is read wrong by a degree
 */
public record Triangulation(double along, double up, double error) {
  private static final double MISREAD = 1;

  /**
   * The point.
   *
   * @param base distance of the two known points, above 0
   * @param first angle at the first one, between the line and the third point, in degrees
   * @param second angle at the second one
   * @throws IllegalArgumentException if the two lines never meet
   */
  public static Triangulation of(double base, double first, double second) {
    double third = 180 - first - second;
    if (!(base > 0) || first <= 0 || second <= 0 || third <= 0) {
      throw new InvalidException(Message.of("bench.linesNeverMeet"));
    }
    var point = at(base, first, second);
    double error = 0;
    for (double a : new double[] {-MISREAD, MISREAD}) {
      for (double b : new double[] {-MISREAD, MISREAD}) {
        if (first + a > 0 && second + b > 0 && first + a + second + b < 180) {
          var corner = at(base, first + a, second + b);
          error = Math.max(error, Math.hypot(corner[0] - point[0], corner[1] - point[1]));
        } else {
          error = Double.POSITIVE_INFINITY;
        }
      }
    }
    return new Triangulation(point[0], point[1], error);
  }

  private static double[] at(double base, double first, double second) {
    double a = Math.toRadians(first);
    double b = Math.toRadians(second);
    double distance = base * Math.sin(b) / Math.sin(a + b);
    return new double[] {distance * Math.cos(a), distance * Math.sin(a)};
  }
}
