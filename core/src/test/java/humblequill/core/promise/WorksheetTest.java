package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.course.plan.DayRoom;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Can it be done? Arithmetic by hand; common practice, no published source. */
class WorksheetTest {
  private static final LocalDate START = LocalDate.of(2026, 3, 2);

  private static List<DayRoom> days(int from, int count, int minutes) {
    return IntStream.range(from, from + count)
        .mapToObj(i -> new DayRoom(START.plusDays(i), minutes, 10, 0))
        .toList();
  }

  private static Worksheet sheet(int count, int seconds, int days, int minutes) {
    return Worksheet.of(count, seconds, days(0, days, minutes), days(days, 200, minutes));
  }

  @Test
  void ninety_in_ten_days_of_half_an_hour() {
    var sheet = sheet(90, 300, 10, 30);
    assertThat(sheet.overheadSeconds()).as("10 days of 10 min").isEqualTo(100 * 60);
    assertThat(sheet.workSeconds()).as("450 + 100 min").isEqualTo(550 * 60);
    assertThat(sheet.load()).isCloseTo(550 / 300.0, within(1e-12));
    assertThat(sheet.fits()).isFalse();
    assertThat(sheet.minutesADay()).as("9 a day of 5 min, and 10").hasValue(55);
    var remedies = sheet.remedies().orElseThrow();
    assertThat(remedies.extraDays().orElseThrow().drawingDays())
        .as("4 a day: 23 days")
        .isEqualTo(13);
    assertThat(remedies.drops().get(0).count()).as("10 days of 4").isEqualTo(50);
    assertThat(remedies.paces().get(0).secondsEach()).as("20 min for 9: 133 s").isEqualTo(133);
    assertThat(remedies.minutesADay()).hasValue(55);
  }

  @Test
  void a_promise_that_fits_says_what_it_takes() {
    var sheet = sheet(40, 300, 10, 30);
    assertThat(sheet.fits()).isTrue();
    assertThat(sheet.remedies()).isEmpty();
    assertThat(sheet.perDay()).isEqualTo(4);
    assertThat(sheet.load()).isEqualTo(1);
    assertThat(sheet.minutesADay()).hasValue(30);
  }

  @Test
  void no_time_at_all_is_said() {
    var sheet = sheet(3, 60, 4, 0);
    assertThat(sheet.load()).isInfinite();
    assertThat(sheet.drawingDays()).isZero();
    assertThat(sheet.minutesADay()).isEmpty();
  }

  /** Minutes a day are the fewest that fit; one less does not. */
  @Property(tries = 60)
  void minutes_a_day_are_exact(
      @ForAll @IntRange(min = 1, max = 120) int count,
      @ForAll @IntRange(min = 20, max = 900) int seconds,
      @ForAll @IntRange(min = 1, max = 20) int days) {
    var needed = sheet(count, seconds, days, 30).minutesADay();
    if (needed.isPresent()) {
      assertThat(sheet(count, seconds, days, needed.getAsInt()).fits()).isTrue();
      assertThat(sheet(count, seconds, days, needed.getAsInt() - 1).fits()).isFalse();
    }
  }

  @Test
  void own_entries_outweigh_the_expected_figure_as_they_grow() {
    assertThat(PaceEstimate.of(List.of(), 240)).isEqualTo(new PaceEstimate(240, 0, 0));
    assertThat(PaceEstimate.of(List.of(100, 140, 120), 240).secondsEach())
        .as("(3 · 120 + 5 · 240) / 8")
        .isEqualTo(195);
    var many = java.util.Collections.nCopies(95, 120);
    assertThat(PaceEstimate.of(many, 240).secondsEach())
        .as("(95 · 120 + 1200) / 100")
        .isEqualTo(126);
    assertThat(PaceEstimate.of(List.of(100, 200), 150).ownSeconds()).isEqualTo(150);
  }

  /** Four a day: ten by the third, twenty by the fifth, each with 10 minutes of setting up. */
  @Test
  void a_smaller_promise_to_begin_with_has_its_own_days_and_time() {
    var sheet = sheet(90, 300, 10, 30);
    assertThat(sheet.trial(10, 300))
        .contains(new Worksheet.Trial(10, START.plusDays(2), 3, (50 + 30) * 60));
    assertThat(sheet.trial(20, 300))
        .contains(new Worksheet.Trial(20, START.plusDays(4), 5, (100 + 50) * 60));
    assertThat(sheet(29, 300, 10, 30).trial(10, 300)).as("not worth one").isEmpty();
    assertThat(sheet(90, 300, 2, 30).trial(10, 300)).as("eight have a day").isEmpty();
  }
}
