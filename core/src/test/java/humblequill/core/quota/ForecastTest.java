package humblequill.core.quota;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.entry.Tally;
import humblequill.core.placement.MissedWork;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Forecasts whose answers are known from elsewhere. */
class ForecastTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Forecast forecast(
      int count, int days, List<Integer> drawn, List<Integer> earlier) {
    var quota =
        Quotas.of(new Promise.Sprint(count, MONDAY, MONDAY.plusDays(days - 1L)), MissedWork.SPREAD);
    var counts = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < drawn.size(); i++) {
      counts.put(MONDAY.plusDays(i), drawn.get(i));
    }
    var today = MONDAY.plusDays(drawn.size());
    var progress = Tracker.progress(quota, Tally.of(counts), Quotas.EVERY_DAY, today);
    return Forecast.of(progress, earlier, d -> true, today, true, Double.POSITIVE_INFINITY);
  }

  /** Ten days like a fair die, 35 to go: 112607/209952 in exact fractions. */
  @Test
  void days_like_dice() {
    var die = List.of(1, 2, 3, 4, 5, 6, 1, 2, 3, 4, 5, 6);
    var forecast = forecast(42 + 35, 22, die, List.of());
    assertThat(forecast.inTime()).isCloseTo(112607 / 209952.0, within(1e-12));
    assertThat(forecast.ownDays()).isEqualTo(12);
    assertThat(forecast.verdict()).isEqualTo(Forecast.Verdict.ON_PACE);
    assertThat(forecast.reachable()).as("the median of ten dice is 35").isEqualTo(77);
    assertThat(forecast.middle()).contains(MONDAY.plusDays(21));
    assertThat(forecast.moreDays()).contains(0);
    assertThat(forecast.early().orElseThrow()).isBefore(forecast.late().orElseThrow());
    assertThat(forecast.enough().orElseThrow().cases())
        .as("4 a day: half of the days")
        .isEqualTo(6);
  }

  /** With few own days the plan's share is mixed in: (n · own + 5 · plan) ÷ (n + 5). */
  @Test
  void few_days_lean_on_the_plan() {
    assertThat(Forecast.pmf(List.of(), 9)).hasSize(11);
    assertThat(Forecast.pmf(List.of(), 9)[9]).isEqualTo(1);
    var mixed = Forecast.pmf(List.of(0, 4), 9);
    assertThat(mixed[0]).isCloseTo(1 / 7.0, within(1e-12));
    assertThat(mixed[4]).isCloseTo(1 / 7.0, within(1e-12));
    assertThat(mixed[9]).isCloseTo(5 / 7.0, within(1e-12));
    var between = Forecast.pmf(List.of(), 8.25);
    assertThat(between[8]).isCloseTo(0.75, within(1e-12));
    assertThat(between[9]).isCloseTo(0.25, within(1e-12));
    assertThat(Forecast.pmf(List.of(1, 1, 1, 1, 1, 1, 1), 9)[9]).as("seven are enough").isZero();
  }

  /** 90 in ten days, but half an hour a day holds only four: the worksheet's answer, 40 of 90. */
  @Test
  void a_plan_that_does_not_fit_its_time_is_not_believed() {
    var quota = Quotas.of(new Promise.Sprint(90, MONDAY, MONDAY.plusDays(9)), MissedWork.SPREAD);
    var progress = Tracker.progress(quota, Tally.NONE, Quotas.EVERY_DAY, MONDAY);
    var short4 = Forecast.of(progress, List.of(), d -> true, MONDAY, true, 4);
    assertThat(short4.inTime()).isZero();
    assertThat(short4.plan()).isEqualTo(4);
    assertThat(short4.reachable()).isEqualTo(40);
    assertThat(short4.moreDays()).as("90 at 4 a day are 23 days").contains(13);
    var enough = Forecast.of(progress, List.of(), d -> true, MONDAY, true, 12);
    assertThat(enough.inTime()).isEqualTo(1);
    assertThat(enough.plan()).as("no more than is needed").isEqualTo(9);
  }

  /** Twelve in sixteen days: one a day is the plan, and it has days to spare. */
  @Test
  void a_plan_is_made_of_whole_units() {
    var forecast = forecast(12, 16, List.of(), List.of());
    assertThat(forecast.plan()).isEqualTo(1);
    assertThat(forecast.inTime()).isEqualTo(1);
    assertThat(forecast.middle()).contains(MONDAY.plusDays(11));
  }

  @Test
  void an_earlier_run_of_the_same_promise_is_evidence() {
    var slow = List.of(2, 2, 2, 2, 2, 2, 2, 2);
    var forecast = forecast(90, 10, List.of(), slow);
    assertThat(forecast.inTime()).isZero();
    assertThat(forecast.verdict()).isEqualTo(Forecast.Verdict.OUT_OF_REACH);
    assertThat(forecast.reachable()).isEqualTo(20);
    assertThat(forecast.moreDays()).as("45 days at 2").contains(35);
  }

  @Test
  void the_fan_never_falls_and_holds_its_order() {
    var forecast = forecast(120, 30, List.of(3, 0, 7, 4, 0, 5, 2, 6), List.of());
    int before = 0;
    for (var reach : forecast.fan()) {
      assertThat(reach.low()).isBetween(before, reach.middle());
      assertThat(reach.high()).isGreaterThanOrEqualTo(reach.middle());
      before = reach.low();
    }
  }

  @Test
  void what_it_came_to_is_told_by_thirds_and_by_day() {
    var lines =
        List.of(
            new QuotaRecord.Line(MONDAY, 4, 40, 2),
            new QuotaRecord.Line(MONDAY.plusDays(1), 5, 40, 0),
            new QuotaRecord.Line(MONDAY.plusDays(4), 6, 30, 4));
    var record = QuotaRecord.of(lines, 20, MONDAY, MONDAY.plusDays(4));
    assertThat(record.done()).isEqualTo(15);
    assertThat(record.days()).isEqualTo(3);
    assertThat(record.span()).isEqualTo(5);
    assertThat(record.minutes()).isEqualTo(110);
    assertThat(record.pace()).containsExactly(600, 480, 300);
    assertThat(record.marks()).containsExactly(2.0, 0.0, 4.0);
    assertThat(record.curve()).containsExactly(4, 9, 9, 9, 15);
  }

  @Test
  void a_prompt_is_the_same_for_its_seed_and_changes_one_word_at_a_time() {
    var lists =
        List.of(
            List.of("ferryman", "gull", "harbour dog"),
            List.of("coat", "lantern", "coil"),
            List.of("waits", "climbs", "carries"));
    var first = PromptMaker.words(lists, 7, List.of(0, 0, 0));
    assertThat(PromptMaker.words(lists, 7, List.of(0, 0, 0))).isEqualTo(first);
    var again = PromptMaker.words(lists, 7, List.of(0, 1, 0));
    assertThat(again.get(0)).isEqualTo(first.get(0));
    assertThat(again.get(1)).isNotEqualTo(first.get(1));
    assertThat(again.get(2)).isEqualTo(first.get(2));
    var seen = new java.util.HashSet<List<String>>();
    new Random(1)
        .longs(300)
        .forEach(seed -> seen.add(PromptMaker.words(lists, seed, List.of(0, 0, 0))));
    assertThat(seen).as("all 27 turn up").hasSize(27);
  }
}
