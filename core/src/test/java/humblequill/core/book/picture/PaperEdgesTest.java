package humblequill.core.book.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sheets are laid into pictures at known corners; what is known beforehand is the check. */
class PaperEdgesTest {
  private static final int W = 240;
  private static final int H = 320;

  /**
   * A sheet on a table: light falls off to one corner, lines are drawn on it, the camera hisses.
   */
  private static Grey photographed(Corners corners, Random random, int table, double fallOff) {
    var light = new int[W * H];
    var dots = corners.scaled(W, H);
    for (int y = 0; y < H; y++) {
      for (int x = 0; x < W; x++) {
        int inside = 0;
        for (int s = 0; s < 16; s++) {
          inside += isInside(dots, x + (s % 4 + .5) / 4, y + (s / 4 + .5) / 4) ? 1 : 0;
        }
        double value = (240. * inside + table * (16. - inside)) / 16;
        value *= 1 - fallOff * (x + y) / (W + H);
        light[y * W + x] =
            (int) Math.max(0, Math.min(255, Math.round(value + random.nextGaussian() * 4)));
      }
    }
    var seen = Homography.to(dots);
    for (int line = 0; line < 12; line++) {
      double u = .1 + .8 * random.nextDouble();
      double v = .1 + .8 * random.nextDouble();
      for (int s = 0; s < 400; s++) {
        u = Math.max(.02, Math.min(.98, u + random.nextGaussian() * .004 + .0012));
        v = Math.max(.02, Math.min(.98, v + random.nextGaussian() * .004));
        var at = seen.seen(u, v);
        light[(int) at.y() * W + (int) at.x()] = 40;
      }
    }
    return new Grey(W, H, light);
  }

  private static boolean isInside(Corners c, double x, double y) {
    var all = c.clockwise();
    for (int i = 0; i < 4; i++) {
      var a = all.get(i);
      var b = all.get((i + 1) % 4);
      if ((b.x() - a.x()) * (y - a.y()) - (b.y() - a.y()) * (x - a.x()) < 0) {
        return false;
      }
    }
    return true;
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
  void findsASheetWithinAHundredth(long seed) {
    var random = new Random(seed);
    double[] at = new double[8];
    for (int i = 0; i < 8; i++) {
      at[i] = .04 + .14 * random.nextDouble();
    }
    var truth =
        new Corners(
            new Spot(at[0], at[1]),
            new Spot(1 - at[2], at[3]),
            new Spot(1 - at[4], 1 - at[5]),
            new Spot(at[6], 1 - at[7]));
    var found = PaperEdges.in(photographed(truth, random, 90, .35)).orElseThrow();
    for (int i = 0; i < 4; i++) {
      assertThat(found.corners().clockwise().get(i).distance(truth.clockwise().get(i)))
          .isLessThan(.01);
    }
    assertThat(found.sure()).isGreaterThan(.8);
  }

  @Test
  void proposesNothingWhereNoPaperStandsOut() {
    var random = new Random(5);
    var even = new int[W * H];
    Arrays.fill(even, 230);
    assertThat(PaperEdges.in(new Grey(W, H, even))).isEmpty();
    var hiss = random.ints((long) W * H, 0, 256).toArray();
    assertThat(PaperEdges.in(new Grey(W, H, hiss))).isEmpty();
    var disc = new int[W * H];
    for (int y = 0; y < H; y++) {
      for (int x = 0; x < W; x++) {
        disc[y * W + x] = Math.hypot(x - 120, y - 160) < 100 ? 240 : 60;
      }
    }
    assertThat(PaperEdges.in(new Grey(W, H, disc))).as("a plate is no sheet").isEmpty();
  }

  /** The light is known: ln of it is a quadratic, and the paper is told back as even. */
  @ParameterizedTest
  @ValueSource(doubles = {0, .2, .5})
  void evensOutTheLightAndLeavesAWashAlone(double fallOff) {
    var light = new int[W * H];
    for (int y = 0; y < H; y++) {
      for (int x = 0; x < W; x++) {
        light[y * W + x] = (int) Math.round(lit(x, y, fallOff) * drawn(x, y));
      }
    }
    var even = EvenLight.on(new Grey(W, H, light)).orElseThrow();
    double first = 0;
    for (int y = 20; y < H; y += 40) {
      for (int x = 20; x < W; x += 40) {
        double seen = lit(x, y, fallOff) * drawn(x, y);
        double gain = even.gain((x + .5) / W, (y + .5) / H);
        double paper = seen * gain / drawn(x, y);
        first = first == 0 ? paper : first;
        assertThat(paper / first).isCloseTo(1, within(.03));
        if (fallOff == 0) {
          assertThat(gain).isCloseTo(1, within(.03));
        }
      }
    }
  }

  private static double lit(int x, int y, double fallOff) {
    double u = (double) x / W;
    double v = (double) y / H;
    return 230 * Math.exp(-fallOff * (.6 * u * u + .4 * v + .15 * u * v));
  }

  /** A grey wash of 60 % over a third of the sheet. */
  private static double drawn(int x, int y) {
    return x > 60 && x < 200 && y > 80 && y < 260 ? .4 : 1;
  }

  @Test
  void leavesTheLightAloneWithoutEnoughPaper() {
    var random = new Random(3);
    var dark = random.doubles(48).toArray();
    var light = new int[W * H];
    for (int i = 0; i < light.length; i++) {
      int tile = i / W / 40 * 6 + i % W / 40;
      light[i] = (int) (220 * Math.exp(-3 * dark[tile])) + random.nextInt(5);
    }
    assertThat(EvenLight.on(new Grey(W, H, light))).isEmpty();
  }

  /** A point keeps its light when the sheet is turned: what was at (u, v) lies at (1 − v, u). */
  @Test
  void lightTurnsWithTheSheet() {
    var light = new EvenLight(java.util.List.of(.1, -.2, .15, .05, -.12, .2));
    var turned = light.turnedRight();
    for (double u = 0; u <= 1; u += .25) {
      for (double v = 0; v <= 1; v += .25) {
        assertThat(turned.gain(1 - v, u)).isCloseTo(light.gain(u, v), within(1e-12));
      }
    }
  }

  /** ISO 216: an A4 page is 210 mm wide and 297 mm high. */
  @Test
  void aSheetHasTheRatioOfTheBooksPages() {
    var a4 = java.util.Optional.of(new humblequill.core.book.Format(210, 297));
    var upright =
        new Corners(new Spot(.1, .1), new Spot(.9, .12), new Spot(.88, .95), new Spot(.12, .9));
    assertThat(Straight.ratio(upright, 900, 1200, a4)).isEqualTo(210. / 297);
    assertThat(Straight.ratio(upright, 1700, 1100, a4)).isCloseTo(420. / 297, within(.001));
    assertThat(Straight.ratio(upright, 1500, 1100, a4)).isCloseTo(297. / 210, within(.001));
    assertThat(Straight.ratio(upright, 1000, 1000, java.util.Optional.empty()))
        .isCloseTo(1, within(.05));
  }
}
