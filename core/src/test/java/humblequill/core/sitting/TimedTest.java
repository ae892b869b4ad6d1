package humblequill.core.sitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** The clock of a sitting, worked out by hand. Common practice, no published source. */
class TimedTest {
  private static final Instant START = Instant.parse("2026-03-05T10:00:00Z");
  private static final LadderBuilder LADDERS = new LadderBuilder(45 * 60, 5 * 60);

  /** Six poses of a minute. */
  private final Ladder six = LADDERS.allQuick(360, 60);

  private static Timed.Event press(Timed.Press press, int second) {
    return new Timed.Event(press, START.plusSeconds(second));
  }

  private Timed at(int second, Timed.Event... events) {
    return Timed.at(six, START, List.of(events), START.plusSeconds(second));
  }

  @Test
  void goes_by_the_clock() {
    var timed = at(150);
    assertThat(timed.step()).isEqualTo(2);
    assertThat(timed.leftMillis()).isEqualTo(30_000);
    assertThat(timed.stepEnds()).isEqualTo(START.plusSeconds(180));
    assertThat(timed.drawn()).containsOnlyKeys(0, 1);
    assertThat(timed.drawingMillis()).isEqualTo(150_000);
  }

  @Test
  void is_over_when_its_time_is_however_late_one_looks() {
    var timed = at(9000);
    assertThat(timed.over()).isTrue();
    assertThat(timed.endedAt()).isEqualTo(START.plusSeconds(360));
    assertThat(timed.countByLength()).containsExactly(java.util.Map.entry(60, 6));
  }

  @Test
  void a_pause_stops_the_clock() {
    var timed = at(500, press(Timed.Press.PAUSE, 90), press(Timed.Press.RESUME, 490));
    assertThat(timed.step()).isEqualTo(1);
    assertThat(timed.leftMillis()).isEqualTo(20_000);
    assertThat(timed.drawingMillis()).isEqualTo(100_000);
    assertThat(at(300, press(Timed.Press.PAUSE, 90)).paused()).isTrue();
  }

  /** A pose of 90 minutes, rested in once; seconds from its beginning: 2700 drawn, 300 rest. */
  @Test
  void a_rest_within_a_pose_is_no_end_of_it() {
    var pose = LADDERS.own(List.of(new LadderBuilder.Poses(1, 5400)));
    var resting = Timed.at(pose, START, List.of(), START.plusSeconds(2800));
    assertThat(resting.drawn()).isEmpty();
    assertThat(resting.reference()).isZero();
    assertThat(resting.restMillis()).isEqualTo(100_000);

    var goesOn = Timed.at(pose, START, List.of(), START.plusSeconds(3100));
    assertThat(goesOn.reference()).as("the same one after the rest").isZero();
    var whole = Timed.at(pose, START, List.of(), START.plusSeconds(6000));
    assertThat(whole.drawn()).containsExactly(java.util.Map.entry(0, 5400));
    assertThat(whole.unbrokenMillis()).isEqualTo(2_700_000);

    var left = List.of(press(Timed.Press.FINISH, 2800));
    assertThat(Timed.at(pose, START, left, START.plusSeconds(2900)).drawn())
        .as("left in its rest, half of it drawn")
        .containsExactly(java.util.Map.entry(0, 2700));
    var again = List.of(press(Timed.Press.BACK, 2800));
    assertThat(Timed.at(pose, START, again, START.plusSeconds(2900)).drawingMillis())
        .as("begun anew")
        .isEqualTo(100_000);
  }

  /**
   * Sixty minutes with a break of five after 45: stretches of 45 and 15, a pause parts the first.
   */
  @Test
  void the_longest_stretch_ends_with_a_break_or_a_pause() {
    var hour = LADDERS.allQuick(65 * 60, 300);
    var whole = Timed.at(hour, START, List.of(), START.plusSeconds(9000));
    assertThat(whole.unbrokenMillis()).isEqualTo(45 * 60_000);
    var paused = List.of(press(Timed.Press.PAUSE, 20 * 60), press(Timed.Press.RESUME, 22 * 60));
    assertThat(Timed.at(hour, START, paused, START.plusSeconds(9000)).unbrokenMillis())
        .isEqualTo(25 * 60_000);
  }

  @Test
  void a_skipped_reference_costs_no_count_and_no_time() {
    var timed = at(100, press(Timed.Press.SKIP, 80));
    assertThat(timed.step()).isEqualTo(1);
    assertThat(timed.leftMillis()).as("a full minute from the skip on").isEqualTo(40_000);
    assertThat(timed.reference()).as("another one").isEqualTo(2);
    assertThat(timed.drawingMillis()).as("60 + 20").isEqualTo(80_000);
    assertThat(at(9000, press(Timed.Press.SKIP, 80)).drawn()).hasSize(6);
    assertThat(at(9000, press(Timed.Press.SKIP, 80)).endedAt()).isEqualTo(START.plusSeconds(380));
  }

  @Test
  void back_draws_the_one_before_again() {
    var timed = at(80, press(Timed.Press.BACK, 70));
    assertThat(timed.step()).isZero();
    assertThat(timed.drawn()).isEmpty();
    assertThat(timed.leftMillis()).isEqualTo(50_000);
    assertThat(timed.reference()).isZero();
  }

  @Test
  void leaving_early_keeps_what_was_drawn() {
    var half = at(999, press(Timed.Press.FINISH, 150));
    assertThat(half.over()).isTrue();
    assertThat(half.drawn()).as("half of the third").containsOnlyKeys(0, 1, 2);
    assertThat(half.drawn().get(2)).isEqualTo(30);
    assertThat(at(999, press(Timed.Press.FINISH, 149)).drawn()).containsOnlyKeys(0, 1);
  }

  @Test
  void a_break_is_no_drawing_and_can_be_cut_short() {
    var long1 = LADDERS.allQuick(65 * 60, 20 * 60);
    assertThat(long1.steps()).extracting(Step::kind).contains(Step.Kind.BREAK);
    var inBreak = Timed.at(long1, START, List.of(), START.plusSeconds(41 * 60));
    assertThat(long1.steps().get(inBreak.step()).kind()).isEqualTo(Step.Kind.BREAK);
    assertThat(inBreak.restMillis()).isEqualTo(60_000);
    var skipped =
        Timed.at(
            long1,
            START,
            List.of(press(Timed.Press.SKIP, 41 * 60)),
            START.plusSeconds(41 * 60 + 1));
    assertThat(long1.steps().get(skipped.step()).kind()).isEqualTo(Step.Kind.POSE);
    assertThat(skipped.skipped()).isZero();
  }

  /**
   * Whatever is pressed and whenever one looks, the state is the same as looked at step by step.
   */
  @Property(tries = 300)
  void looking_more_often_changes_nothing(
      @ForAll List<@IntRange(max = 4 * 400 - 1) Integer> presses,
      @ForAll @IntRange(max = 800) int until) {
    var events = new ArrayList<Timed.Event>();
    presses.stream().sorted().forEach(p -> events.add(press(Timed.Press.values()[p % 4], p / 4)));
    var straight = Timed.at(six, START, events, START.plusSeconds(until));
    var seen = events.stream().filter(e -> !e.at().isAfter(START.plusSeconds(until))).toList();
    assertThat(Timed.at(six, START, seen, START.plusSeconds(until))).isEqualTo(straight);
    assertThat(straight.drawingMillis()).isLessThanOrEqualTo(until * 1000L);
    assertThat(straight.drawn().size()).isLessThanOrEqualTo(6);
  }
}
