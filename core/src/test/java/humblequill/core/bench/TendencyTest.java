package humblequill.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.bench.Tendency.Standing;
import humblequill.core.book.picture.Spot;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Habits over many comparisons. */
class TendencyTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 5);
  private static final Quantity FOREARM = new Quantity(Quantity.Kind.LENGTH, "forearm");

  private static Case drawn(long seed, double forearm, Random errors) {
    var reference = Benches.cabinet(seed);
    var drawn = new HashMap<>(reference);
    drawn.replaceAll(
        (n, p) -> new Spot(p.x() + 4 * errors.nextGaussian(), p.y() + 4 * errors.nextGaussian()));
    for (var side : List.of("left ", "right ")) {
      var elbow = drawn.get(side + "elbow");
      var wrist = drawn.get(side + "wrist");
      drawn.put(
          side + "wrist",
          new Spot(
              elbow.x() + forearm * (wrist.x() - elbow.x()),
              elbow.y() + forearm * (wrist.y() - elbow.y())));
    }
    return Case.of(DAY, Benches.FIGURE, Benches.held(reference, drawn), Set.of());
  }

  private static List<Case> cases(int from, int count, double forearm) {
    var errors = new Random(7);
    var cases = new ArrayList<Case>();
    for (int i = 0; i < count; i++) {
      cases.add(drawn(from + i, forearm, errors));
    }
    return cases;
  }

  @Test
  void a_habit_that_is_there_is_the_one_that_is_named() {
    var all = Tendency.of(cases(1, 20, 0.85));
    var holds = all.stream().filter(t -> t.standing() == Standing.HOLDS).toList();
    assertThat(holds.get(0).quantity()).isEqualTo(FOREARM);
    assertThat(Math.exp(holds.get(0).mean().mean())).isBetween(0.80, 0.90);
    assertThat(holds.get(0).same()).isGreaterThan(15);
    assertThat(holds).hasSizeLessThanOrEqualTo(3);
  }

  @Test
  void of_chance_alone_almost_nothing_is_named() {
    var all = Tendency.of(cases(300, 20, 1));
    assertThat(all.stream().filter(t -> t.standing() == Standing.HOLDS))
        .hasSizeLessThanOrEqualTo(1);
    assertThat(Tendency.byChance(all)).isBetween(0.5, 3.0);
  }

  @Test
  void four_comparisons_are_too_few() {
    assertThat(Tendency.of(cases(1, 4, 0.7)))
        .extracting(Tendency::standing)
        .containsOnly(Standing.TOO_FEW);
  }

  @Test
  void what_was_meant_so_does_not_count() {
    var reference = Benches.cabinet(4);
    var held = Benches.held(reference, Benches.longer(reference, "left ", 1.5));
    var refused = Set.of("length left thigh");
    assertThat(Case.of(DAY, Benches.FIGURE, held, Set.of()).values())
        .containsKey(new Quantity(Quantity.Kind.LENGTH, "thigh"));
    double both =
        Case.of(DAY, Benches.FIGURE, held, refused)
            .values()
            .get(new Quantity(Quantity.Kind.LENGTH, "thigh"));
    assertThat(both).as("the right one alone").isBetween(-1e-9, 1e-9);
  }

  /** Worked out by hand from the rule: gone at half and within 0, less by the 90 % interval. */
  @Test
  void an_aim_is_judged_after_five_more() {
    var before = List.of(-10.0, -9.0, -11.0, -10.0, -9.5, -10.5);
    assertThat(AimResult.of(before, List.of(-1.0, 0.0, 1.0, 0.5))).isEmpty();
    assertThat(AimResult.of(before, List.of(-1.0, 0.0, 1.0, 0.5, -0.5)))
        .isEqualTo(Optional.of(AimResult.GONE));
    assertThat(AimResult.of(before, List.of(-7.0, -6.0, -6.5, -7.5, -7.0)))
        .isEqualTo(Optional.of(AimResult.LESS));
    assertThat(AimResult.of(before, List.of(-10.0, -9.0, -11.0, -10.0, -9.0)))
        .isEqualTo(Optional.of(AimResult.SAME));
    assertThat(AimResult.of(before, List.of(-14.0, -15.0, -14.0, -13.0, -14.0)))
        .as("worse is no fall")
        .isEqualTo(Optional.of(AimResult.SAME));
  }

  /** A mean over those alone that lean too much would call every learner's lean a habit. */
  @Test
  void the_lean_of_every_attempt_counts_not_only_of_those_beyond_the_tolerance() {
    var lean = new Quantity(Quantity.Kind.LEAN, "");
    int told = 0;
    for (long seed = 1; seed <= 60; seed++) {
      var reference = Benches.cabinet(seed);
      var drawn = Benches.moved(reference, new Similarity(0.5, 2, 3, 4)::apply);
      var held = Benches.held(reference, drawn);
      assertThat(held.findings()).as("2° are within the tolerance").isEmpty();
      var truth = held.lean().orElseThrow().truth();
      var value = Case.of(DAY, Benches.FIGURE, held, Set.of()).values().get(lean);
      if (value != null) {
        told++;
        assertThat(value).isCloseTo(truth < 0 ? -2 : 2, within(1e-6));
      }
    }
    assertThat(told).isGreaterThan(20);
  }

  @Test
  void left_and_right_give_one_value() {
    var values = cases(1, 1, 0.8).get(0).values();
    assertThat(values.keySet().stream().map(Quantity::of))
        .noneMatch(name -> name.startsWith("left ") || name.startsWith("right "));
    assertThat(Tendency.valuesOf(FOREARM, List.of(new Case(DAY, Map.of(FOREARM, -.1)))))
        .containsExactly(-.1);
  }
}
