package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.placement.MissedWork;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Tally;
import humblequill.core.ground.calendar.Availability;
import humblequill.core.ground.calendar.WeekPattern;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Promises without a date: a pace and dates, no verdict. By hand. */
class OwnTimeTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);
  private static final Quota THIRTY = Quotas.of(new Promise.OwnTime(30, MONDAY), MissedWork.LET_GO);

  /** Two a day, for so many days. */
  private static Account drawn(int days) {
    var entries =
        IntStream.range(0, days)
            .mapToObj(i -> Drawns.of(MONDAY.plusDays(i), "posts", 2, 4))
            .toList();
    return Account.of(THIRTY, Optional.empty(), entries, Tally.NONE);
  }

  private static Forecast forecast(Account account, LocalDate today) {
    return Forecast.of(
        account.progress(Quotas.EVERY_DAY, today),
        new Forecast.Known(Tally.NONE, Quotas.EVERY_DAY, today, true, false, 10));
  }

  @Test
  void it_asks_nothing_of_a_day_and_takes_no_minutes() {
    var account = drawn(5);
    var saturday = MONDAY.plusDays(5);
    var progress = account.progress(Quotas.EVERY_DAY, saturday);
    assertThat(progress.today()).isZero();
    assertThat(progress.asked()).isEqualTo(30);
    assertThat(progress.done()).isEqualTo(10);
    for (int day = 0; day < 30; day++) {
      assertThat(
              TakenMinutes.on(
                  saturday.plusDays(day), account, progress, Quotas.EVERY_DAY, saturday, List.of()))
          .isZero();
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 2, 400, 3000})
  void it_is_never_over_before_its_count(int daysLater) {
    var account = drawn(5);
    var today = MONDAY.plusDays(daysLater);
    assertThat(account.runs(account.progress(Quotas.EVERY_DAY, today))).isTrue();
    assertThat(account.outcome(account.progress(Quotas.EVERY_DAY, today)))
        .isEqualTo(Outcome.RUNNING);
  }

  /** Twenty left at two a day are ten days. */
  @Test
  void the_forecast_tells_dates_and_no_verdict() {
    var saturday = MONDAY.plusDays(5);
    var forecast = forecast(drawn(5), saturday);
    assertThat(forecast.verdict()).isEqualTo(Forecast.Verdict.OPEN);
    assertThat(forecast.inTime()).isEmpty();
    assertThat(forecast.middle().orElseThrow())
        .isBetween(saturday.plusDays(8), saturday.plusDays(11));
    assertThat(forecast.early().orElseThrow()).isBeforeOrEqualTo(forecast.middle().orElseThrow());
    assertThat(forecast.fan().get(forecast.fan().size() - 1).date())
        .isEqualTo(forecast.late().orElseThrow());
  }

  @Test
  void before_three_own_days_it_is_by_the_plan_and_has_no_verdict_either() {
    assertThat(forecast(drawn(1), MONDAY.plusDays(1)).verdict()).isEqualTo(Forecast.Verdict.OPEN);
  }

  private static Worksheet sheet(int count, int minutesADay) {
    var quota =
        new Quota(
            "Pages",
            new Promise.OwnTime(count, MONDAY),
            Counting.all(Counting.Unit.DRAWINGS),
            Set.of(),
            MissedWork.SPREAD,
            Set.of(),
            300,
            new PromiseTime(OptionalInt.of(minutesADay), false));
    var every =
        new Availability(
            List.of(WeekPattern.everyDay(LocalDate.EPOCH, 60)), Map.of(), Set.of(), List.of());
    return Worksheet.of(quota, 300, Quotas.EVERY_DAY, new PromiseTime.Day(every, 10, date -> 0));
  }

  /** 30 minutes less 10 of setting up hold four of 5 minutes: 25 days. */
  @Test
  void the_worksheet_says_when_it_would_be_done() {
    var sheet = sheet(100, 30);
    assertThat(sheet.due()).isEqualTo(MONDAY.plusDays(24));
    assertThat(sheet.drawingDays()).isEqualTo(25);
    assertThat(sheet.fits()).isTrue();
  }

  @Test
  void a_day_that_holds_none_never_gets_there() {
    assertThat(sheet(100, 12).fits()).isFalse();
  }

  @Test
  void a_unit_lasts_what_the_learner_insists_on_and_own_entries_are_told_beside_it() {
    var learning = Quotas.of(new Promise.OwnTime(30, MONDAY), MissedWork.SPREAD);
    var insisting =
        new Quota(
            "Posts",
            learning.promise(),
            learning.counting(),
            Set.of(),
            MissedWork.SPREAD,
            Set.of(),
            120,
            true,
            PromiseTime.OF_THE_DAY);
    var own = List.of(200, 200, 200, 200, 200);
    assertThat(learning.pace(own).secondsEach()).as("half of each").isEqualTo(160);
    assertThat(insisting.pace(own)).isEqualTo(new PaceEstimate(120, 5, 200));
  }

  /** Two minutes are expected: 150 s are about that, 20 minutes are not. */
  @Test
  void work_without_own_entries_goes_by_the_same_topic_and_length() {
    var entries =
        List.of(
            Drawns.of(MONDAY, "ropes", 4, 10),
            Drawns.of(MONDAY, "ropes", 1, 20),
            Drawns.of(MONDAY, "gulls", 4, 8));
    assertThat(Account.secondsOfAlike(THIRTY, List.of("ropes"), entries)).containsExactly(150);
  }

  @Test
  void a_drawing_in_two_media_counts_for_either() {
    var both = withMedium("pen and watercolour");
    assertThat(counting("pen").matches(both)).isTrue();
    assertThat(counting("watercolour").matches(both)).isTrue();
    assertThat(counting("pen and watercolour").matches(both)).isTrue();
    assertThat(counting("brush pen").matches(both)).isFalse();
    assertThat(counting("pen").matches(withMedium("brush pen"))).isFalse();
  }

  private static Counting counting(String medium) {
    return new Counting(
        Counting.Unit.DRAWINGS,
        Optional.empty(),
        Optional.of(medium),
        Optional.empty(),
        Optional.empty(),
        Optional.empty());
  }

  private static Drawn withMedium(String medium) {
    var d = Drawns.of(MONDAY, "posts", 2, 4);
    return new Drawn(
        d.entry(),
        d.day(),
        d.called(),
        d.placement(),
        d.exercise(),
        d.topics(),
        Optional.of(medium),
        d.source(),
        d.book(),
        d.drawings(),
        d.minutes(),
        d.pages(),
        d.lastPage(),
        d.mark(),
        d.learned());
  }
}
