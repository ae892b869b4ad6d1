package humblequill.core.day.care;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.name.Names;
import humblequill.core.ground.name.ShippedNames;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * The usual cautions: a break every 45 to 50 minutes, slow increases, dust and fumes. Common
 * practice, no published source.
 */
class CareTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 5);

  /** Each week's minutes on its first day, the newest week first; it ends today. */
  private static Tally weeks(int... weeks) {
    return weeksUpTo(TODAY, weeks);
  }

  private static Tally weeksUpTo(LocalDate last, int... weeks) {
    var minutes = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < weeks.length; i++) {
      minutes.put(last.minusDays(7L * i + 6), weeks[i]);
    }
    return Tally.of(minutes);
  }

  private static List<Caution.Kind> kinds(int today, Tally minutes, String... media) {
    return Care.on(TODAY, today, 45, minutes, media(false, media)).stream()
        .map(Caution::kind)
        .toList();
  }

  private static List<Care.Medium> media(boolean again, String... media) {
    var names = new Names(ShippedNames.all());
    return Stream.of(media).map(m -> new Care.Medium(names.propertiesOf(m), again)).toList();
  }

  @Test
  void a_break_is_told_from_the_46th_minute_on() {
    assertThat(kinds(45, Tally.NONE)).isEmpty();
    assertThat(kinds(46, Tally.NONE)).containsExactly(Caution.Kind.BREAK);
  }

  @Test
  void a_week_over_one_and_a_half_times_the_mean_of_four_is_told() {
    assertThat(kinds(0, weeks(300, 200, 200, 200, 200))).isEmpty();
    var caution = Care.on(TODAY, 0, 45, weeks(301, 200, 200, 200, 200), List.of()).get(0);
    assertThat(caution).isEqualTo(new Caution(Caution.Kind.SUDDEN_INCREASE, 301, 200));
  }

  @Test
  void the_learner_says_after_how_many_minutes_a_break_is_due() {
    assertThat(Care.on(TODAY, 50, 50, Tally.NONE, List.of())).isEmpty();
    assertThat(Care.on(TODAY, 51, 50, Tally.NONE, List.of())).hasSize(1);
  }

  @Test
  void a_planned_week_is_held_against_the_usual_one() {
    var minutes = weeksUpTo(TODAY.minusDays(1), 200, 240, 200, 160);
    int usual = Care.usualWeek(TODAY, minutes.plus(Tally.of(Map.of(TODAY, 999))));
    assertThat(usual).as("the four weeks before, today left out").isEqualTo(200);
    assertThat(Care.suddenWith(301, usual, false)).isTrue();
    assertThat(Care.suddenWith(300, usual, false)).isFalse();
    assertThat(Care.suddenWith(101, usual, true)).as("on top of the usual 200").isTrue();
    assertThat(Care.suddenWith(100, usual, true)).isFalse();
    assertThat(Care.suddenWith(300, 30, false)).as("too little to compare with").isFalse();
  }

  @Test
  void beginners_are_not_told_that_their_second_week_is_too_much() {
    assertThat(kinds(0, weeks(300, 100))).isEmpty();
    assertThat(kinds(0, Tally.of(Map.of(TODAY, 300)))).isEmpty();
  }

  @Test
  void what_is_usual_is_not_told_before_four_weeks_are_on_record() {
    for (int weeks = 1; weeks <= 6; weeks++) {
      var steady = IntStream.generate(() -> 240).limit(weeks).toArray();
      assertThat(kinds(0, weeks(steady))).as("%d weeks of four hours", weeks).isEmpty();
    }
    assertThat(Care.usualWeek(TODAY, weeksUpTo(TODAY.minusDays(1), 240, 240, 240))).isZero();
    assertThat(kinds(0, weeks(400, 240, 240, 240, 240))).hasSize(1);
  }

  @Test
  void dusty_media_bring_their_caution() {
    assertThat(kinds(0, Tally.NONE, "charcoal")).containsExactly(Caution.Kind.DUST_AND_FUMES);
    assertThat(kinds(0, Tally.NONE, "soft pastel"))
        .as("another spelling of pastel")
        .containsExactly(Caution.Kind.DUST_AND_FUMES);
    assertThat(kinds(0, Tally.NONE, "pen", "ink wash")).isEmpty();
  }

  @Test
  void a_blade_is_told_when_such_a_medium_comes_back_after_weeks() {
    var first = Care.on(TODAY, 0, 45, Tally.NONE, media(false, "graphite"));
    assertThat(first).extracting(Caution::kind).containsExactly(Caution.Kind.BLADE);
    assertThat(Care.on(TODAY, 0, 45, Tally.NONE, media(true, "graphite"))).isEmpty();
  }
}
