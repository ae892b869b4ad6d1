package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.time.Period;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What a week was, counted by hand. */
class WeekFiguresTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  @Test
  void a_week_is_counted_and_held_against_those_before() {
    var drawn = new ArrayList<Drawn>();
    drawn.add(Drawns.of(MONDAY, "hulls", 3, 30, 1, 2));
    drawn.add(Drawns.of(MONDAY, "ropes", 2, 20, 1, 4));
    drawn.add(Drawns.of(MONDAY.plusDays(6), "hulls", 1, 10, 1, 3));
    drawn.add(Drawns.of(MONDAY.plusDays(7), "hulls", 9, 90));
    drawn.add(Drawns.of(MONDAY.minusDays(1), "hulls", 1, 40));
    drawn.add(Drawns.of(MONDAY.minusDays(8), "hulls", 1, 20));
    var week = WeekFigures.of(Ledger.of(drawn), MONDAY);
    var of = week.drawn();
    assertThat(List.of(of.minutes(), of.drawings(), of.days())).containsExactly(60, 6, 2);
    assertThat(week.before()).as("40 and 20").contains(new WeekFigures.Before(2, 30));
    assertThat(of.meanMark()).isEqualTo(OptionalDouble.of(3));
    assertThat(of.best().orElseThrow().mark()).isEqualTo(4);
    assertThat(of.weakest().orElseThrow().mark()).isEqualTo(2);
    assertThat(of.told()).isTrue();
  }

  @Test
  void a_week_without_entries_and_the_first_week_say_what_is_missing() {
    var first = WeekFigures.of(Ledger.of(List.of(Drawns.of(MONDAY, "hulls", 3, 30))), MONDAY);
    assertThat(first.before()).isEmpty();
    assertThat(first.drawn().best()).as("one mark at most").isEmpty();
    var empty = WeekFigures.of(Ledger.EMPTY, MONDAY);
    var nothing = empty.drawn();
    assertThat(List.of(nothing.minutes(), nothing.drawings(), nothing.days())).containsOnly(0);
    assertThat(empty.freeShare()).isEmpty();
  }

  /** A week in between without drawing counts as none drawn, not as no week. */
  @Test
  void a_week_without_drawing_counts_among_those_before() {
    var drawn =
        List.of(Drawns.of(MONDAY.minusDays(28), "hulls", 1, 80), Drawns.of(MONDAY, "hulls", 1, 10));
    assertThat(WeekFigures.of(Ledger.of(drawn), MONDAY).before())
        .contains(new WeekFigures.Before(4, 20));
  }

  /**
   * Weeks of 80, 0 and 10 minutes since the first day; the one before it and the open one do not
   * count.
   */
  @Test
  void a_mean_week_is_one_of_those_that_are_over_since_the_first_day() {
    var ledger =
        Ledger.of(
            List.of(
                Drawns.of(MONDAY.plusDays(2), "hulls", 1, 80),
                Drawns.of(MONDAY.plusDays(20), "hulls", 1, 10),
                Drawns.of(MONDAY.plusDays(21), "hulls", 1, 500)));
    var weeks = MONDAY.minusDays(7).datesUntil(MONDAY.plusDays(22), Period.ofDays(7)).toList();
    assertThat(SpanFigures.weekly(ledger, weeks, MONDAY.plusDays(21)))
        .isEqualTo(OptionalDouble.of(30));
    assertThat(SpanFigures.weekly(ledger, weeks, MONDAY.plusDays(6))).isEmpty();
    assertThat(SpanFigures.weekly(Ledger.EMPTY, weeks, MONDAY.plusDays(21))).isEmpty();
  }
}
