package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Forecasts whose answers are known from elsewhere. */
class ForecastTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Forecast forecast(int count, int days, List<Integer> drawn, Integer... today) {
    return forecast(count, days, drawn, Tally.NONE, Double.POSITIVE_INFINITY, today);
  }

  /**
   * A sprint from Monday on with a drawing day every day.
   *
   * @param drawn units of each day that is over
   * @param now units of today, if any
   */
  private static Forecast forecast(
      int count, int days, List<Integer> drawn, Tally earlier, double holds, Integer... now) {
    var quota =
        Quotas.of(new Promise.Sprint(count, MONDAY, MONDAY.plusDays(days - 1L)), MissedWork.SPREAD);
    var counts = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < drawn.size(); i++) {
      counts.put(MONDAY.plusDays(i), drawn.get(i));
    }
    var today = MONDAY.plusDays(drawn.size());
    if (now.length > 0) {
      counts.put(today, now[0]);
    }
    var progress = Tracker.progress(quota, Tally.of(counts), Quotas.EVERY_DAY, today);
    return Forecast.of(progress, new Forecast.Known(earlier, Quotas.EVERY_DAY, today, true, holds));
  }

  /**
   * Three days 1, 2 and 3 of a plan of 2 a day, three days and 6 units left. By hand: one week, so
   * ρ = 0.3 and d = 1 + 6 · 0.3 = 2.8; atoms 0: 0.2, 1: 1/2.8, 2: ½ + 1/2.8, 3: 1/2.8, 4 (twice the
   * mean): 0.3; A = 1 + 3/2.8; 1/A′ = 1/A + 1.8/3. The chance by all 125 sequences of three draws.
   */
  @Test
  void the_chance_by_all_sequences_of_draws() {
    var forecast = forecast(12, 6, List.of(1, 2, 3));
    double own = 1 / 2.8;
    double total = 1 + 3 * own;
    double scale = 1 / (1 / total + 1.8 / 3) / total;
    double[] weights = {.2 * scale, own * scale, (.5 + own) * scale, own * scale, .3 * scale};
    assertThat(forecast.inTime().orElseThrow())
        .isCloseTo(byAllSequences(weights, 3, 6, new int[5]), within(1e-12));
    assertThat(forecast.ownDays()).isEqualTo(3);
    assertThat(forecast.basis()).isEqualTo(Forecast.Basis.OWN_DAYS);
    assertThat(forecast.plan()).isEqualTo(2);
  }

  /** Each draw as likely as its weight, which grows by 1 each time it is drawn. */
  private static double byAllSequences(double[] weights, int draws, int left, int[] drawn) {
    if (draws == 0) {
      return left <= 0 ? 1 : 0;
    }
    double total = 0;
    for (int k = 0; k < weights.length; k++) {
      total += weights[k] + drawn[k];
    }
    double chance = 0;
    for (int k = 0; k < weights.length; k++) {
      double likely = (weights[k] + drawn[k]) / total;
      drawn[k]++;
      chance += likely * byAllSequences(weights, draws - 1, left - k, drawn);
      drawn[k]--;
    }
    return chance;
  }

  /** Days of one week alike in every week: the more they are, the wider the span. */
  @Test
  void days_that_come_as_weeks_make_the_span_wider() {
    var mixed = List.of(0, 6, 0, 6, 0, 6, 3, 6, 0, 6, 0, 6, 0, 3);
    var asWeeks = List.of(0, 0, 0, 0, 0, 0, 3, 6, 6, 6, 6, 6, 6, 3);
    assertThat(DayUrn.likeness(tally(mixed)))
        .as("no likeness: 6 · 0.3 ÷ 8")
        .isCloseTo(.225, within(1e-12));
    assertThat(DayUrn.likeness(tally(asWeeks))).isGreaterThan(.3);
    var one = forecast(90, 40, mixed);
    var other = forecast(90, 40, asWeeks);
    assertThat(days(one)).isLessThan(days(other));
  }

  private static Tally tally(List<Integer> units) {
    var tally = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < units.size(); i++) {
      tally.put(MONDAY.plusDays(i), units.get(i));
    }
    return Tally.of(tally);
  }

  private static long days(Forecast forecast) {
    return forecast.late().orElse(MONDAY.plusYears(1)).toEpochDay()
        - forecast.early().orElseThrow().toEpochDay();
  }

  @Test
  void before_three_own_days_the_plan_speaks_and_knows_no_chance() {
    for (var drawn : List.of(List.<Integer>of(), List.of(9), List.of(0, 4))) {
      var forecast = forecast(90, 10, drawn);
      assertThat(forecast.inTime()).isEmpty();
      assertThat(forecast.early()).isEmpty();
      assertThat(forecast.fan()).isEmpty();
      assertThat(forecast.basis()).isEqualTo(Forecast.Basis.PLAN);
      assertThat(forecast.verdict()).isEqualTo(Forecast.Verdict.ON_PACE);
      assertThat(forecast.reachable()).isEqualTo(90);
      assertThat(forecast.moreDays()).contains(0);
    }
    assertThat(forecast(90, 10, List.of(9, 9, 9)).inTime()).isPresent();
  }

  /** 90 in ten days, but half an hour a day holds only four: the worksheet's answer, 40 of 90. */
  @Test
  void a_plan_that_does_not_fit_its_time_is_not_believed() {
    var short4 = forecast(90, 10, List.of(), Tally.NONE, 4);
    assertThat(short4.verdict()).isEqualTo(Forecast.Verdict.OUT_OF_REACH);
    assertThat(short4.basis()).isEqualTo(Forecast.Basis.SHORT_PLAN);
    assertThat(short4.plan()).isEqualTo(4);
    assertThat(short4.reachable()).isEqualTo(40);
    assertThat(short4.moreDays()).as("90 at 4 a day are 23 days").contains(13);
    var enough = forecast(90, 10, List.of(), Tally.NONE, 12);
    assertThat(enough.basis()).isEqualTo(Forecast.Basis.PLAN);
    assertThat(enough.plan()).as("no more than was promised").isEqualTo(9);
    var none = forecast(90, 10, List.of(), Tally.NONE, 0);
    assertThat(none.reachable()).isZero();
    assertThat(none.moreDays()).isEmpty();
  }

  @Test
  void an_earlier_time_is_evidence() {
    var slow = new HashMap<LocalDate, Integer>();
    for (int i = 1; i <= 40; i++) {
      slow.put(MONDAY.minusDays(60 + i), 2);
    }
    var forecast = forecast(90, 10, List.of(), Tally.of(slow), Double.POSITIVE_INFINITY);
    assertThat(forecast.ownDays()).isEqualTo(40);
    assertThat(forecast.verdict()).isEqualTo(Forecast.Verdict.OUT_OF_REACH);
    assertThat(forecast.reachable()).isBetween(18, 22);
  }

  @Test
  void what_is_reached_is_certain() {
    var forecast = forecast(12, 9, List.of(4, 4, 2), 2);
    assertThat(forecast.inTime()).contains(1.0);
    assertThat(forecast.early()).contains(MONDAY.plusDays(3));
    assertThat(forecast.late()).contains(MONDAY.plusDays(3));
    assertThat(forecast(12, 9, List.of(4, 4, 4)).early()).contains(MONDAY.plusDays(3));
  }

  @Test
  void a_day_beyond_all_that_was_seen_counts_as_what_it_is() {
    var forecast = forecast(30, 9, List.of(1, 1, 2), 20);
    assertThat(forecast.inTime().orElseThrow()).isGreaterThan(.5).isLessThan(1);
    assertThat(forecast(30, 9, List.of(1, 1, 2), 26).inTime()).contains(1.0);
  }

  @Test
  void the_fan_never_falls_and_holds_its_order() {
    var forecast = forecast(120, 30, List.of(3, 0, 7, 4, 0, 5, 2, 6));
    int before = 27;
    assertThat(forecast.fan()).hasSize(8);
    for (var reach : forecast.fan()) {
      assertThat(reach.low()).isBetween(before, reach.middle());
      assertThat(reach.high()).isBetween(reach.middle(), 120);
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

  /** Six left in three days are two a day; 0, 2, 2 and 4 brought that three times. */
  @Test
  void own_days_that_were_enough_are_counted() {
    var enough = forecast(14, 7, List.of(0, 2, 2, 4)).enough().orElseThrow();
    assertThat(enough.cases()).isEqualTo(3);
    assertThat(enough.of()).isEqualTo(4);
    var tight = forecast(15, 7, List.of(0, 2, 2, 4)).enough().orElseThrow();
    assertThat(tight.cases()).as("seven in three days are three a day").isEqualTo(1);
    assertThat(forecast(14, 7, List.of()).enough()).isEmpty();
  }

  /** Fourteen days of two a day, one of thirty left in six days; or thirty of them. */
  @Test
  void ahead_is_more_than_an_even_pace_and_nearly_sure() {
    var days = Collections.nCopies(14, 2);
    assertThat(forecast(29, 20, days).verdict()).isEqualTo(Forecast.Verdict.AHEAD);
    assertThat(forecast(28 + 60, 20, days).verdict()).isEqualTo(Forecast.Verdict.OUT_OF_REACH);
    var slow = Collections.nCopies(14, 1);
    assertThat(forecast(15, 15, slow).verdict())
        .as("sure enough, but no more than an even pace")
        .isEqualTo(Forecast.Verdict.ON_PACE);
  }

  /** The fan ends on the last day, begins after today and never falls. */
  @Test
  void the_fan_goes_from_now_to_the_end_and_never_falls() {
    var fan = forecast(40, 20, Collections.nCopies(10, 2)).fan();
    assertThat(fan.get(0).date()).isAfterOrEqualTo(MONDAY.plusDays(10));
    assertThat(fan.get(fan.size() - 1).date()).isAfterOrEqualTo(MONDAY.plusDays(19));
    for (int i = 0; i < fan.size(); i++) {
      var reach = fan.get(i);
      assertThat(reach.low()).isBetween(20, reach.middle());
      assertThat(reach.high()).isBetween(reach.middle(), 40);
      if (i > 0) {
        assertThat(reach.date()).isAfter(fan.get(i - 1).date());
        assertThat(reach.middle()).isGreaterThanOrEqualTo(fan.get(i - 1).middle());
      }
    }
  }
}
