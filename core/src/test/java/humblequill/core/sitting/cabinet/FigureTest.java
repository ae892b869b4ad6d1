package humblequill.core.sitting.cabinet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The model behind the figures, against published tables and by thousands of seeds. */
class FigureTest {
  private static final int SEEDS = 10_000;

  /**
   * Heights of an upright adult as shares of stature: R. Drillis and R. Contini, "Body Segment
   * Parameters", 1966, as reprinted in D. A. Winter, "Biomechanics and Motor Control of Human
   * Movement"; from memory. The arm's own lengths miss its heights by up to 0.002 in the table.
   */
  @ParameterizedTest
  @CsvSource({
    "HEAD_TOP, 1.000, 0",
    "CHIN, 0.870, 0",
    "LEFT_SHOULDER, 0.818, 0",
    "LEFT_ELBOW, 0.630, 0.002",
    "LEFT_WRIST, 0.485, 0.002",
    "LEFT_HIP, 0.530, 0",
    "LEFT_KNEE, 0.285, 0",
    "RIGHT_ANKLE, 0.039, 0"
  })
  void heights_of_the_segment_table(Landmark landmark, double height, double off) {
    var root = new Skeleton.Frame(new Vector3D(0, Body.AVERAGE.hipHeight(), 0), Turns.y(0));
    var upright = Skeleton.posed(Body.AVERAGE, root, new Posture(), Map.of()).orElseThrow();
    assertThat(upright.landmarks().get(landmark).getY()).isCloseTo(height, within(off + 1e-9));
  }

  /** The same table: what closes to 1, and single lengths. */
  @Test
  void lengths_close_as_in_the_table() {
    var b = Body.AVERAGE;
    assertThat(b.head() + b.neck() + b.trunk() + b.hipHeight()).isCloseTo(1, within(1e-12));
    assertThat(b.shank() + b.ankleHeight()).isCloseTo(0.285, within(1e-12));
    assertThat(b.trunk()).isCloseTo(0.288, within(1e-12));
    assertThat(List.of(b.upperArm(), b.forearm(), b.hand())).containsExactly(0.186, 0.146, 0.108);
    assertThat(List.of(b.foot(), b.footBreadth(), b.shoulderHalf(), b.hipHalf()))
        .containsExactly(0.152, 0.055, 0.129, 0.0955);
  }

  /** AAOS, "Joint Motion: Method of Measuring and Recording", 1965; from memory. */
  @ParameterizedTest
  @CsvSource({
    "SHOULDER_FLEX, -60, 180",
    "ELBOW, 0, 150",
    "WRIST, -70, 80",
    "HIP_FLEX, -30, 120",
    "HIP_OUT, -30, 45",
    "KNEE, 0, 135",
    "ANKLE, -50, 20",
    "NECK_FLEX, -45, 45",
    "TRUNK_SIDE, -35, 35"
  })
  void ranges_of_the_published_table(Motion motion, double least, double most) {
    assertThat(motion.least()).isEqualTo(least);
    assertThat(motion.most()).isEqualTo(most);
    assertThat(motion.allows(most + 1)).isFalse();
  }

  @Test
  void masses_make_one_body_and_its_centre_lies_in_the_pelvis() {
    double limbs =
        Balance.UPPER_ARM
            + Balance.FOREARM
            + Balance.HAND
            + Balance.THIGH
            + Balance.SHANK
            + Balance.FOOT;
    assertThat(Balance.HEAD_AND_NECK + Balance.TRUNK + 2 * limbs).isCloseTo(1, within(1e-9));
    assertThat(Balance.centre(Figures.upright()).getY())
        .as("54 to 58 % of stature, a fact of the trade, from memory")
        .isBetween(0.54, 0.58);
    assertThat(Balance.stands(Figures.upright(), 0.02)).isTrue();
  }

