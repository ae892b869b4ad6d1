package humblequill.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.book.picture.Spot;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Move, turn and scale against published examples. */
class SimilarityTest {
  private static final double NEAR = 1e-9;

  private static List<Spot> spots(double... xy) {
    var spots = new ArrayList<Spot>();
    for (int i = 0; i < xy.length; i += 2) {
      spots.add(new Spot(xy[i], xy[i + 1]));
    }
    return spots;
  }

  private static void is(Similarity s, double scale, double degrees, double x, double y) {
    assertThat(s.scale()).isCloseTo(scale, within(NEAR));
    assertThat(s.degrees()).isCloseTo(degrees, within(1e-6));
    assertThat(s.x()).isCloseTo(x, within(NEAR));
    assertThat(s.y()).isCloseTo(y, within(NEAR));
  }

  /** Umeyama 1991, the example of the paper, as a proper rotation. */
  @Test
  void the_example_of_umeyama() {
    var a = spots(0, 0, 1, 0, 0, 2);
    var b = spots(0, 0, -1, 0, 0, 2);
    var s = Similarity.of(a, b);
    is(s, Math.sqrt(13) / 5, -33.690068, -0.8, 0.4);
    assertThat(s.left(a, b)).isCloseTo(1.6, within(NEAR));
  }

  /** The pair of scipy's documentation, without the reflection that scipy allows. */
  @Test
  void a_mirrored_pair_is_not_mirrored_back() {
    var a = spots(1, 3, 1, 2, 1, 1, 2, 1);
    var b = spots(4, -2, 4, -4, 4, -6, 2, -6);
    var s = Similarity.of(a, b);
    is(s, 10.0 / 7, -36.869898, 4.0 / 7, -38.0 / 7);
    assertThat(s.left(a, b) / Similarity.spread(b)).isCloseTo(24.0 / 49, within(NEAR));
    assertThat(Similarity.of(b, a).scale()).isCloseTo(5.0 / 14, within(NEAR));
  }

  /** Computed by numpy in closed form and by SVD, and by vegan. */
  @Test
  void four_corners_with_errors() {
    var a = spots(0, 0, 4, 0, 4, 3, 0, 3);
    var b = spots(1, 2, 7.2, 3.1, 5.4, 8.2, 0.1, 6.4);
    var s = Similarity.of(a, b);
    is(s, 1.5412125097, 14.8116819610, 1.036, 1.902);
    assertThat(s.left(a, b)).isCloseTo(0.4916, within(NEAR));
  }

  /** A move, turn and scale made by hand is found again. */
  @Test
  void what_was_done_is_found() {
    var a = spots(0, 0, 10, 0, 10, 5, 5, 9, 0, 5);
    var done = new Similarity(2.5, 30, 7, -3);
    var b = a.stream().map(done::apply).toList();
    assertThat(b.get(1).x()).isCloseTo(28.650635095, within(NEAR));
    assertThat(b.get(4).y()).isCloseTo(7.825317547, within(NEAR));
    is(Similarity.of(a, b), 2.5, 30, 7, -3);
    var back = done.back().apply(b.get(3));
    assertThat(back.x()).isCloseTo(5, within(NEAR));
    assertThat(back.y()).isCloseTo(9, within(NEAR));
  }

  @Test
  void points_on_one_spot_are_only_moved() {
    is(Similarity.of(spots(1, 1, 1, 1), spots(3, 4, 5, 6)), 1, 0, 3, 4);
    is(Similarity.of(spots(0, 0, 2, 0), spots(3, 4, 3, 4)), 1, 0, 2, 4);
  }
}
