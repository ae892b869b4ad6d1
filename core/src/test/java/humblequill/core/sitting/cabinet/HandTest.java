package humblequill.core.sitting.cabinet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hands against published lengths and ranges, and facts of anatomy. */
class HandTest {
  private static final Grip FLAT = new Grip(new double[4], new double[4], 0, 0, 0);

  private static Hand hand(Grip grip) {
    return new Hand(Vector3D.ZERO, Turns.y(0), Side.LEFT, 1, grip);
  }

  /**
   * A. Buryanov and V. Kotiuk, "Proportions of Hand Segments", International Journal of Morphology
   * 28(3), 2010: mean lengths of the bones in millimetres; from memory. The hand is 187 mm here.
   */
  @ParameterizedTest
  @CsvSource({
    "index finger, 39.78, 22.38, 15.82",
    "middle finger, 44.63, 26.33, 17.40",
    "ring finger, 41.37, 25.65, 17.30",
    "little finger, 32.74, 18.11, 15.96"
  })
  void bones_of_the_published_table(String finger, double first, double middle, double end) {
    var marks = hand(FLAT).landmarks();
    var knuckle = marks.get("knuckle of the " + finger);
    var joint = marks.get("middle joint of the " + finger);
    var tip = marks.get("tip of the " + finger);
    assertThat(knuckle.distance(joint) * 187).isCloseTo(first, within(1e-9));
    assertThat(joint.distance(tip) * 187)
        .as("and 4 mm of skin over the tip")
        .isCloseTo(middle + end + 4, within(1e-9));
  }

  @Test
  void the_middle_finger_ends_a_hand_below_the_wrist() {
    var marks = hand(FLAT).landmarks();
    assertThat(marks.get("tip of the middle finger").getY()).isCloseTo(-1, within(0.002));
    for (var finger : List.of("index", "ring", "little")) {
      assertThat(marks.get("tip of the " + finger + " finger").getY())
          .as("the middle finger is the longest, a fact of anatomy")
          .isGreaterThan(-1);
    }
  }

  /** AAOS, "Joint Motion: Method of Measuring and Recording", 1965; from memory. */
  @Test
  void fingers_bend_as_far_as_the_published_ranges() {
    assertThat(List.of(Grip.KNUCKLE, Grip.MIDDLE, Grip.THUMB_AWAY, Grip.THUMB_BEND))
        .containsExactly(90.0, 100.0, 70.0, 50.0);
    assertThat(Grip.MIDDLE * Grip.END_SHARE).as("the end joint bends to 90").isLessThan(90);
    assertThat(Motion.FOREARM.least()).isEqualTo(-80);
    assertThat(Motion.FOREARM.most()).isEqualTo(80);
    var over = new Grip(new double[] {0, 91, 0, 0}, new double[4], 0, 0, 0);
    assertThat(over.allowed()).isFalse();
  }

  @Test
  void every_seed_makes_a_grip_within_its_ranges() {
    var random = new SplittableRandom(1);
    for (int i = 0; i < 10_000; i++) {
      var grip = Grip.of(random);
      assertThat(grip.allowed()).as("%s", grip).isTrue();
      var marks = hand(grip).landmarks();
      for (var finger : List.of("index", "middle", "ring", "little")) {
        var tip = marks.get("tip of the " + finger + " finger");
        assertThat(tip.getZ()).as("fingers bend to the palm").isGreaterThanOrEqualTo(-1e-9);
        assertThat(tip.getNorm()).as("none reaches past the straight hand").isLessThan(1.03);
      }
    }
  }

  /** With the palms to the front the thumbs point away from the body: the anatomical position. */
  @Test
  void with_the_palm_to_the_front_the_thumb_is_outside() {
    var posture = new Posture();
    for (var side : Side.values()) {
      posture.set(Motion.FOREARM, side, 80);
    }
    var root = new Skeleton.Frame(new Vector3D(0, Body.AVERAGE.hipHeight(), 0), Turns.y(0));
    var upright = Skeleton.posed(Body.AVERAGE, root, posture, Map.of()).orElseThrow();
    for (var side : Side.values()) {
      var marks = FigureMesh.hand(upright, side).landmarks();
      double thumb = Math.abs(marks.get("tip of the thumb").getX());
      assertThat(thumb).isGreaterThan(Math.abs(marks.get("tip of the little finger").getX()));
      assertThat(thumb).isGreaterThan(Math.abs(marks.get("wrist").getX()));
    }
  }

  /** Hanging at rest, the thumbs lead: the neutral position of the forearm. */
  @Test
  void hanging_at_rest_the_thumb_is_in_front() {
    for (var side : Side.values()) {
      var marks = FigureMesh.hand(Figures.upright(), side).landmarks();
      assertThat(marks.get("tip of the thumb").getZ())
          .isGreaterThan(marks.get("knuckle of the index finger").getZ());
      assertThat(marks.get("knuckle of the index finger").getZ())
          .isGreaterThan(marks.get("knuckle of the little finger").getZ());
    }
  }

  /** The big toes lie next to each other: a fact of anatomy. */
  @Test
  void big_toes_are_inside_and_reach_farthest() {
    var upright = Figures.upright();
    for (var side : Side.values()) {
      var marks =
          new Foot(upright.legs().get(side), side, upright.body().ankleHeight()).landmarks();
      var big = marks.get("tip of the big toe");
      var little = marks.get("tip of the little toe");
      assertThat(Math.abs(big.getX())).isLessThan(Math.abs(little.getX()));
      assertThat(big.getZ()).isGreaterThan(little.getZ());
      assertThat(big.getZ() - marks.get("heel").getZ())
          .as("heel to toe by the segment table, and the skin of the heel")
          .isCloseTo(upright.body().foot(), within(0.002));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "hands, HAND",
    "Hand on a rail, HAND",
    "feet, FOOT",
    " torso, TORSO",
    "heads, HEAD",
    "ears,",
    "'',"
  })
  void parts_in_words_have_their_pictures(String part, Reference.Kind kind) {
    assertThat(Reference.Kind.ofPart(part).orElse(null)).isEqualTo(kind);
  }
}
