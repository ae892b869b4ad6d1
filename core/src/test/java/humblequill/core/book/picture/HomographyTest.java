package humblequill.core.book.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.junit.jupiter.api.Test;

class HomographyTest {
  private static final Corners SPREAD = corners(100, 100, 900, 160, 820, 640, 140, 560);

  private static Corners corners(double... xy) {
    return new Corners(
        new Spot(xy[0], xy[1]),
        new Spot(xy[2], xy[3]),
        new Spot(xy[4], xy[5]),
        new Spot(xy[6], xy[7]));
  }

  /** Worked by hand: the diagonals of (0,0) (4,0) (3,2) (1,2) cross at (2, 4/3). */
  @Test
  void takesTheUnitSquareToATrapezium() {
    var h = Homography.to(corners(0, 0, 4, 0, 3, 2, 1, 2));
    assertThat(List.of(h.a(), h.b(), h.c(), h.d(), h.e(), h.f(), h.g(), h.h()))
        .usingElementComparator((x, y) -> Math.abs(x - y) < 1e-12 ? 0 : 1)
        .containsExactly(4., 2., 0., 0., 4., 0., 0., 1.);
    assertThat(h.seen(.5, .5).x()).isCloseTo(2, within(1e-12));
    assertThat(h.seen(.5, .5).y()).isCloseTo(4. / 3, within(1e-12));
  }

  /**
   * The middle line of a rectangle meets the crossing of its diagonals and the point in which its
   * upright sides meet; both are found here by crossing lines, without any matrix.
   */
  @Test
  void guessesTheGutterWhereTheMiddleLineIsSeen() {
    var gutter = Gutter.guessed(SPREAD);
    assertThat(gutter.upper().x()).isCloseTo(485.554, within(.001));
    assertThat(gutter.upper().y()).isCloseTo(128.917, within(.001));
    assertThat(gutter.lower().x()).isCloseTo(469.544, within(.001));
    assertThat(gutter.lower().y()).isCloseTo(598.770, within(.001));
    var c = SPREAD.clockwise();
    var middle = crossing(c.get(0), c.get(2), c.get(1), c.get(3));
    var vanishing = crossing(c.get(0), c.get(3), c.get(1), c.get(2));
    var upper = crossing(middle, vanishing, c.get(0), c.get(1));
    assertThat(gutter.upper().distance(upper)).isLessThan(1e-9);
    assertThat(gutter.left(SPREAD).upperRight()).isEqualTo(gutter.right(SPREAD).upperLeft());
  }

  private static Spot crossing(Spot a, Spot b, Spot c, Spot d) {
    double across = (b.x() - a.x()) * (d.y() - c.y()) - (b.y() - a.y()) * (d.x() - c.x());
    double t = ((c.x() - a.x()) * (d.y() - c.y()) - (c.y() - a.y()) * (d.x() - c.x())) / across;
    return new Spot(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y()));
  }

  /** Against the eight linear equations of the direct linear transform, solved by a library. */
  @Property(tries = 300)
  void agreesWithAnIndependentSolver(
      @ForAll @DoubleRange(min = 0, max = .3) double p,
      @ForAll @DoubleRange(min = 0, max = .3) double q,
      @ForAll @DoubleRange(min = 0, max = .3) double r,
      @ForAll @DoubleRange(min = 0, max = .3) double s) {
    var corners = corners(p, q, 1 - q, r, 1 - r, 1 - s, s, 1 - p);
    double[][] square = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};
    var m = new double[8][];
    var y = new double[8];
    for (int i = 0; i < 4; i++) {
      double u = square[i][0];
      double v = square[i][1];
      var to = corners.clockwise().get(i);
      m[2 * i] = new double[] {u, v, 1, 0, 0, 0, -u * to.x(), -v * to.x()};
      m[2 * i + 1] = new double[] {0, 0, 0, u, v, 1, -u * to.y(), -v * to.y()};
      y[2 * i] = to.x();
      y[2 * i + 1] = to.y();
    }
    var solved =
        new LUDecomposition(MatrixUtils.createRealMatrix(m))
            .getSolver()
            .solve(new ArrayRealVector(y))
            .toArray();
    var h = Homography.to(corners);
    double[] mine = {h.a(), h.b(), h.c(), h.d(), h.e(), h.f(), h.g(), h.h()};
    for (int i = 0; i < 8; i++) {
      assertThat(mine[i]).isCloseTo(solved[i], within(1e-9));
    }
  }

  @Test
  void namesWhatIsWrongWithFourCorners() {
    assertThat(Corners.WHOLE.slip()).isEmpty();
    assertThat(corners(0, 0, 1, 1, 1, 0, 0, 1).slip()).contains(Corners.Slip.NO_SHEET);
    assertThat(corners(1, 0, 0, 0, 0, 1, 1, 1).slip()).contains(Corners.Slip.MIRRORED);
    assertThat(corners(0, 0, 1, 0, .2, .2, 0, 1).slip()).contains(Corners.Slip.NO_SHEET);
    assertThat(corners(.5, .5, .55, .5, .55, .55, .5, .55).slip()).contains(Corners.Slip.TOO_SMALL);
    assertThat(corners(-.3, 0, 1, 0, 1, 1, 0, 1).slip()).contains(Corners.Slip.OUTSIDE);
    assertThat(corners(.5, .5, .5, .5, .5, .5, .5, .5).slip()).contains(Corners.Slip.NO_SHEET);
  }

  /** Four quarters are a whole turn: a fact of geometry. */
  @Test
  void fourQuartersToTheRightChangeNothing() {
    var c = corners(.1, .05, .9, .1, .95, .9, .02, .97);
    var turned = c.turnedRight().turnedRight().turnedRight().turnedRight();
    for (int i = 0; i < 4; i++) {
      assertThat(turned.clockwise().get(i).distance(c.clockwise().get(i))).isLessThan(1e-12);
    }
    assertThat(c.turnedRight().slip()).isEmpty();
    assertThat(c.turnedRight().upperLeft().x()).isCloseTo(1 - .97, within(1e-12));
  }
}