  /** No broken limb, no joint past its range, no part through another, no fall: by seeds. */
  @ParameterizedTest
  @EnumSource(Figures.Action.class)
  void every_seed_makes_a_figure_that_could_be(Figures.Action action) {
    var seen = new HashSet<Vector3D>();
    int seeds = action == Figures.Action.STANDING ? SEEDS : SEEDS / 4;
    for (long seed = 0; seed < seeds; seed++) {
      var figure = Figures.of(seed, action);
      var s = figure.skeleton();
      assertThat(figure.action()).as("seed %d found a pose", seed).isEqualTo(action);
      for (var side : Side.values()) {
        var arm = s.arms().get(side);
        var leg = s.legs().get(side);
        length(seed, arm.shoulder(), arm.elbow(), s.body().upperArm());
        length(seed, arm.elbow(), arm.wrist(), s.body().forearm());
        length(seed, arm.wrist(), arm.tip(), s.body().hand());
        length(seed, leg.hip(), leg.knee(), s.body().thigh());
        length(seed, leg.knee(), leg.ankle(), s.body().shank());
        for (var motion : Motion.values()) {
          assertThat(s.posture().of(motion, motion.sided() ? side : Side.LEFT))
              .as("seed %d, %s", seed, motion)
              .isBetween(motion.least() - 0.01, motion.most() + 0.01);
        }
        assertThat(bend(leg.hip(), leg.knee(), leg.ankle()))
            .as("seed %d, knee as it lies in space", seed)
            .isCloseTo(s.posture().of(Motion.KNEE, side), within(0.01));
        assertThat(bend(arm.shoulder(), arm.elbow(), arm.wrist()))
            .isCloseTo(s.posture().of(Motion.ELBOW, side), within(0.01));
      }
      apart(seed, s);
      if (action == Figures.Action.STANDING) {
        assertThat(inside(Balance.centre(s), Balance.outline(s))).as("seed %d", seed).isTrue();
      }
      seen.add(s.arms().get(Side.LEFT).tip());
    }
    assertThat(seen).as("no two alike").hasSize(seeds);
  }

  private static void length(long seed, Vector3D a, Vector3D b, double length) {
    assertThat(a.distance(b)).as("seed %d", seed).isCloseTo(length, within(1e-9));
  }

  private static double bend(Vector3D a, Vector3D joint, Vector3D b) {
    return Math.toDegrees(Vector3D.angle(joint.subtract(a), b.subtract(joint)));
  }

  /** Measured anew from points along the parts. */
  private static void apart(long seed, Skeleton s) {
    var bars = Flesh.bars(s);
    for (int i = 0; i < bars.size(); i++) {
      for (int j = i + 1; j < bars.size(); j++) {
        var a = bars.get(i);
        var b = bars.get(j);
        double least = (1 - Flesh.SOFT) * (a.radius() + b.radius());
        boolean near =
            a.a().distance(b.a()) < least + a.a().distance(a.b()) + b.a().distance(b.b());
        if (!Flesh.joined(a, b) && near) {
          assertThat(sampled(a, b))
              .as("seed %d: %s, %s", seed, a, b)
              .isGreaterThanOrEqualTo(least - 1e-9);
        }
      }
    }
  }

  private static double sampled(Flesh.Bar a, Flesh.Bar b) {
    double least = Double.MAX_VALUE;
    for (int i = 0; i <= 10; i++) {
      var p = a.a().add(a.b().subtract(a.a()).scalarMultiply(i / 10.0));
      for (int j = 0; j <= 10; j++) {
        least =
            Math.min(least, p.distance(b.a().add(b.b().subtract(b.a()).scalarMultiply(j / 10.0))));
      }
    }
    return least;
  }

  /** By the angles to the corners, which add up to a full turn inside only. */
  private static boolean inside(Vector3D c, List<Vector3D> corners) {
    double turn = 0;
    for (int i = 0; i < corners.size(); i++) {
      var a = corners.get(i).subtract(c);
      var b = corners.get((i + 1) % corners.size()).subtract(c);
      turn +=
          Math.atan2(
              a.getX() * b.getZ() - a.getZ() * b.getX(), a.getX() * b.getX() + a.getZ() * b.getZ());
    }
    return Math.abs(turn) > Math.PI;
  }

  @Property(tries = 300)
  void the_distance_of_two_stretches_is_the_least_there_is(
      @ForAll @Size(12) List<@DoubleRange(min = -1, max = 1) Double> x) {
    var p = new ArrayList<Vector3D>();
    for (int i = 0; i < 12; i += 3) {
      p.add(new Vector3D(x.get(i), x.get(i + 1), x.get(i + 2)));
    }
    double found = Flesh.distance(p.get(0), p.get(1), p.get(2), p.get(3));
    double sampled =
        sampled(
            new Flesh.Bar(Flesh.Part.CHEST, p.get(0), p.get(1), 0),
            new Flesh.Bar(Flesh.Part.SKULL, p.get(2), p.get(3), 0));
    assertThat(found).isLessThanOrEqualTo(sampled + 1e-9);
    assertThat(sampled - found).as("steps of a tenth").isLessThan(0.4);
  }
}
