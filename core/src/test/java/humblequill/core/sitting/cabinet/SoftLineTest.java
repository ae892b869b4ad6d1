package humblequill.core.sitting.cabinet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Lines through points; what is asked of them are facts of plane geometry. */
class SoftLineTest {
  private static double[] circle(int points) {
    var row = new double[2 * points + 2];
    for (int i = 0; i < points; i++) {
      row[2 * i] = 100 * Math.cos(2 * Math.PI * i / points);
      row[2 * i + 1] = 100 * Math.sin(2 * Math.PI * i / points);
    }
    row[2 * points] = row[0];
    row[2 * points + 1] = row[1];
    return row;
  }

  /**
   * Between two of n points the chord leaves the circle by 1 − cos(π/n) of the radius; the soft
   * line stays within a fifth of that.
   */
  @Property(tries = 40)
  void points_of_a_circle_make_a_circle_again(@ForAll @IntRange(min = 8, max = 60) int points) {
    double chord = 100 * (1 - Math.cos(Math.PI / points));
    var round = SoftLine.through(circle(points));
    for (int i = 0; i < round.length; i += 2) {
      assertThat(Math.hypot(round[i], round[i + 1])).isCloseTo(100, within(chord / 5 + 1e-9));
    }
  }

  @Property(tries = 200)
  void every_point_that_was_given_is_kept(
      @ForAll @Size(min = 4, max = 12) List<@DoubleRange(min = 0, max = 1000) Double> some) {
    var row = some.subList(0, some.size() / 2 * 2).stream().mapToDouble(d -> d).toArray();
    var soft = SoftLine.through(row);
    int points = row.length / 2;
    int between = points < 3 ? 1 : (soft.length / 2 - 1) / (points - 1);
    for (int i = 0; i < points; i++) {
      assertThat(soft[2 * i * between]).isCloseTo(row[2 * i], within(1e-9));
      assertThat(soft[2 * i * between + 1]).isCloseTo(row[2 * i + 1], within(1e-9));
    }
  }

  @Test
  void corners_that_are_meant_stay() {
    double[] roof = {0, 0, 50, 50, 100, 0};
    var kept = SoftLine.through(roof);
    for (int i = 0; i < kept.length; i += 2) {
      assertThat(kept[i + 1])
          .as("straight up, straight down")
          .isCloseTo(50 - Math.abs(kept[i] - 50), within(1e-9));
    }
  }

  /**
   * Where a long straight side runs into a short bend, as a cylinder's into its foot, the line
   * leaves both by less than 0.15 of the short one: a cubic with equal ends leaves its chord by
   * 4/27 of its length times the slope, and no bend here is above 50 degrees, 0.87.
   */
  @Property(tries = 300)
  void a_long_side_does_not_swing_out_over_a_short_one(
      @ForAll @DoubleRange(min = 20, max = 400) double side,
      @ForAll @DoubleRange(min = 1, max = 20) double brief,
      @ForAll @DoubleRange(min = -49, max = 49) double bend) {
    double angle = Math.toRadians(bend);
    double[] row = {
      0, 0, side, 0, side + brief * Math.cos(angle), brief * Math.sin(angle),
    };
    var soft = SoftLine.through(row);
    for (int i = 0; i < soft.length; i += 2) {
      assertThat(distance(soft[i], soft[i + 1], row)).isLessThan(0.15 * brief + 1e-9);
    }
  }

  /** How far a point is from the nearest of the straight stretches. */
  private static double distance(double x, double y, double[] row) {
    double best = Double.MAX_VALUE;
    for (int i = 0; i + 3 < row.length; i += 2) {
      double dx = row[i + 2] - row[i];
      double dy = row[i + 3] - row[i + 1];
      double t = ((x - row[i]) * dx + (y - row[i + 1]) * dy) / (dx * dx + dy * dy);
      double on = Math.max(0, Math.min(1, t));
      best = Math.min(best, Math.hypot(row[i] + on * dx - x, row[i + 1] + on * dy - y));
    }
    return best;
  }

  @Test
  void two_points_are_a_straight_line_and_need_no_help() {
    double[] straight = {3, 4, 30, 40};
    assertThat(SoftLine.through(straight)).containsExactly(straight);
  }

  @Property(tries = 100)
  void what_is_straight_stays_straight(
      @ForAll @DoubleRange(min = -5, max = 5) double slope,
      @ForAll @DoubleRange(min = 0.1, max = 90) double step) {
    double[] row = {0, 0, step, slope * step, 100, slope * 100, 101, slope * 101};
    var soft = SoftLine.through(row);
    for (int i = 0; i < soft.length; i += 2) {
      assertThat(soft[i + 1]).isCloseTo(slope * soft[i], within(1e-9));
    }
  }
}
