package humblequill.core.ground.copies;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class GenerationsTest {
  private static final LocalDate DAY = LocalDate.parse("2026-11-27");

  private final List<Generations.Made> copies = new ArrayList<>();
  private long number;

  private Generations.Made make(LocalDateTime at) {
    var made = new Generations.Made(++number, at, true);
    copies.add(made);
    copies.retainAll(Generations.kept(copies));
    return made;
  }

  private List<LocalDate> days() {
    return List.copyOf(new TreeSet<>(copies.stream().map(c -> c.at().toLocalDate()).toList()));
  }

  /** Grandfather, father and son, counted out on the calendar: common practice. */
  @Test
  void after_years_of_daily_copies_days_weeks_and_months_are_left() {
    for (var day = DAY.minusYears(3); !day.isAfter(DAY); day = day.plusDays(1)) {
      make(day.atTime(18, 0));
    }
    var expected = new TreeSet<LocalDate>();
    for (int i = 0; i < 14; i++) {
      expected.add(DAY.minusDays(i));
    }
    for (int i = 0; i < 7; i++) {
      expected.add(DAY.with(DayOfWeek.SUNDAY).minusWeeks(i + 1L));
    }
    for (int i = 0; i < 11; i++) {
      expected.add(DAY.withDayOfMonth(1).minusMonths(i).minusDays(1));
    }
    assertThat(days()).containsExactlyElementsOf(expected);
  }

  @Test
  void all_of_the_last_three_days_are_kept_and_then_the_last_of_each() {
    for (int day = 0; day < 5; day++) {
      for (int hour = 8; hour < 20; hour += 4) {
        make(DAY.plusDays(day).atTime(hour, 0));
      }
    }
    assertThat(copies).hasSize(3 * 3 + 2);
    assertThat(copies.get(0).at()).isEqualTo(DAY.atTime(16, 0));
  }

  @Test
  void a_break_drops_nothing() {
    for (int i = 0; i < 14; i++) {
      make(DAY.plusDays(i).atTime(18, 0));
    }
    make(DAY.plusYears(1).atTime(9, 0));
    assertThat(days()).hasSize(14).contains(DAY.plusDays(1));
    assertThat(days()).contains(DAY.plusDays(13));
  }

  @Test
  void a_clock_that_jumps_ahead_and_back_drops_nothing() {
    for (int i = 0; i < 10; i++) {
      make(DAY.plusDays(i).atTime(18, 0));
    }
    make(DAY.plusYears(30).atTime(9, 0));
    make(DAY.minusYears(30).atTime(9, 0));
    var next = make(DAY.plusDays(10).atTime(18, 0));
    assertThat(days()).hasSize(13);
    assertThat(copies).contains(next);
  }

  @Test
  void what_is_not_good_fills_no_layer_and_is_kept() {
    var old = make(DAY.atTime(9, 0));
    for (int i = 1; i <= 60; i++) {
      copies.add(new Generations.Made(++number, DAY.plusDays(i).atTime(9, 0), false));
    }
    assertThat(Generations.kept(copies)).contains(old).hasSize(61);
  }

  @Property
  void the_newest_good_copy_is_always_kept_and_dropping_twice_drops_no_more(
      @ForAll @Size(min = 1, max = 200) List<@IntRange(min = -2000, max = 2000) Integer> hours,
      @ForAll @Size(min = 1, max = 200) List<Boolean> good) {
    var all = new ArrayList<Generations.Made>();
    for (int i = 0; i < hours.size(); i++) {
      all.add(
          new Generations.Made(
              i, DAY.atStartOfDay().plusHours(hours.get(i)), good.get(i % good.size())));
    }
    var kept = Generations.kept(all);
    assertThat(Generations.kept(kept)).isEqualTo(kept);
    all.stream()
        .filter(Generations.Made::good)
        .reduce((a, b) -> b)
        .ifPresent(newest -> assertThat(kept).contains(newest));
    assertThat(
            kept.stream().filter(Generations.Made::good).map(c -> c.at().toLocalDate()).distinct())
        .hasSizeLessThanOrEqualTo(14 + 8 + 12);
  }
}
