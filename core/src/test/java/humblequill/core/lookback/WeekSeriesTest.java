package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.LookedFor;
import humblequill.core.day.entry.OwnFigure;
import humblequill.core.day.entry.Study;
import humblequill.core.lookback.Trend.Direction;
import humblequill.core.lookback.WeekSeries.Figure;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Figures from week to week. */
class WeekSeriesTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 1, 5);

  private static WeekSeries of(Figure figure, List<Drawn> drawn, int weeks) {
    return WeekSeries.of(
            Ledger.of(drawn), MONDAY, MONDAY.plusDays(7L * weeks), Optional.of("Erasures"))
        .stream()
        .filter(s -> s.figure() == figure)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void minutes_are_those_of_a_day_on_which_something_was_drawn() {
    var drawn =
        List.of(
            Drawns.of(MONDAY, "hulls", 2, 30),
            Drawns.of(MONDAY, "ropes", 1, 30),
            Drawns.of(MONDAY.plusDays(3), "hulls", 1, 20),
            Drawns.of(MONDAY.plusDays(14), "hulls", 4, 60));
    var minutes = of(Figure.MINUTES, drawn, 3);
    assertThat(minutes.points())
        .as("80 on two days; a week without drawing is left out")
        .containsExactly(new Trend.Point(0, 40), new Trend.Point(2, 60));
    assertThat(of(Figure.MINUTES_EACH, drawn, 3).points().get(0).value())
        .isCloseTo((15 + 30 + 20) / 3.0, within(1e-12));
    assertThat(of(Figure.PAGES, drawn, 3).points()).as("no page was told").isEmpty();
    assertThat(of(Figure.MINUTES, drawn, 2).points()).as("a week that runs").hasSize(1);
  }

  @Test
  void a_trend_is_said_from_eight_weeks_on_and_only_where_the_interval_leaves_zero_out() {
    var rising = new ArrayList<Drawn>();
    var steady = new ArrayList<Drawn>();
    var random = new Random(5);
    for (int week = 0; week < 16; week++) {
      var day = MONDAY.plusDays(7L * week);
      rising.add(Drawns.of(day, "hulls", 1, 30 + 3 * week + random.nextInt(5), 0, 2 + week / 6));
      steady.add(Drawns.of(day, "hulls", 1, 30 + random.nextInt(20), 0, 2 + random.nextInt(2)));
    }
    var minutes = of(Figure.MINUTES, rising, 16).trend();
    assertThat(minutes.direction()).isEqualTo(Direction.UP);
    assertThat(minutes.slope().orElseThrow().slope()).isBetween(2.5, 3.5);
    assertThat(of(Figure.MARK, rising, 16).trend().direction()).isEqualTo(Direction.UP);
    assertThat(of(Figure.MINUTES, rising.subList(0, 7), 7).trend().direction())
        .isEqualTo(Direction.NONE);
    assertThat(of(Figure.MINUTES, steady, 16).trend().direction()).isEqualTo(Direction.NONE);
    assertThat(of(Figure.MARK, steady, 16).trend().direction()).isEqualTo(Direction.NONE);
  }

  @Test
  void a_phase_begins_where_the_level_changed() {
    var drawn = new ArrayList<Drawn>();
    var random = new Random(9);
    for (int week = 0; week < 20; week++) {
      int minutes = (week < 11 ? 20 : 60) + random.nextInt(6);
      drawn.add(Drawns.of(MONDAY.plusDays(7L * week), "hulls", 1, minutes));
    }
    assertThat(of(Figure.MINUTES, drawn, 20).phases()).containsExactly(11);
    assertThat(of(Figure.MINUTES, drawn, 20).ratherSteady()).isFalse();
  }

  @Test
  void a_steady_climb_is_told_from_phases() {
    var climb = new ArrayList<Drawn>();
    for (int week = 0; week < 20; week++) {
      climb.add(Drawns.of(MONDAY.plusDays(7L * week), "hulls", 1, 20 + 2 * week + week % 3));
    }
    assertThat(of(Figure.MINUTES, climb, 20).phases()).isNotEmpty();
    assertThat(of(Figure.MINUTES, climb, 20).ratherSteady()).isTrue();
  }

  /** Weeks about one level: at most 6 % of such series may be parted. */
  @Test
  void about_one_level_there_is_hardly_ever_a_phase() {
    var random = new Random(77);
    int parted = 0;
    for (int run = 0; run < 200; run++) {
      var drawn = new ArrayList<Drawn>();
      for (int week = 0; week < 40; week++) {
        drawn.add(
            Drawns.of(
                MONDAY.plusDays(7L * week),
                "hulls",
                1,
                (int) Math.max(1, Math.round(50 + 12 * random.nextGaussian()))));
      }
      parted += of(Figure.MINUTES, drawn, 40).phases().isEmpty() ? 0 : 1;
    }
    assertThat(parted / 200.0).isLessThanOrEqualTo(0.06);
  }

  private static Drawn looked(LocalDate day, LookedFor answer) {
    var d = Drawns.of(day, "hulls", 1, 10);
    return Drawns.learned(
        d,
        new Drawn.Learned(
            Drawn.Purpose.STUDY, Optional.empty(), Study.NONE.withLookedFor(answer), false));
  }

  @Test
  void what_was_looked_for_counts_half_where_it_was_found_in_part() {
    var drawn =
        List.of(
            looked(MONDAY, LookedFor.YES),
            looked(MONDAY, LookedFor.PARTLY),
            looked(MONDAY.plusDays(1), LookedFor.NO),
            Drawns.of(MONDAY.plusDays(2), "hulls", 1, 10));
    assertThat(of(Figure.LOOKED_FOR, drawn, 1).points()).containsExactly(new Trend.Point(0, 0.5));
  }

  private static Drawn counted(LocalDate day, int drawings, String what, int count) {
    var d = Drawns.of(day, "hulls", drawings, 10);
    var study = Study.NONE.withOwn(new OwnFigure(what, count));
    return Drawns.learned(
        d, new Drawn.Learned(Drawn.Purpose.STUDY, Optional.empty(), study, false));
  }

  @Test
  void the_own_figure_is_that_of_a_drawing_and_never_mixed_with_another_one() {
    var drawn =
        List.of(
            counted(MONDAY, 4, "erasures", 10),
            counted(MONDAY.plusDays(1), 1, "Erasure", 0),
            counted(MONDAY.plusDays(2), 2, "stiff lines", 40),
            Drawns.of(MONDAY.plusDays(2), "hulls", 5, 10),
            counted(MONDAY.plusDays(7), 2, "stiff lines", 40));
    assertThat(of(Figure.OWN_FIGURE, drawn, 2).points())
        .as("ten in five drawings; drawings without a count and other figures say nothing")
        .containsExactly(new Trend.Point(0, 2));
    assertThat(WeekSeries.of(Ledger.of(drawn), MONDAY, MONDAY.plusDays(14), Optional.empty()))
        .filteredOn(s -> s.figure() == Figure.OWN_FIGURE)
        .allMatch(s -> s.points().isEmpty());
  }

  /** Whole numbers one less each week: their slope is -1 in every pair, so the interval too. */
  @Test
  void a_figure_that_falls_by_one_a_week_is_said_to_fall_by_one() {
    var drawn = new ArrayList<Drawn>();
    for (int week = 0; week < 10; week++) {
      drawn.add(counted(MONDAY.plusDays(7L * week), 1, "erasures", 12 - week));
    }
    var trend = of(Figure.OWN_FIGURE, drawn, 10).trend();
    assertThat(trend.direction()).isEqualTo(Direction.DOWN);
    assertThat(trend.slope().orElseThrow().slope()).isCloseTo(-1, within(1e-12));
  }
}
