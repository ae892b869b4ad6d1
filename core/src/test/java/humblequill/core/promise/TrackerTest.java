package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Tally;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** How quotas go on from day to day. Common practice, no published source. */
class TrackerTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static Quota quota(Promise promise, MissedWork policy, DayOfWeek... rest) {
    return Quotas.of(promise, policy, rest);
  }

  private static Progress on(Quota quota, int day, Integer... counts) {
    var byDay = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < counts.length; i++) {
      if (counts[i] > 0) {
        byDay.put(MONDAY.plusDays(i), counts[i]);
      }
    }
    return Tracker.progress(quota, Tally.of(byDay), Quotas.EVERY_DAY, MONDAY.plusDays(day));
  }

  private static Promise sprint(int count, int days) {
    return new Promise.Sprint(count, MONDAY, MONDAY.plusDays(days - 1L));
  }

  @Test
  void a_sprint_asks_for_what_each_day_left_needs() {
    var quota = quota(sprint(90, 10), MissedWork.SPREAD);
    var first = on(quota, 0);
    assertThat(first.today()).isEqualTo(9);
    assertThat(first.daysLeft()).isEqualTo(10);
    var third = on(quota, 2, 9, 3);
    assertThat(third.left()).isEqualTo(78);
    assertThat(third.neededPerDay()).as("78 on 8 days").isEqualTo(10);
    assertThat(third.before().pace()).isEqualTo(6);
    assertThat(third.before().planned()).isEqualTo(18);
    var drawn = on(quota, 2, 9, 3, 12);
    assertThat(drawn.today()).as("what was asked this morning").isEqualTo(10);
    assertThat(drawn.bonusToday()).isEqualTo(2);
    assertThat(drawn.daysLeft()).as("today's share is done").isEqualTo(7);
    assertThat(drawn.neededPerDay()).as("66 on 7 days").isEqualTo(10);
    var half = on(quota, 2, 9, 3, 4);
    assertThat(half.daysLeft()).as("six of today's ten are open").isEqualTo(8);
  }

  @Test
  void missed_days_spread_slide_or_go() {
    Integer[] counts = {9, 0, 9, 0};
    var spread = on(quota(sprint(90, 10), MissedWork.SPREAD), 4, counts);
    assertThat(spread.span().missed()).isEqualTo(2);
    assertThat(spread.neededPerDay()).as("72 on 6 days").isEqualTo(12);
    var slide = on(quota(sprint(90, 10), MissedWork.SLIDE), 4, counts);
    assertThat(slide.due()).isEqualTo(MONDAY.plusDays(11));
    assertThat(slide.neededPerDay()).as("72 on 8 days").isEqualTo(9);
    var letGo = on(quota(sprint(90, 10), MissedWork.LET_GO), 4, counts);
    assertThat(letGo.asked()).isEqualTo(72);
    assertThat(letGo.neededPerDay()).as("54 on 6 days").isEqualTo(9);
  }

  @Test
  void rest_days_are_not_missed_and_ask_for_nothing() {
    var quota = quota(sprint(60, 7), MissedWork.SLIDE, DayOfWeek.WEDNESDAY);
    var wednesday = on(quota, 2, 10, 10);
    assertThat(wednesday.today()).isZero();
    assertThat(wednesday.daysLeft()).isEqualTo(4);
    assertThat(on(quota, 3, 10, 10, 0).span().missed()).isZero();
    assertThat(on(quota, 3, 10, 10, 4).left()).as("drawn on a rest day counts").isEqualTo(36);
  }

  @Test
  void a_daily_run_knows_its_page() {
    var run = new Promise.DailyRun(30, 1, MONDAY);
    assertThat(on(quota(run, MissedWork.SLIDE), 4, 1, 1, 0, 1).number()).hasValue(4);
    assertThat(on(quota(run, MissedWork.SLIDE), 4, 1, 1, 0, 1).due())
        .isEqualTo(MONDAY.plusDays(30));
    assertThat(on(quota(run, MissedWork.LET_GO), 4, 1, 1, 0, 1).number()).hasValue(5);
    assertThat(on(quota(run, MissedWork.SPREAD), 0).due()).isEqualTo(MONDAY.plusDays(29));
  }

  @Test
  void a_ramp_climbs_holds_and_steps_back() {
    var ramp = quota(new Promise.Ramp(10, 5, 8, MONDAY), MissedWork.SPREAD);
    var counts = new HashMap<LocalDate, Integer>();
    counts.put(MONDAY, 10);
    counts.put(MONDAY.plusDays(7), 15);
    counts.put(MONDAY.plusDays(14), 12);
    counts.put(MONDAY.plusDays(21), 19);
    var fifth = Tracker.progress(ramp, Tally.of(counts), Quotas.EVERY_DAY, MONDAY.plusDays(28));
    assertThat(fifth.weeks()).extracting(Progress.Week::target).containsExactly(10, 15, 20, 20);
    assertThat(fifth.weeks())
        .extracting(Progress.Week::met)
        .containsExactly(true, true, false, false);
    assertThat(fifth.asked()).as("missed twice: back by a step").isEqualTo(15);
    assertThat(fifth.total()).isEqualTo(56);
    var after = Tracker.progress(ramp, Tally.of(counts), Quotas.EVERY_DAY, MONDAY.plusDays(60));
    assertThat(after.over()).as("eight weeks are over").isTrue();
  }

  @Test
  void a_ramp_never_steps_below_its_first_target() {
    assertThat(new Promise.Ramp(10, 5, 9, MONDAY).asked(List.of(0, 0, 0, 0))).isEqualTo(10);
  }

  @Test
  void a_standing_quota_begins_anew_each_week() {
    var standing = quota(new Promise.Standing(20, MONDAY), MissedWork.SPREAD);
    var second = on(standing, 8, 25, 0, 0, 0, 0, 0, 0, 4);
    assertThat(second.from()).isEqualTo(MONDAY.plusDays(7));
    assertThat(second.left()).isEqualTo(16);
    assertThat(second.weeks()).hasSize(1);
    assertThat(second.over()).isFalse();
  }

  @Test
  void only_what_matches_counts() {
    var hull = Drawns.of(MONDAY, "hulls", 12, 40, 3, 0);
    var counting = Counting.all(Counting.Unit.DRAWINGS);
    assertThat(counting.unitsIn(hull)).isEqualTo(12);
    assertThat(Counting.all(Counting.Unit.PAGES).unitsIn(hull)).isEqualTo(3);
    assertThat(Counting.all(Counting.Unit.MINUTES).unitsIn(hull)).isEqualTo(40);
    var fromLife =
        new Counting(
            Counting.Unit.DRAWINGS,
            Optional.of("hulls"),
            Optional.empty(),
            Optional.of("life"),
            Optional.empty(),
            Optional.empty());
    assertThat(fromLife.unitsIn(hull)).isEqualTo(12);
    assertThat(fromLife.servedBy("hy-7-1", Set.of("hulls"), Optional.of("life"))).isTrue();
    assertThat(fromLife.servedBy("hy-7-1", Set.of("hulls"), Optional.of("photo"))).isFalse();
    var inInk =
        new Counting(
            Counting.Unit.DRAWINGS,
            Optional.empty(),
            Optional.of("brush pen"),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    assertThat(inInk.unitsIn(hull)).isZero();
  }

  /** Spread: what is asked of the days left is enough, and not a unit a day too much. */
  @Property
  void what_is_needed_is_enough(
      @ForAll @IntRange(min = 1, max = 300) int count,
      @ForAll @IntRange(min = 1, max = 40) int days,
      @ForAll @IntRange(max = 50) int drawn) {
    var progress = on(quota(sprint(count, days), MissedWork.SPREAD), 1, drawn);
    if (progress.daysLeft() > 0) {
      assertThat(progress.neededPerDay() * progress.daysLeft())
          .isGreaterThanOrEqualTo(progress.left())
          .isLessThan(progress.left() + progress.daysLeft());
    }
  }

  @Test
  void impossible_promises_name_the_field() {
    assertThatThrownBy(() -> new Promise.Sprint(0, MONDAY, MONDAY))
        .isInstanceOf(BrokenPromiseException.class)
        .hasMessageContaining("field=count, why=promise.amountWithin most=10000, value=0");
    assertThatThrownBy(() -> new Promise.Sprint(5, MONDAY, MONDAY.minusDays(1)))
        .hasMessageContaining("promise.dayBeforeStart");
    assertThatThrownBy(() -> quota(sprint(1, 1), MissedWork.SPREAD, DayOfWeek.values()))
        .hasMessageContaining("promise.noWeekdayLeft");
  }
}
