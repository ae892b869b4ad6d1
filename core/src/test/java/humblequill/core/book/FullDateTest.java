package humblequill.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.day.entry.Tally;
import humblequill.core.ground.stats.PolyaUrn;
import humblequill.core.promise.DayUrn;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.IntUnaryOperator;
import org.junit.jupiter.api.Test;

class FullDateTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 3, 30);

  /** Pages of each of the last 28 days, the oldest first; nothing today. */
  private static Tally days(IntUnaryOperator pages) {
    var days = new TreeMap<LocalDate, Integer>();
    for (int i = 0; i < 28; i++) {
      days.put(TODAY.minusDays(28 - i), pages.applyAsInt(i));
    }
    return new Tally(days);
  }

  private static final LocalDate LONG_AGO = TODAY.minusDays(100);

  /**
   * Against direct convolution: the urn's draws summed by walking every order of counts, with the
   * weight of each count one more for each time it was drawn.
   */
  @Test
  void dates_are_those_of_direct_convolution() {
    var own = days(i -> new int[] {0, 2, 1, 0, 3, 1, 0}[i % 7]);
    int left = 9;
    var full = FullDate.of(left, own, LONG_AGO, 1, TODAY);
    double mean = own.byDay().values().stream().mapToInt(n -> n).average().orElseThrow();
    var urn = DayUrn.of(own, 1, 7, (int) Math.ceil(left / mean));
    for (double q : new double[] {.1, .5, .9}) {
      int days = 1;
      while (walk(urn, left, days) < q) {
        days++;
      }
      var told = q == .1 ? full.early() : q == .5 ? full.middle() : full.late();
      assertThat(told).contains(TODAY.plusDays(days - 1));
    }
    assertThat(full.pagesADay()).isCloseTo(1.0, within(1e-9));
    assertThat(full.fan()).isNotEmpty();
    for (var by : full.fan()) {
      assertThat(by.low()).isLessThanOrEqualTo(by.middle());
      assertThat(by.middle()).isLessThanOrEqualTo(by.high());
      assertThat(by.high()).isLessThanOrEqualTo(full.left());
    }
  }

  /**
   * P(sum of the draws ≥ left), the urn as it is after each draw; the same counts drawn in another
   * order are worked out once.
   */
  private static double walk(PolyaUrn urn, int left, int days) {
    return walk(urn, left, days, new TreeMap<>(), new HashMap<>());
  }

  private static double walk(
      PolyaUrn urn,
      int left,
      int days,
      TreeMap<Integer, Integer> drawn,
      Map<String, Double> known) {
    if (left <= 0 || days == 0) {
      return left <= 0 ? 1 : 0;
    }
    var key = drawn + " " + days;
    var before = known.get(key);
    if (before != null) {
      return before;
    }
    double sum = 0;
    for (int count = 0; count <= urn.most(); count++) {
      double chance = chanceOf(urn, count);
      if (chance > 0) {
        drawn.merge(count, 1, Integer::sum);
        sum += chance * walk(urn.drawn(count), left - count, days - 1, drawn, known);
        drawn.computeIfPresent(count, (k, n) -> n == 1 ? null : n - 1);
      }
    }
    known.put(key, sum);
    return sum;
  }

  /** How likely one draw is exactly so much. */
  private static double chanceOf(PolyaUrn urn, int count) {
    var one = urn.draws(urn.most() + 2);
    one.next();
    return one.atLeast(count) - one.atLeast(count + 1);
  }

  @Test
  void drawing_never_puts_the_date_off() {
    var before = FullDate.of(20, days(i -> i % 3), LONG_AGO, 1, TODAY);
    for (int today = 1; today <= 12; today++) {
      var more = new TreeMap<>(days(i -> i % 3).byDay());
      more.put(TODAY, today);
      var after = FullDate.of(20 - today, new Tally(more), LONG_AGO, 1, TODAY);
      assertThat(after.middle().orElseThrow()).isBeforeOrEqualTo(before.middle().orElseThrow());
      before = after;
    }
  }

  @Test
  void nothing_is_told_on_too_little() {
    var young = FullDate.of(50, Tally.NONE, TODAY.minusDays(2), 1.5, TODAY);
    assertThat(young.middle()).isEmpty();
    assertThat(young.ownDays()).isEqualTo(2);
    assertThat(young.pagesADay()).isEqualTo(1.5);
    var idle = FullDate.of(900, days(i -> 0), LONG_AGO, 1, TODAY);
    assertThat(idle.late()).isEmpty();
    var full = FullDate.of(0, days(i -> 1), LONG_AGO, 1, TODAY);
    assertThat(full.middle()).isEmpty();
    assertThat(full.left()).isZero();
  }

  @Test
  void an_even_pace_is_told_about_as_it_is() {
    var full = FullDate.of(28, days(i -> 1), LONG_AGO, 1, TODAY);
    assertThat(full.middle().orElseThrow()).isBetween(TODAY.plusDays(22), TODAY.plusDays(33));
    assertThat(full.early().orElseThrow()).isBeforeOrEqualTo(full.middle().orElseThrow());
    assertThat(full.late().orElseThrow()).isAfterOrEqualTo(full.middle().orElseThrow());
  }
}
