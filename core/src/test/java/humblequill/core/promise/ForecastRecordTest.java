package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How forecasts held, by hand: two drawings on every day are within any fair span of a week. */
class ForecastRecordTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  /** Two a day for so many days, and some more on one of them. */
  private static Account drawn(int days, int more, int on, LocalDate ended) {
    var sprint = new Promise.Sprint(500, MONDAY, MONDAY.plusDays(99));
    var entries = new ArrayList<Drawn>();
    for (int i = 0; i < days; i++) {
      entries.add(Drawns.of(MONDAY.plusDays(i), "posts", 2 + (i == on ? more : 0), 4));
    }
    return Account.of(
        Quotas.of(sprint, MissedWork.SPREAD), Optional.ofNullable(ended), entries, Tally.NONE);
  }

  private static ForecastRecord record(Account account, int today) {
    return ForecastRecord.of(account, Quotas.EVERY_DAY, MONDAY.plusDays(today));
  }

  @Test
  void weeks_that_are_over_are_held_against_the_span_that_stood_at_their_beginning() {
    assertThat(record(drawn(21, 0, 0, null), 21)).isEqualTo(new ForecastRecord(2, 2));
  }

  @Test
  void the_first_week_has_no_span_and_the_week_under_way_is_not_over() {
    assertThat(record(drawn(7, 0, 0, null), 7)).isEqualTo(ForecastRecord.NONE);
    assertThat(record(drawn(20, 0, 0, null), 20)).isEqualTo(new ForecastRecord(1, 1));
  }

  @Test
  void a_week_far_beyond_or_far_below_was_not_called_likely() {
    assertThat(record(drawn(14, 60, 9, null), 14)).isEqualTo(new ForecastRecord(1, 0));
    assertThat(record(drawn(14, 0, 0, null), 28)).isEqualTo(new ForecastRecord(3, 1));
  }

  @Test
  void nothing_stands_for_the_weeks_after_its_end() {
    assertThat(record(drawn(14, 0, 0, MONDAY.plusDays(13)), 60))
        .isEqualTo(new ForecastRecord(1, 1));
  }

  @Test
  void it_tells_from_eight_weeks_on() {
    var seven = new ForecastRecord(7, 6);
    assertThat(seven.tells()).isFalse();
    assertThat(seven.plus(new ForecastRecord(1, 0))).isEqualTo(new ForecastRecord(8, 6));
    assertThat(seven.plus(new ForecastRecord(1, 0)).tells()).isTrue();
  }
}
