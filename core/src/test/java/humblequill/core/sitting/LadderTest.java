package humblequill.core.sitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Ladders fill the time. Common practice, no published source. */
class LadderTest {
  private static final LadderBuilder LADDERS = new LadderBuilder(45 * 60, 5 * 60);

  private static List<Integer> lengths(Ladder ladder) {
    return ladder.steps().stream().map(Step::seconds).toList();
  }

  @Test
  void twenty_six_hulls_at_ninety_seconds_take_39_minutes() {
    var ladder = LADDERS.allQuick(39 * 60, 90);
    assertThat(ladder.drawings()).isEqualTo(26);
    assertThat(ladder.seconds()).isEqualTo(39 * 60);
    assertThat(lengths(ladder)).containsOnly(90);
    assertThat(LADDERS.own(List.of(new LadderBuilder.Poses(26, 90)))).isEqualTo(ladder);
  }

  @Test
  void a_twenty_minute_pose_is_five_and_fifteen() {
    assertThat(lengths(LADDERS.thumbnailThenFinish(20 * 60))).containsExactly(300, 900);
    assertThat(LADDERS.thumbnailThenFinish(40 * 60).drawings()).isEqualTo(2);
  }

  @Test
  void climbing_goes_up_and_never_down() {
    var lengths = lengths(LADDERS.climbing(40 * 60));
    assertThat(lengths).isSorted().startsWith(30).endsWith(600);
  }

  @Test
  void the_own_try_comes_before_the_solution() {
    var ladder = LADDERS.attemptFirst(24 * 60);
    assertThat(ladder.steps())
        .extracting(Step::kind)
        .containsExactly(Step.Kind.OWN_TRY, Step.Kind.REVEAL, Step.Kind.AFTER);
    assertThat(lengths(ladder)).containsExactly(720, 180, 540);
    assertThat(ladder.drawings()).isEqualTo(2);
    assertThat(Step.Kind.OWN_TRY.shows()).as("the solution is hidden").isFalse();
  }

  @Test
  void memory_looks_holds_draws_and_reveals() {
    assertThat(LADDERS.memory(450).steps())
        .extracting(Step::kind)
        .containsExactly(Step.Kind.LOOK, Step.Kind.HOLD, Step.Kind.RECALL, Step.Kind.REVEAL);
    assertThat(lengths(LADDERS.memory(450))).containsExactly(60, 30, 300, 60);
    assertThat(LADDERS.memory(450).drawings()).isEqualTo(1);
  }

  @Test
  void parts_come_in_turn() {
    assertThat(LADDERS.partsOnly(240, 60, List.of("hands", "feet", "torso")).steps())
        .extracting(Step::part)
        .containsExactly("hands", "feet", "torso", "hands");
  }

  @Test
  void what_cannot_be_is_said_with_its_value() {
    assertThatThrownBy(() -> LADDERS.climbing(59)).hasMessageContaining("59");
    assertThatThrownBy(() -> LADDERS.allQuick(5 * 3600, 5)).hasMessageContaining("most=1000");
    assertThatThrownBy(() -> LADDERS.own(List.of())).hasMessageContaining("sitting.noPose");
    assertThatThrownBy(() -> new LadderBuilder.Poses(0, 30))
        .hasMessageContaining("count=0, seconds=30");
  }

  /** A model who holds a long pose rests in it. */
  @Test
  void a_pose_longer_than_the_time_to_a_break_is_parted_by_rests() {
    var ladder = LADDERS.own(List.of(new LadderBuilder.Poses(1, 120 * 60)));
    assertThat(lengths(ladder)).containsExactly(2400, 300, 2400, 300, 2400);
    assertThat(ladder.drawings()).isEqualTo(1);
    assertThat(ladder.drawingSeconds(0)).isEqualTo(120 * 60);
    assertThat(List.of(ladder.goesOn(0), ladder.goesOn(1), ladder.goesOn(2)))
        .containsExactly(false, false, true);

    var lesson = LADDERS.attemptFirst(120 * 60);
    assertThat(lesson.seconds()).isEqualTo(120 * 60);
    assertThat(lesson.steps())
        .extracting(Step::kind)
        .containsExactly(
            Step.Kind.OWN_TRY,
            Step.Kind.BREAK,
            Step.Kind.OWN_TRY,
            Step.Kind.REVEAL,
            Step.Kind.BREAK,
            Step.Kind.AFTER);
    assertThat(LADDERS.memory(120 * 60).steps())
        .as("what is held in mind is not left")
        .filteredOn(s -> s.kind() == Step.Kind.LOOK)
        .hasSize(LADDERS.memory(120 * 60).drawings());
  }

  /** However long the poses, the hand never draws past the time to a break but in its pair. */
  @Property(tries = 1000)
  void own_rows_rest_in_time(
      @ForAll @IntRange(min = 1, max = 4) int count,
      @ForAll @IntRange(min = 5, max = 2 * 3600) int seconds,
      @ForAll @IntRange(min = 1, max = 90) int breakMinutes) {
    var ladder =
        new LadderBuilder(breakMinutes * 60, 60)
            .own(List.of(new LadderBuilder.Poses(count, seconds)));
    int stretch = 0;
    for (var step : ladder.steps()) {
      stretch = step.kind() == Step.Kind.BREAK ? 0 : stretch + step.seconds();
      assertThat(stretch).isLessThanOrEqualTo(breakMinutes * 60);
    }
    assertThat(ladder.drawings()).isEqualTo(count);
    for (int drawing = 0; drawing < count; drawing++) {
      assertThat(ladder.drawingSeconds(drawing)).isEqualTo(seconds);
    }
  }

