package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Tally;
import humblequill.core.ground.stats.ShrunkMedian;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

/** What holds for every quota, however it goes. Common practice, no published source. */
class QuotaPropertiesTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Quota sprint(int count, int days, MissedWork policy) {
    return Quotas.of(
        new Promise.Sprint(count, MONDAY, MONDAY.plusDays(days - 1L)), policy, DayOfWeek.SUNDAY);
  }

  private static Map<LocalDate, Integer> byDay(List<Integer> counts) {
    var byDay = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < counts.size(); i++) {
      if (counts.get(i) > 0) {
        byDay.put(MONDAY.plusDays(i), counts.get(i));
      }
    }
    return byDay;
  }

  private static Progress progress(Quota quota, List<Integer> counts) {
    return Tracker.progress(
        quota, Tally.of(byDay(counts)), Quotas.EVERY_DAY, MONDAY.plusDays(counts.size()));
  }

  private static boolean drawingDay(LocalDate date) {
    return date.getDayOfWeek() != DayOfWeek.SUNDAY;
  }

  /** What is done and what is left make what is asked, under every policy. */
  @Property(tries = 200)
  void nothing_is_lost(
      @ForAll @IntRange(min = 1, max = 200) int count,
      @ForAll @IntRange(min = 2, max = 30) int days,
      @ForAll @Size(max = 20) List<@IntRange(max = 12) Integer> counts,
      @ForAll MissedWork policy) {
    var p = progress(sprint(count, days, policy), counts);
    int drawn =
        counts.stream().limit(days).mapToInt(n -> n).sum()
            + (policy == MissedWork.SLIDE ? counts.stream().skip(days).mapToInt(n -> n).sum() : 0);
    if (policy == MissedWork.SPREAD) {
      assertThat(p.left()).isEqualTo(Math.max(0, count - drawn));
    }
    assertThat(p.asked()).isBetween(0, count);
    if (policy != MissedWork.LET_GO) {
      assertThat(p.asked()).as("only letting go lowers the count").isEqualTo(count);
    }
    if (policy != MissedWork.SLIDE) {
      assertThat(p.due()).as("only sliding moves the date").isEqualTo(MONDAY.plusDays(days - 1L));
    }
  }

  /** A slid quota has as many drawing days left as it would with no day missed. */
  @Property(tries = 200)
  void sliding_gives_back_each_missed_day(
      @ForAll @IntRange(min = 4, max = 20) int days,
      @ForAll @Size(min = 1, max = 4) List<@IntRange(max = 1) Integer> counts) {
    var p = progress(sprint(100, days, MissedWork.SLIDE), counts);
    int drawn = (int) counts.stream().filter(n -> n > 0).count();
    int all = 0;
    for (int i = 0; i < days; i++) {
      all += drawingDay(MONDAY.plusDays(i)) ? 1 : 0;
    }
    assertThat(p.daysLeft()).isEqualTo(all - drawn);
  }

  private static Forecast forecast(
      Quota quota, List<Integer> counts, int drawnToday, DrawingDays days) {
    var today = MONDAY.plusDays(counts.size());
    var all = byDay(counts);
    if (drawnToday > 0) {
      all.put(today, drawnToday);
    }
    var progress = Tracker.progress(quota, Tally.of(all), days, today);
    return Forecast.of(
        progress,
        new Forecast.Known(
            Tally.NONE, quota.drawingDays(days), today, true, Double.POSITIVE_INFINITY));
  }

  /** Drawing something today never lowers the chance, on drawing days and on days of rest. */
  @Property(tries = 300)
  void drawing_never_lowers_the_chance(
      @ForAll @IntRange(min = 10, max = 120) int count,
      @ForAll @IntRange(min = 8, max = 40) int days,
      @ForAll @Size(min = 3, max = 25) List<@IntRange(max = 9) Integer> counts,
      @ForAll MissedWork policy,
      @ForAll boolean sundays) {
    var learners =
        sundays ? Quotas.EVERY_DAY : new DrawingDays(QuotaPropertiesTest::drawingDay, Set.of());
    var quota = sprint(count, days, policy);
    double before = 0;
    int own = forecast(quota, counts, 0, learners).ownDays();
    for (int drawn = 0; drawn <= 14 && own >= 3; drawn++) {
      double chance = forecast(quota, counts, drawn, learners).inTime().orElseThrow();
      assertThat(chance).as("with %d drawn", drawn).isGreaterThanOrEqualTo(before - 1e-12);
      before = chance;
    }
  }

  /** The dates come in order, and the date of even chances agrees with the chance in time. */
  @Property(tries = 50)
  void dates_and_chance_tell_the_same(
      @ForAll @IntRange(min = 20, max = 150) int count,
      @ForAll @Size(min = 7, max = 9) List<@IntRange(min = 1, max = 9) Integer> counts) {
    var quota = sprint(count, 20, MissedWork.SPREAD);
    var f = forecast(quota, counts, 0, Quotas.EVERY_DAY);
    var due = quota.promise().end(Quotas.EVERY_DAY);
    double inTime = f.inTime().orElseThrow();
    assertThat(f.early().orElseThrow()).isBeforeOrEqualTo(f.middle().orElseThrow());
    f.late().ifPresent(late -> assertThat(f.middle().orElseThrow()).isBeforeOrEqualTo(late));
    assertThat(!f.middle().orElseThrow().isAfter(due)).isEqualTo(inTime >= 0.5);
    assertThat(f.reachable() >= count).isEqualTo(inTime >= 0.5);
    assertThat(f.moreDays().orElseThrow() == 0).isEqualTo(inTime >= 0.5);
  }

  /** The estimate lies between what was drawn and what was expected. */
  @Property
  void the_pace_lies_between_own_and_expected(
      @ForAll @Size(min = 1, max = 30) List<@IntRange(min = 5, max = 2000) Integer> own,
      @ForAll @IntRange(min = 5, max = 2000) int expected) {
    var estimate = PaceEstimate.of(own, expected);
    double median = ShrunkMedian.median(own);
    assertThat((double) estimate.secondsEach())
        .isBetween(Math.min(median, expected) - 0.5, Math.max(median, expected) + 0.5);
    assertThat(estimate.entries()).isEqualTo(own.size());
  }

  /** A ramp moves by whole steps, and only up after a week that met its target. */
  @Property
  void a_ramp_moves_by_steps(
      @ForAll @IntRange(min = 1, max = 50) int first,
      @ForAll @IntRange(min = 1, max = 20) int step,
      @ForAll @Size(max = 20) List<@IntRange(max = 120) Integer> done) {
    var ramp = new Promise.Ramp(first, step, 30, MONDAY);
    int before = first;
    for (int i = 0; i <= done.size(); i++) {
      int target = ramp.asked(done.subList(0, i));
      assertThat(target).isGreaterThanOrEqualTo(first);
      assertThat((target - first) % step).isZero();
      assertThat(Math.abs(target - before)).isLessThanOrEqualTo(step);
      if (i > 0) {
        assertThat(target > before).isEqualTo(done.get(i - 1) >= before);
      }
      before = target;
    }
  }

  /** The curve never falls and ends at its count. */
  @Property(tries = 200)
  void a_curve_adds_up(@ForAll @Size(max = 20) List<@IntRange(max = 15) Integer> counts) {
    var lines = new ArrayList<QuotaRecord.Line>();
    for (int i = 0; i < counts.size(); i++) {
      lines.add(new QuotaRecord.Line(MONDAY.plusDays(i), counts.get(i), 10, 0));
    }
    var record = QuotaRecord.of(lines, 100, MONDAY, MONDAY.plusDays(25));
    assertThat(record.curve()).isSorted().hasSize(26);
    assertThat(record.curve().get(25)).isEqualTo(record.done());
    assertThat(record.minutes()).isEqualTo(10 * counts.size());
  }
}
