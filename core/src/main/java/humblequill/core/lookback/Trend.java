package humblequill.core.lookback;

import humblequill.core.ground.stats.MannKendall;
import humblequill.core.ground.stats.TheilSen;
import java.util.List;
import java.util.Optional;

/**
 * How a figure went from week to week, as far as it can be said.
 *
 * @param weeks how many weeks have a value
 * @param slope by week with its interval; empty for marks and with too few weeks
 * @param order whether values rise or fall in their order; of marks alone
 * @param direction what may be said
 */
public record Trend(
    int weeks, Optional<TheilSen> slope, Optional<MannKendall> order, Direction direction) {
  /** What may be said of it. */
  public enum Direction {
    /** It rises. */
    UP,
    /** It falls. */
    DOWN,
    /** Nothing that so many weeks can show. */
    NONE
  }

  /** A value of a week, counted from the first one. */
  public record Point(int week, double value) {}

  /** Of figures that may take any value. */
  public static Trend of(List<Point> points) {
    if (points.size() < MannKendall.LEAST) {
      return new Trend(points.size(), Optional.empty(), Optional.empty(), Direction.NONE);
    }
    double[] x = points.stream().mapToDouble(Point::week).toArray();
    double[] y = points.stream().mapToDouble(Point::value).toArray();
    var slope = TheilSen.of(x, y);
    var direction =
        slope.isTrend() ? slope.slope() > 0 ? Direction.UP : Direction.DOWN : Direction.NONE;
    return new Trend(points.size(), Optional.of(slope), Optional.empty(), direction);
  }

  /** Of marks, which have many ties. */
  public static Trend ofMarks(List<Point> points) {
    var order = MannKendall.of(points.stream().mapToDouble(Point::value).toArray());
    var direction =
        order.isTrend() ? order.s() > 0 ? Direction.UP : Direction.DOWN : Direction.NONE;
    return new Trend(points.size(), Optional.empty(), Optional.of(order), direction);
  }
}
