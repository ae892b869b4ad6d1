package humblequill.core.ground.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/**
 * Trends and changes of the yearly flow of the Nile at Aswan, 1871 to 1970, as shipped with R as
 * {@code datasets::Nile}; results by scipy 1.10.1 (theilslopes, kendalltau) and R 4.2.2 (cor.test).
 */
class NileTest {
  private static final double[] FLOW = {
    1120, 1160, 963, 1210, 1160, 1160, 813, 1230, 1370, 1140, 995, 935, 1110, 994, 1020, 960, 1180,
    799, 958, 1140, 1100, 1210, 1150, 1250, 1260, 1220, 1030, 1100, 774, 840, 874, 694, 940, 833,
    701, 916, 692, 1020, 1050, 969, 831, 726, 456, 824, 702, 1120, 1100, 832, 764, 821, 768, 845,
    864, 862, 698, 845, 744, 796, 1040, 759, 781, 865, 845, 944, 984, 897, 822, 1010, 771, 676, 649,
    846, 812, 742, 801, 1040, 860, 874, 848, 890, 744, 749, 838, 1050, 918, 986, 797, 923, 975, 815,
    1020, 906, 901, 1170, 912, 746, 919, 718, 714, 740
  };
  private static final Offset<Double> CLOSE = within(1e-7);

  private static double[] years(int n) {
    return IntStream.range(0, n).asDoubleStream().toArray();
  }

  @Test
  void its_flow_falls() {
    var slope = TheilSen.of(years(100), FLOW);
    assertThat(slope.slope()).isCloseTo(-2.6, CLOSE);
    assertThat(slope.low()).isCloseTo(-3.62790698, within(1e-7));
    assertThat(slope.high()).isCloseTo(-1.42857143, within(1e-7));
    assertThat(slope.isTrend()).isTrue();
    var order = MannKendall.of(FLOW);
    assertThat(order.s()).isEqualTo(-1387);
    assertThat(MannKendall.variance(100, FLOW)).isCloseTo(112728.3333, within(1e-4));
    assertThat(order.p()).isCloseTo(3.658263e-5, within(1e-11));
    assertThat(order.tau()).isCloseTo(-0.2807413347, within(1e-9));
    assertThat(order.isTrend()).isTrue();
  }

  /** G. W. Cobb, "The problem of the Nile", 1978: the change is after 1898, the 28th year. */
  @Test
  void its_level_changed_once() {
    assertThat(ChangePoints.variance(FLOW)).isCloseTo(13998.767677, within(1e-6));
    assertThat(ChangePoints.of(FLOW, 1)).containsExactly(28);
    assertThat(ChangePoints.of(FLOW, 3)).containsExactly(28);
  }

  /**
   * A step is none that a line explains better: A. Zeileis et al., "Testing and dating of
   * structural changes in practice", 2003, take the same series as their example of one.
   */
  @Test
  void its_change_is_a_step_and_no_slope() {
    assertThat(ChangePoints.isRatherALine(years(100), FLOW, List.of(28))).isFalse();
  }

  /**
   * People of the United States in thousands, 1947 to 1962: J. W. Longley, "An appraisal of least
   * squares programs", 1967 (NIST StRD); from memory. They became more year by year.
   */
  @Test
  void what_grows_year_by_year_is_rather_a_line_than_levels() {
    double[] people = {
      107608, 108632, 109773, 110929, 112075, 113270, 115094, 116219, 117388, 118734, 120445,
      121950, 123366, 125368, 127852, 130081
    };
    var changes = ChangePoints.of(people, 3);
    assertThat(changes).as("levels are all that is looked for at first").isNotEmpty();
    assertThat(ChangePoints.isRatherALine(years(16), people, changes)).isTrue();
    assertThat(ChangePoints.isRatherALine(years(16), people, List.of())).isFalse();
  }

  /** Steps of three σ and slopes that rise as far, by seeds: rarely is one taken for the other. */
  @Test
  void steps_and_slopes_are_told_apart() {
    int steps = 0;
    int slopes = 0;
    var random = new Random(4);
    for (int run = 0; run < 400; run++) {
      double[] step = new double[24];
      double[] slope = new double[24];
      for (int i = 0; i < 24; i++) {
        step[i] = (i < 12 ? 0 : 3) + random.nextGaussian();
        slope[i] = i / 4.0 + random.nextGaussian();
      }
      steps += ChangePoints.isRatherALine(years(24), step, ChangePoints.of(step, 3)) ? 1 : 0;
      slopes += ChangePoints.isRatherALine(years(24), slope, ChangePoints.of(slope, 3)) ? 1 : 0;
    }
    assertThat(steps / 400.0).isLessThan(0.05);
    assertThat(slopes / 400.0).isGreaterThan(0.8);
  }

  /** P. K. Sen 1968: slope 4, interval 26/7 to 35/8 at 93 %, reproduced by scipy. */
  @Test
  void the_example_of_sen() {
    double[] t = {1, 2, 3, 4, 10, 12, 18};
    double[] y = {9, 15, 19, 20, 45, 55, 78};
    // The normal value for 93 %.
    var slope = TheilSen.of(t, y, 1.811910673);
    assertThat(slope.slope()).isEqualTo(4);
    assertThat(slope.low()).isCloseTo(26.0 / 7, CLOSE);
    assertThat(slope.high()).isCloseTo(35.0 / 8, CLOSE);
    assertThat(MannKendall.of(y).s()).isEqualTo(21);
    assertThat(MannKendall.of(y).tau()).isEqualTo(1);
    assertThat(MannKendall.of(y).isTrend()).as("seven are too few").isFalse();
  }

  /** Marks have many ties: the slope says nothing, the order does. By R 4.2.2. */
  @Test
  void marks_rise_though_their_median_slope_is_none() {
    double[] marks = {3, 3, 3, 4, 3, 3, 3, 3, 4, 3, 4, 3, 4, 4, 3, 4, 4, 4, 3, 4, 4, 4, 4, 4};
    assertThat(TheilSen.of(years(24), marks).slope()).isZero();
    var order = MannKendall.of(marks);
    assertThat(order.s()).isEqualTo(99);
    assertThat(MannKendall.variance(24, marks)).isCloseTo(1191.6667, within(1e-4));
    assertThat(order.p()).isCloseTo(.004527, within(5e-7));
  }

  @Test
  void what_never_changes_has_no_trend_and_no_phase() {
    double[] flat = new double[20];
    assertThat(MannKendall.of(flat).p()).isEqualTo(1);
    assertThat(MannKendall.of(flat).tau()).isZero();
    assertThat(TheilSen.of(years(20), flat).isTrend()).isFalse();
    assertThat(ChangePoints.of(flat, 3)).isEmpty();
  }

  /** Two levels far apart, each change where it was put; a part has three values at least. */
  @Test
  void changes_are_found_where_they_are() {
    var random = new Random(11);
    double[] values = new double[30];
    for (int i = 0; i < values.length; i++) {
      values[i] = (i < 9 ? 2 : i < 21 ? 9 : 4) + 0.3 * random.nextGaussian();
    }
    assertThat(ChangePoints.of(values, 3)).containsExactly(9, 21);
    assertThat(ChangePoints.of(new double[] {1, 1.1, 5, 5.1, 5}, 3)).isEmpty();
  }
}
