package humblequill.core.sitting.cabinet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

/** Outlines of areas put together; what is asked of them are facts of plane geometry. */
class RegionTest {
  /** Gauss's shoelace formula. */
  private static double size(double[] row) {
    double size = 0;
    for (int i = 0; i < row.length; i += 2) {
      int j = (i + 2) % row.length;
      size += (row[i] * row[j + 1] - row[j] * row[i + 1]) / 2;
    }
    return size;
  }

  private static double size(List<double[]> rows) {
    return rows.stream().mapToDouble(RegionTest::size).sum();
  }

  /** How often a row runs round a point, counter-clockwise; crossings of a ray to the right. */
  private static int turns(List<double[]> rows, double x, double y) {
    int turns = 0;
    for (var row : rows) {
      for (int i = 0; i < row.length; i += 2) {
        int j = (i + 2) % row.length;
        double side =
            (row[j] - row[i]) * (y - row[i + 1]) - (x - row[i]) * (row[j + 1] - row[i + 1]);
        if (row[i + 1] <= y && row[j + 1] > y && side > 0) {
          turns++;
        } else if (row[i + 1] > y && row[j + 1] <= y && side < 0) {
          turns--;
        }
      }
    }
    return turns;
  }

  /** Cells of a bent grid, some left out, some twice. */
  private static List<double[]> cells(long seed) {
    var random = new SplittableRandom(seed);
    int n = 6;
    var x = new double[n + 1][n + 1];
    var y = new double[n + 1][n + 1];
    for (int i = 0; i <= n; i++) {
      for (int j = 0; j <= n; j++) {
        x[i][j] = 100 * i + random.nextInt(-30, 31);
        y[i][j] = 100 * j + random.nextInt(-30, 31);
      }
    }
    var cells = new ArrayList<double[]>();
    for (int i = 0; i < n; i++) {
      for (int j = 0; j < n; j++) {
        for (int times = random.nextInt(5); times > 2; times--) {
          cells.add(
              new double[] {
                x[i][j],
                y[i][j],
                x[i + 1][j],
                y[i + 1][j],
                x[i + 1][j + 1],
                y[i + 1][j + 1],
                x[i][j + 1],
                y[i][j + 1]
              });
        }
      }
    }
    return cells;
  }

  private static List<double[]> outline(List<double[]> areas) {
    var region = new Region();
    areas.forEach(region::add);
    return region.outline();
  }

  @Test
  void of_two_squares_side_by_side_one_oblong_is_left() {
    var outline =
        outline(
            List.of(new double[] {0, 0, 1, 0, 1, 1, 0, 1}, new double[] {1, 0, 2, 0, 2, 1, 1, 1}));
    assertThat(outline).hasSize(1);
    assertThat(outline.get(0)).hasSize(12);
    assertThat(size(outline)).isCloseTo(2, within(1e-12));
  }

  @Test
  void a_ring_keeps_its_hole() {
    var ring = new ArrayList<double[]>();
    for (int i = 0; i < 3; i++) {
      for (int j = 0; j < 3; j++) {
        if (i != 1 || j != 1) {
          ring.add(new double[] {i, j, i + 1, j, i + 1, j + 1, i, j + 1});
        }
      }
    }
    var outline = outline(ring);
    assertThat(outline).hasSize(2);
    assertThat(size(outline)).isCloseTo(8, within(1e-12));
    assertThat(turns(outline, 1.5, 1.5)).isZero();
    assertThat(turns(outline, 0.5, 1.5)).isEqualTo(1);
  }

  @Test
  void areas_that_touch_at_a_corner_stay_two_or_meet_there() {
    var outline =
        outline(
            List.of(new double[] {0, 0, 1, 0, 1, 1, 0, 1}, new double[] {1, 1, 2, 1, 2, 2, 1, 2}));
    assertThat(size(outline)).isCloseTo(2, within(1e-12));
    assertThat(outline.stream().mapToInt(r -> r.length).sum()).isEqualTo(16);
  }

  @Test
  void nothing_has_no_outline() {
    assertThat(outline(List.of())).isEmpty();
    assertThat(outline(List.of(new double[0]))).isEmpty();
  }

  /** The outline encloses every point as often as the areas together do, whatever they are. */
  @Property(tries = 60)
  void every_point_is_enclosed_as_often_as_before(@ForAll @LongRange long seed) {
    var cells = cells(seed);
    var outline = outline(cells);
    assertThat(size(outline)).isCloseTo(size(cells), within(1e-6));
    var random = new SplittableRandom(seed);
    for (int i = 0; i < 200; i++) {
      double x = random.nextDouble(-50, 650);
      double y = random.nextDouble(-50, 650);
      assertThat(turns(outline, x, y)).isEqualTo(turns(cells, x, y));
    }
  }

  /** Where the same area was added once, no edge of the outline has an area on either side. */
  @Property(tries = 60)
  void no_edge_runs_both_ways(@ForAll @LongRange long seed) {
    var edges = new ArrayList<List<Double>>();
    for (var row : outline(cells(seed))) {
      for (int i = 0; i < row.length; i += 2) {
        int j = (i + 2) % row.length;
        edges.add(List.of(row[i], row[i + 1], row[j], row[j + 1]));
      }
    }
    for (var edge : edges) {
      assertThat(edges).doesNotContain(List.of(edge.get(2), edge.get(3), edge.get(0), edge.get(1)));
    }
  }
}
