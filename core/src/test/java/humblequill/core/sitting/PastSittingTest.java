package humblequill.core.sitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What suits in sittings, worked out by hand. */
class PastSittingTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final Instant TEN = Instant.parse("2026-03-02T10:00:00Z");

  private static PastSitting sat(
      int day, int minutes, int mark, PastSitting.Felt felt, String cue) {
    return new PastSitting(
        DAY.plusDays(day),
        LocalTime.of(8, 0),
        minutes,
        Duration.ofMinutes(minutes),
        1,
        false,
        false,
        mark == 0 ? OptionalInt.empty() : OptionalInt.of(mark),
        felt,
        Optional.ofNullable(cue),
        Optional.empty());
  }

  private static List<PastSitting> marked(int minutes, int... marks) {
    var all = new ArrayList<PastSitting>();
    for (int mark : marks) {
      all.add(sat(0, minutes, mark, PastSitting.Felt.UNTOLD, null));
    }
    return all;
  }

  private static SittingGroups byLength(List<PastSitting> sittings) {
    return SittingGroups.by(sittings, s -> Optional.of(SittingClasses.length(s.minutes())));
  }

  private static <T> List<T> both(List<T> a, List<T> b) {
    var all = new ArrayList<>(a);
    all.addAll(b);
    return all;
  }

  /** Marks 4 4 4 4 5: mean 4.2, s 0.447, t(0.975, 4) 2.776 (Student's table): 3.645 to 4.755. */
  @Test
  void a_length_suits_whose_marks_stand_apart() {
    var groups = byLength(both(marked(30, 4, 4, 4, 4, 5), marked(100, 2, 2, 3, 2, 2)));
    var best = groups.groups().get(groups.bestMarks().orElseThrow());
    assertThat(best.name()).isEqualTo("20-40");
    assertThat(best.marks().orElseThrow().low()).isCloseTo(3.645, within(0.001));
    assertThat(best.marks().orElseThrow().high()).isCloseTo(4.755, within(0.001));
    assertThat(groups.lacking()).isZero();
  }

  @Test
  void spans_that_overlap_name_none() {
    var groups = byLength(both(marked(30, 1, 5, 4, 4, 5), marked(100, 2, 4, 3, 3, 2)));
    assertThat(groups.bestMarks()).isEmpty();
    assertThat(groups.lacking()).as("two of five each").isZero();
  }

  @Test
  void fewer_than_five_of_two_lengths_say_what_is_missing() {
    var groups = byLength(both(marked(30, 5, 5, 5, 5, 5), marked(100, 1, 1, 1)));
    assertThat(groups.bestMarks()).isEmpty();
    assertThat(groups.lacking()).isEqualTo(2);
    assertThat(byLength(marked(30, 5, 5)).lacking())
        .as("three here and five of another")
        .isEqualTo(8);
    assertThat(byLength(List.of()).lacking()).isEqualTo(10);
  }

  @ParameterizedTest
  @CsvSource({"1,0-20", "20,0-20", "21,20-40", "60,40-60", "90,60-90", "91,90-", "480,90-"})
  void lengths_are_parted_where_the_page_says(int minutes, String name) {
    assertThat(SittingClasses.length(minutes)).isEqualTo(name);
  }

  @ParameterizedTest
  @CsvSource({"00:00,00-09", "08:59,00-09", "09:00,09-12", "20:59,18-21", "23:59,21-24"})
  void hours_are_parted_likewise(LocalTime time, String name) {
    assertThat(SittingClasses.hours(time)).isEqualTo(name);
  }

  @Test
  void sittings_within_half_an_hour_stand_in_a_row() {
    var spans =
        List.of(
            new SittingRow.Span(TEN, TEN.plusSeconds(600), true),
            new SittingRow.Span(TEN.plusSeconds(2400), TEN.plusSeconds(3000), false),
            new SittingRow.Span(TEN.plusSeconds(3000), TEN.plusSeconds(3600), false),
            new SittingRow.Span(TEN.plusSeconds(5401), TEN.plusSeconds(6000), false));
    assertThat(SittingRow.of(spans))
        .containsExactly(
            new SittingRow(1, false),
            new SittingRow(2, true),
            new SittingRow(3, true),
            new SittingRow(1, false));
  }

  /**
   * On four of ten days: twelve are over, two of them paused, and today is not over yet. 4 of 10 by
   * Wilson's score is 0.168 to 0.687 (worked out by the formula of E. B. Wilson, 1927).
   */
  @Test
  void a_cue_is_held_against_the_days_since() {
    var told =
        List.of(
            sat(0, 10, 0, PastSitting.Felt.UNTOLD, "After the lamp is lit"),
            sat(2, 20, 0, PastSitting.Felt.UNTOLD, "after the lamp is lit"),
            sat(2, 5, 0, PastSitting.Felt.UNTOLD, "after the lamp is lit"),
            sat(5, 10, 0, PastSitting.Felt.UNTOLD, "after the lamp is lit"),
            sat(9, 10, 0, PastSitting.Felt.UNTOLD, "after  the lamp is lit"));
    var paused = Set.of(DAY.plusDays(3), DAY.plusDays(4));
    var cue = CueRecord.of(told, DAY.plusDays(12), day -> !paused.contains(day)).get(0);
    assertThat(List.of(cue.led(), cue.of(), cue.minutes())).containsExactly(4, 10, 55);
    assertThat(cue.sure().low()).isCloseTo(0.168, within(0.001));
    assertThat(cue.sure().high()).isCloseTo(0.687, within(0.001));
  }

  private static PastSitting.Felt felt(int dread, int was) {
    return new PastSitting.Felt(
        OptionalInt.of(3), OptionalInt.of(4), OptionalInt.of(dread), OptionalInt.of(was));
  }

  /** Six of six are uneven enough: 2 · 2⁻⁶ = 0.031; five of five are not: 0.0625. */
  @Test
  void what_was_easier_than_it_seemed_is_said_when_chance_is_unlikely() {
    var six = new ArrayList<PastSitting>();
    for (int i = 0; i < 6; i++) {
      six.add(sat(i, 10, 0, felt(4, 2), null));
    }
    six.add(sat(7, 10, 0, felt(2, 2), null));
    six.add(sat(8, 10, 0, PastSitting.Felt.UNTOLD, null));
    var feared = Feared.of(six);
    assertThat(List.of(feared.easier(), feared.same(), feared.harder())).containsExactly(6, 1, 0);
    assertThat(feared.p()).isCloseTo(0.03125, within(1e-12));
    assertThat(feared.said()).isTrue();
    assertThat(Feared.of(six.subList(1, 8)).said()).isFalse();
    assertThat(Feared.of(List.of()).said()).isFalse();
  }

  @Test
  void a_sitting_gives_or_takes_energy_only_where_both_were_told() {
    assertThat(felt(1, 1).energyChange()).hasValue(1);
    assertThat(PastSitting.Felt.UNTOLD.energyChange()).isEmpty();
  }

  @Test
  void each_turn_brings_another_rule_until_all_were_seen() {
    var seen = new ArrayList<Constraint>();
    for (int turn = 0; turn < Constraint.values().length; turn++) {
      seen.add(Constraint.of(DAY, turn));
    }
    assertThat(seen).containsExactlyInAnyOrder(Constraint.values());
    assertThat(Constraint.of(DAY, 0)).isNotEqualTo(Constraint.of(DAY.plusDays(1), 0));
  }
}
