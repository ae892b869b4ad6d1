package humblequill.core.bench.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.bench.measure.EyeLevel.Edge;
import humblequill.core.book.picture.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Measuring helps against values worked out by hand and by others. */
class MeasureTest {
  /** Computed with exact fractions: base 10, 45°/45° and 80°/85°, worst corner of ±1°. */
  @ParameterizedTest
  @CsvSource({"45, 45, 5, 5, .1777", "80, 85, 6.684, 37.905, 5.900"})
  void a_third_point(double a, double b, double along, double up, double error) {
    var point = Triangulation.of(10, a, b);
    assertThat(point.along()).isCloseTo(along, within(5e-4));
    assertThat(point.up()).isCloseTo(up, within(5e-4));
    assertThat(point.error()).isCloseTo(error, within(5e-4));
  }

  @Test
  void lines_that_never_meet_are_refused() {
    assertThatThrownBy(() -> Triangulation.of(10, 95, 90))
        .hasMessageContaining("bench.linesNeverMeet");
    assertThat(Triangulation.of(10, 89, 90).error()).isInfinite();
  }

  /** ISO 216 sizes in millimetres; the greatest common divisor by hand. */
  @ParameterizedTest
  @CsvSource({
    "105, 148, 1",
    "148, 210, 2",
    "210, 297, 3",
    "297, 420, 3",
    "420, 594, 6",
    "594, 841, 1",
    "841, 1189, 29"
  })
  void the_largest_square_of_a_sheet(int width, int height, int tile) {
    assertThat(SquareGrid.largestTile(width, height)).isEqualTo(tile);
  }

  /** By hand: a photo of 10 x 15 with 4 across has 6 rows; on A4 with 10 mm margins. */
  @Test
  void a_grid_of_whole_squares() {
    var grid = SquareGrid.of(10, 15, 210, 297, 10, 4);
    assertThat(grid.rows()).isEqualTo(6);
    assertThat(grid.referenceCell()).isEqualTo(2.5);
    assertThat(grid.paperCell()).isCloseTo(277.0 / 6, within(1e-9));
    assertThat(grid.top()).isCloseTo(10, within(1e-9));
    assertThat(grid.left()).isCloseTo((210 - 4 * 277.0 / 6) / 2, within(1e-9));
    assertThat(grid.enlarges()).isCloseTo(277.0 / 6 / 2.5, within(1e-9));
    assertThatThrownBy(() -> SquareGrid.of(10, 15, 210, 297, 105, 4))
        .hasMessageContaining("bench.marginsLeaveNothing");
    assertThat(SquareGrid.of(1000, 1, 210, 297, 10, 6).rows())
        .as("a strip lower than a hundredth of a square")
        .isEqualTo(1);
  }

  /** Winter's segments: a head of 0.130 of the stature makes 7.69 heads. */
  @Test
  void heads_and_their_room() {
    assertThat(HeadsTall.counted(1, 1 - 0.870)).isCloseTo(7.69, within(0.005));
    var heads = HeadsTall.on(297, 11, HeadsTall.USUAL);
    assertThat(heads.head()).isCloseTo(275 / 7.5, within(1e-9));
    assertThat(heads.marks()).hasSize(9).startsWith(11.0).endsWith(286.0);
    assertThat(HeadsTall.on(297, 18.5, HeadsTall.IDEAL).marks()).hasSize(9).contains(18.5 + 32.5);
  }

  /**
   * By hand: edges through (0,0)-(4,2) and (0,4)-(4,3.5) meet where x/2 = 4 − x/8, at (6.4, 3.2).
   */
  @Test
  void edges_meet_on_the_eye_level() {
    var a = new Edge(new Spot(0, 0), new Spot(4, 2));
    var b = new Edge(new Spot(0, 4), new Spot(4, 3.5));
    var meet = EyeLevel.meet(a, b).orElseThrow();
    assertThat(meet.x()).isCloseTo(6.4, within(1e-9));
    assertThat(meet.y()).isCloseTo(3.2, within(1e-9));
    var c = new Edge(new Spot(0, 0), new Spot(-4, 2));
    var d = new Edge(new Spot(0, 4), new Spot(-4, 3.5));
    assertThat(EyeLevel.of(c, d, a, b).degrees().orElseThrow()).isCloseTo(0, within(1e-9));
    assertThat(EyeLevel.meet(a, new Edge(new Spot(0, 1), new Spot(4, 3)))).isEmpty();
  }

  /** A side of 3, 4 and 5: the hypotenuse is 5/3 of the short side. */
  @Test
  void any_length_is_the_unit_of_others() {
    var corner = new Spot(0, 0);
    var right = new Spot(3, 0);
    var down = new Spot(0, 4);
    assertThat(Units.count(corner, right, right, down)).isCloseTo(5.0 / 3, within(1e-12));
    assertThatThrownBy(() -> Units.count(corner, corner, right, down))
        .hasMessageContaining("bench.unitWithoutLength");
  }
}
