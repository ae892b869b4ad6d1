package humblequill.core.course.plan;

import static humblequill.core.course.plan.PlannerTest.MONDAY;
import static humblequill.core.course.plan.PlannerTest.drill;
import static humblequill.core.course.plan.PlannerTest.rooms;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Dones;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** A week under way. Common practice, no published source. */
class OpenWeekTest {
  private static OpenWeek week(LocalDate today, Map<LocalDate, Integer> done) {
    return new OpenWeek(
        List.of(drill("hulls", 180, 90)),
        Dones.of(Map.of("hulls", done)),
        rooms(60, 60, 60, 60, 60, 60, 60),
        List.of(),
        today,
        DayOrder.LESSON_FIRST);
  }

  @Test
  void a_missed_day_is_spread_over_the_days_left() {
    var tuesday = MONDAY.plusDays(1);
    var outlook = week(tuesday, Map.of()).outlook();
    assertThat(outlook.on(tuesday).orElseThrow().countOf("hulls")).isEqualTo(30);
    assertThat(outlook.respreads()).containsExactly(new OpenWeek.Respread("hulls", 26, 30, 26));
  }

  @Test
  void what_was_done_is_fixed_and_todays_share_holds_still_while_drawing() {
    var tuesday = MONDAY.plusDays(1);
    var before = week(tuesday, Map.of(MONDAY, 26)).outlook();
    var midway = week(tuesday, Map.of(MONDAY, 26, tuesday, 10)).outlook();
    assertThat(before.respreads()).isEmpty();
    assertThat(midway.days()).isEqualTo(before.days());
  }

  @Test
  void a_bonus_today_is_taken_off_the_days_to_come() {
    var bonus = week(MONDAY, Map.of(MONDAY, 60)).outlook();
    assertThat(bonus.days().get(0).countOf("hulls")).isEqualTo(26);
    assertThat(bonus.days().stream().skip(1).mapToInt(d -> d.countOf("hulls"))).containsOnly(20);
  }

  @Test
  void a_shortfall_brings_remedies() {
    var friday = MONDAY.plusDays(4);
    var outlook = week(friday, Map.of()).outlook();
    assertThat(outlook.load()).isEqualTo(180 * 90 / (3 * 3600.0));
    assertThat(outlook.shortfalls()).extracting(Shortfall::count).containsExactly(60);
    var remedies = outlook.remedies().orElseThrow();
    assertThat(remedies.drops()).containsExactly(new Remedies.Drop("hulls", 60));
    assertThat(remedies.paces()).containsExactly(new Remedies.Pace("hulls", 60));
    assertThat(remedies.minutesADay()).hasValue(90);
    assertThat(remedies.extraDays()).isEmpty();
  }

  /** Friday: 180 left, 40 a day to Sunday; 50 today leave 130 for 80 places, so 50 are too many. */
  @Test
  void remedies_begin_from_what_todays_drawing_left() {
    var friday = MONDAY.plusDays(4);
    var outlook = week(friday, Map.of(friday, 50)).outlook();
    assertThat(outlook.shortfalls()).extracting(Shortfall::count).containsExactly(50);
    assertThat(outlook.remedies().orElseThrow().drops())
        .containsExactly(new Remedies.Drop("hulls", 50));
  }

  /** 180 of 90 s into a Sunday hour would be 20 s each: nobody draws so. */
  @Test
  void a_pace_of_less_than_a_quarter_of_the_time_is_no_remedy() {
    var sunday = MONDAY.plusDays(6);
    assertThat(week(sunday, Map.of()).outlook().remedies().orElseThrow().paces()).isEmpty();
  }

  @Test
  void after_the_week_nothing_is_planned() {
    assertThat(week(MONDAY.plusDays(7), Map.of()).outlook().days()).isEmpty();
  }

  @Property
  void whatever_was_done_the_rest_is_shared_out(
      @ForAll @Size(7) List<@IntRange(max = 70) Integer> done,
      @ForAll @IntRange(max = 6) int today) {
    var byDay = new java.util.HashMap<LocalDate, Integer>();
    for (int i = 0; i <= today; i++) {
      byDay.put(MONDAY.plusDays(i), done.get(i));
    }
    var outlook = week(MONDAY.plusDays(today), byDay).outlook();
    int before =
        byDay.entrySet().stream()
            .filter(e -> e.getKey().isBefore(MONDAY.plusDays(today)))
            .mapToInt(Map.Entry::getValue)
            .sum();
    int share = outlook.days().get(0).countOf("hulls");
    int later = outlook.days().stream().skip(1).mapToInt(d -> d.countOf("hulls")).sum();
    int missing = outlook.shortfalls().stream().mapToInt(Shortfall::count).sum();
    int doneToday = done.get(today);
    int expected = Math.max(0, 180 - before - Math.max(share, doneToday));
    assertThat(later + missing).isEqualTo(expected);
  }

  /**
   * A week made longer on its fourth day: what is left is parted over all days left as a new plan
   * would, not pushed to the new ones.
   */
  @Test
  void a_week_made_longer_spreads_what_is_left_over_all_its_days() {
    var thursday = MONDAY.plusDays(3);
    var stretched =
        new OpenWeek(
            List.of(drill("hulls", 180, 90)),
            Dones.of(Map.of("hulls", Map.of(MONDAY, 40, MONDAY.plusDays(1), 30, thursday, 4))),
            rooms(60, 60, 60, 60, 60, 60, 60, 60, 60, 60, 60, 60, 60, 60),
            List.of(),
            thursday,
            DayOrder.LESSON_FIRST);
    assertThat(stretched.outlook().days().stream().mapToInt(d -> d.countOf("hulls")))
        .containsExactly(10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10);
  }

  @Test
  void a_week_is_done_with_the_last_unit_that_today_brings() {
    var tuesday = MONDAY.plusDays(1);
    assertThat(week(tuesday, Map.of(MONDAY, 179)).isDone()).isFalse();
    assertThat(week(tuesday, Map.of(MONDAY, 100, tuesday, 80)).isDone()).isTrue();
    assertThat(week(tuesday, Map.of(MONDAY, 100, tuesday, 80)).wasDone()).isFalse();
    assertThat(week(tuesday, Map.of(MONDAY, 180)).wasDone()).isTrue();
  }
}