  /** Every kind fills every time to the second, and no stretch without a break is too long. */
  @Property(tries = 2000)
  void every_ladder_fills_its_time_exactly(
      @ForAll @IntRange(min = 60, max = 5 * 3600) int seconds,
      @ForAll @IntRange(min = 20, max = 1200) int each,
      @ForAll @IntRange(min = 30, max = 90) int breakMinutes,
      @ForAll @IntRange(max = 900) int breakSeconds) {
    var ladders = new LadderBuilder(breakMinutes * 60, breakSeconds);
    for (var ladder :
        List.of(
            ladders.allQuick(seconds, each),
            ladders.climbing(seconds),
            ladders.thumbnailThenFinish(seconds),
            ladders.partsOnly(seconds, each, List.of("hands", "feet")),
            ladders.attemptFirst(seconds),
            ladders.memory(seconds))) {
      assertThat(ladder.seconds()).isEqualTo(seconds);
      assertThat(ladder.steps().get(ladder.steps().size() - 1).kind())
          .isNotEqualTo(Step.Kind.BREAK);
    }
  }

  @Property(tries = 500)
  void a_break_comes_in_time(@ForAll @IntRange(min = 60, max = 5 * 3600) int seconds) {
    int worked = 0;
    var steps = LADDERS.allQuick(seconds, 60).steps();
    for (int i = 0; i < steps.size() - 1; i++) {
      var step = steps.get(i);
      worked = step.kind() == Step.Kind.BREAK ? 0 : worked + step.seconds();
      assertThat(worked).isLessThanOrEqualTo(45 * 60);
    }
  }

  /** 46 minutes with a break after 45: the break is kept, and no pose takes its five minutes. */
  @Test
  void just_past_the_limit_the_break_is_kept_and_no_pose_swells() {
    var ladder = LADDERS.allQuick(46 * 60, 60);
    assertThat(ladder.steps()).filteredOn(s -> s.kind() == Step.Kind.BREAK).hasSize(1);
    assertThat(ladder.steps())
        .filteredOn(s -> s.kind() == Step.Kind.POSE)
        .hasSize(41)
        .allMatch(s -> s.seconds() == 60);
  }

  /** The shape as well as the sum: no pose is twice as long as asked, every stretch has its end. */
  @Property(tries = 1000)
  void every_ladder_keeps_its_shape(
      @ForAll @IntRange(min = 60, max = 5 * 3600) int seconds,
      @ForAll @IntRange(min = 20, max = 1200) int each,
      @ForAll @IntRange(min = 15, max = 90) int breakMinutes,
      @ForAll @IntRange(max = 900) int breakSeconds) {
    var ladders = new LadderBuilder(breakMinutes * 60, breakSeconds);
    var quick = ladders.allQuick(seconds, each);
    if (quick.drawings() > 1) {
      assertThat(quick.steps())
          .filteredOn(s -> s.kind() == Step.Kind.POSE)
          .allMatch(s -> s.seconds() < 2 * each);
    }
    for (var ladder : List.of(quick, ladders.memory(seconds), ladders.climbing(seconds))) {
      int rested =
          ladder.steps().stream()
              .filter(s -> s.kind() == Step.Kind.BREAK)
              .mapToInt(Step::seconds)
              .sum();
      assertThat(ladder.steps()).allMatch(s -> s.seconds() > 0);
      assertThat(2 * rested).isLessThanOrEqualTo(seconds);
      // Breaks of a third of the work and poses that fill a stretch leave nothing to choose.
      boolean usual = 3 * breakSeconds <= breakMinutes * 60 && 3 * each <= breakMinutes * 60;
      boolean roomForMore = usual && breakSeconds > 0 && 2 * (rested + breakSeconds) <= seconds;
      if (roomForMore) {
        assertThat(longestStretchOfSeveral(ladder))
            .as("where the break would leave one drawing only, nothing is there to part")
            .isLessThanOrEqualTo(breakMinutes * 60 + breakSeconds);
      }
    }
  }

  private static int longestStretchOfSeveral(Ladder ladder) {
    int longest = 0;
    int stretch = 0;
    int first = 0;
    for (var step : ladder.steps()) {
      if (step.kind() == Step.Kind.BREAK) {
        stretch = 0;
        continue;
      }
      first = stretch == 0 ? step.drawing() : first;
      stretch += step.seconds();
      longest = step.drawing() > first ? Math.max(longest, stretch) : longest;
    }
    return longest;
  }

  /** Once refused as a step of minus three seconds. */
  @Property(tries = 500)
  void memory_fits_any_breaks(
      @ForAll @IntRange(min = 60, max = 3 * 3600) int seconds,
      @ForAll @IntRange(min = 1, max = 60) int breakMinutes,
      @ForAll @IntRange(min = 1, max = 20) int restMinutes) {
    var ladder = new LadderBuilder(breakMinutes * 60, restMinutes * 60).memory(seconds);
    assertThat(ladder.seconds()).isEqualTo(seconds);
    assertThat(ladder.steps()).allMatch(s -> s.seconds() > 0);
  }
}
