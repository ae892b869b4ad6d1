package humblequill.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.coverage.Freshness;
import humblequill.core.coverage.RustAhead;
import humblequill.core.coverage.TopicStanding;
import humblequill.core.coverage.TopicState;
import humblequill.core.entry.Drawn;
import humblequill.core.entry.Drawns;
import humblequill.core.entry.Ledger;
import humblequill.core.entry.Study;
import humblequill.core.review.OfferedChange.Kind;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Changes that follow from a week. */
class OfferedChangeTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final OfferedChange.Ahead AHEAD = new OfferedChange.Ahead("18", "Gulls", 7);

  private static PlannedExercise exercise(String title, int planned, int done) {
    return new PlannedExercise(title, title, false, planned, done, 300, List.of(title + " topic"));
  }

  private static OfferedChange.Ground ground(
      List<PlannedExercise> planned,
      Optional<Double> before,
      List<SaidAgain> said,
      Optional<OfferedChange.Ahead> ahead) {
    var week = WeekFigures.of(Ledger.of(List.of(Drawns.of(MONDAY, "hulls", 3, 300))), MONDAY);
    return new OfferedChange.Ground(week, planned, before, said, List.of(), ahead, 0, 0.5);
  }

  @Test
  void what_was_not_met_is_offered_the_longest_first_and_two_at_most() {
    var planned =
        List.of(
            exercise("met", 5, 6),
            exercise("one left", 5, 4),
            exercise("steps", 10, 7),
            exercise("crane", 8, 1),
            exercise("sheds", 6, 4));
    var offers = OfferedChange.of(ground(planned, Optional.empty(), List.of(), Optional.of(AHEAD)));
    assertThat(offers).extracting(OfferedChange::about).containsExactly("crane", "steps");
    assertThat(offers.get(0).amount()).isEqualTo(7);
    assertThat(offers.get(0).week()).isEqualTo("18");
    assertThat(OfferedChange.of(ground(planned, Optional.empty(), List.of(), Optional.empty())))
        .as("a course that is over")
        .isEmpty();
  }

  /** Half of the time two weeks long: seven days of work take fourteen. */
  @Test
  void two_weeks_far_below_the_plan_stretch_the_next() {
    var half = List.of(exercise("hulls", 10, 5));
    var offer =
        OfferedChange.of(ground(half, Optional.of(0.5), List.of(), Optional.of(AHEAD))).get(0);
    assertThat(offer.kind()).isEqualTo(Kind.STRETCH);
    assertThat(offer.amount()).isEqualTo(14);
    assertThat(OfferedChange.of(ground(half, Optional.of(0.9), List.of(), Optional.of(AHEAD))))
        .as("one bad week is no habit")
        .noneMatch(o -> o.kind() == Kind.STRETCH);
  }

  @Test
  void what_is_said_often_becomes_an_aim_and_what_is_rusty_a_warm_up() {
    var said = List.of(new SaidAgain("verticals lean in", 2, 0), new SaidAgain("flat", 1, 1));
    assertThat(OfferedChange.of(ground(List.of(), Optional.empty(), said, Optional.empty())))
        .extracting(OfferedChange::key)
        .containsExactly("AIM verticals lean in");
    var freshness = new Freshness(0.3, 1, 45, MONDAY.minusDays(80), 80);
    var standing = new TopicStanding("boxes", TopicState.RUSTY, Optional.of(freshness), 120);
    var rusty =
        new RustAhead.Needed(standing, "sheds", "18", Optional.of(18), "Sheds", MONDAY.plusDays(7));
    var ground =
        new OfferedChange.Ground(
            WeekFigures.of(Ledger.EMPTY, MONDAY),
            List.of(),
            Optional.empty(),
            List.of(),
            List.of(rusty),
            Optional.of(AHEAD),
            20,
            0.5);
    assertThat(OfferedChange.of(ground))
        .containsExactly(new OfferedChange(Kind.WARM_UP, "boxes", "sheds", "18", 5, 0, 0.3, 0.5));
  }

  @Test
  void where_little_is_drawn_freely_more_is_kept_for_it() {
    var study = new Drawn.Learned(Drawn.Purpose.STUDY, Optional.empty(), Study.NONE, false);
    var d = Drawns.of(MONDAY, "hulls", 3, 300);
    var drawn =
        new Drawn(
            d.entry(),
            d.day(),
            d.called(),
            d.placement(),
            d.exercise(),
            d.topics(),
            d.medium(),
            d.source(),
            d.book(),
            d.drawings(),
            d.minutes(),
            0,
            0,
            0,
            study);
    var week = WeekFigures.of(Ledger.of(List.of(drawn)), MONDAY);
    var ground =
        new OfferedChange.Ground(
            week, List.of(), Optional.empty(), List.of(), List.of(), Optional.empty(), 20, 0.5);
    assertThat(OfferedChange.of(ground))
        .containsExactly(new OfferedChange(Kind.FREE_SHARE, "", "", "", 30, 0, 0, 0.2));
  }
}
