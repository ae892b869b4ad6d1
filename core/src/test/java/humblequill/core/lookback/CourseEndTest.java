package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.Courses;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.Placement;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import humblequill.core.day.entry.Tally;
import humblequill.core.ground.stats.PolyaUrn;
import humblequill.core.promise.DayUrn;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** When a course will really end. */
class CourseEndTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final UUID ID = new UUID(0, 1);

  /** Twelve weeks of a hundred minutes each. */
  private static final PlacedCourse COURSE =
      new PlacedCourse(
          ID, Placement.of(Courses.drills(12, 100, 60), MONDAY), false, 1, MONDAY, List.of());

  /** So many minutes on the first day of each week. */
  private static Ledger drawn(int... minutes) {
    var drawn = new ArrayList<Drawn>();
    for (int i = 0; i < minutes.length; i++) {
      if (minutes[i] > 0) {
        drawn.add(Drawns.of(MONDAY.plusDays(7L * i), "hulls", 1, minutes[i]));
      }
    }
    return Ledger.of(drawn);
  }

  private static CourseEnd end(LocalDate today, int... minutes) {
    return CourseEnd.of(COURSE, drawn(minutes), today).orElseThrow();
  }

  @Test
  void a_span_is_told_after_three_weeks_and_not_before() {
    var early = end(MONDAY.plusDays(14), 50, 50);
    assertThat(early.ownWeeks()).isEqualTo(2);
    assertThat(early.middle()).isEmpty();
    assertThat(early.share()).isEqualTo(0.5);
    assertThat(early.byPlan()).isEqualTo(MONDAY.plusDays(83));
    assertThat(end(MONDAY.plusDays(21), 50, 50, 50).middle()).isPresent();
  }

  @Test
  void half_of_the_time_takes_longer_than_the_plan_and_all_of_it_does_not() {
    var today = MONDAY.plusDays(42);
    var half = end(today, 50, 50, 50, 50, 50, 50);
    assertThat(half.middle().orElseThrow()).isAfter(half.byPlan().plusDays(21));
    assertThat(half.early().orElseThrow()).isBefore(half.middle().orElseThrow());
    assertThat(half.late().orElseThrow()).isAfter(half.middle().orElseThrow());
    var whole = end(today, 100, 100, 100, 100, 100, 100);
    assertThat(whole.middle().orElseThrow()).isBeforeOrEqualTo(whole.byPlan().plusDays(7));
    assertThat(whole.share()).isEqualTo(1);
  }

  /** Against the urn drawn one by one, each draw put back with one more of its kind. */
  @Test
  void dates_are_those_of_direct_convolution() {
    var today = MONDAY.plusDays(63);
    var end = end(today, 100, 50, 80, 100, 0, 60, 100, 90, 70);
    var own = new TreeMap<LocalDate, Integer>();
    int[] tenths = {10, 5, 8, 10, 0, 6, 10, 9, 7};
    for (int i = 0; i < tenths.length; i++) {
      own.put(MONDAY.plusDays(7L * i), tenths[i]);
    }
    var urn = DayUrn.of(new Tally(own), 10, 1, 3);
    int weeks = 1;
    while (reached(urn, 30, weeks) < 0.5) {
      weeks++;
    }
    assertThat(end.middle()).contains(MONDAY.plusDays(63 + 7L * weeks - 1));
  }

  private static double reached(PolyaUrn urn, int left, int weeks) {
    if (left <= 0 || weeks == 0) {
      return left <= 0 ? 1 : 0;
    }
    var one = urn.draws(urn.most() + 2);
    one.next();
    double sum = 0;
    for (int count = 0; count <= urn.most(); count++) {
      double chance = one.atLeast(count) - one.atLeast(count + 1);
      if (chance > 1e-15) {
        sum += chance * reached(urn.drawn(count), left - count, weeks - 1);
      }
    }
    return sum;
  }

  @Test
  void before_its_beginning_and_after_its_end_nothing_is_told() {
    assertThat(CourseEnd.of(COURSE, Ledger.EMPTY, MONDAY.minusDays(1))).isEmpty();
    assertThat(CourseEnd.of(COURSE, Ledger.EMPTY, MONDAY.plusDays(84))).isEmpty();
  }

  @Test
  void drawing_never_puts_the_end_off() {
    var today = MONDAY.plusDays(42);
    var before = end(today, 60, 60, 60, 60, 60, 60).middle().orElseThrow();
    for (int more = 20; more <= 240; more += 20) {
      var after = end(today, 60, 60, 60, 60, 60, 60, more).middle().orElseThrow();
      assertThat(after).as("%d minutes", more).isBeforeOrEqualTo(before);
      before = after;
    }
  }
}
