package humblequill.core.sitting;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** By hand; the median drawn toward the guess is common practice, no published source. */
class SetUpTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

  private static List<SetUp.OfSitting> sittings(int... minutes) {
    return IntStream.range(0, minutes.length)
        .mapToObj(i -> new SetUp.OfSitting(DAY.plusDays(i), minutes[i]))
        .toList();
  }

  @Test
  void nine_sittings_do_not_speak_yet() {
    assertThat(SetUp.of(sittings(4, 4, 4, 4, 4, 4, 4, 4, 4), 10))
        .isEqualTo(new SetUp(10, 9, 9, 4, false));
  }

  /** (10 · 4 + 5 · 10) ÷ 15 = 6. */
  @Test
  void ten_sittings_replace_the_guess_by_their_median_drawn_toward_it() {
    assertThat(SetUp.of(sittings(1, 2, 3, 4, 4, 4, 4, 9, 20, 50), 10))
        .isEqualTo(new SetUp(6, 10, 10, 4, true));
  }

  /** Five days of two sittings at 3 minutes: 6 a day; (5 · 6 + 5 · 10) ÷ 10 = 8. */
  @Test
  void sittings_of_one_day_cost_together() {
    var told =
        IntStream.range(0, 10).mapToObj(i -> new SetUp.OfSitting(DAY.plusDays(i / 2), 3)).toList();
    assertThat(SetUp.of(told, 10)).isEqualTo(new SetUp(8, 10, 5, 6, true));
  }

  private static final Instant BEGIN = Instant.parse("2026-03-05T09:00:00Z");
  private static final Ladder TWO_POSES =
      new Ladder(
          List.of(
              new Step(Step.Kind.POSE, 300, 0, ""),
              new Step(Step.Kind.BREAK, 120, -1, ""),
              new Step(Step.Kind.POSE, 300, 1, "")));

  private static Timed after(int minutes, Timed.Event... events) {
    return Timed.at(TWO_POSES, BEGIN, List.of(events), BEGIN.plusSeconds(minutes * 60L));
  }

  private static Timed.Event at(int minute, Timed.Press press) {
    return new Timed.Event(press, BEGIN.plusSeconds(minute * 60L));
  }

  @Test
  void a_sitting_without_waiting_cost_nothing_beside_drawing_and_breaks_are_no_cost() {
    assertThat(SetUp.measured(BEGIN, after(60), false)).contains(0);
  }

  @Test
  void waiting_and_skipped_references_are_setting_up() {
    var paused = after(60, at(1, Timed.Press.PAUSE), at(8, Timed.Press.RESUME));
    assertThat(SetUp.measured(BEGIN, paused, false)).contains(7);
    var skipped = after(60, at(2, Timed.Press.SKIP));
    assertThat(SetUp.measured(BEGIN, skipped, false)).contains(2);
  }

  @Test
  void a_warm_up_is_all_setting_up() {
    assertThat(SetUp.measured(BEGIN, after(60), true)).contains(10);
  }

  @Test
  void a_wait_of_more_than_an_hour_was_something_else() {
    var left = after(300, at(1, Timed.Press.PAUSE), at(62, Timed.Press.RESUME));
    assertThat(SetUp.measured(BEGIN, left, false)).isEmpty();
    var hour = after(300, at(1, Timed.Press.PAUSE), at(61, Timed.Press.RESUME));
    assertThat(SetUp.measured(BEGIN, hour, false)).contains(60);
  }
}
