package humblequill.core.day.streak;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Tally;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.TreeMap;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;

class StreakPropertiesTest {
  private static final LocalDate START = LocalDate.of(2026, 1, 1);

  /** 0 missed, 1 rest, else practised. */
  private static PracticeRecord record(List<Integer> days) {
    var minutes = new HashMap<LocalDate, Integer>();
    for (int i = 0; i < days.size(); i++) {
      if (days.get(i) > 1) {
        minutes.put(START.plusDays(i), 15);
      }
    }
    return PracticeRecord.of(
        Tally.of(minutes),
        0,
        date -> {
          int i = (int) (date.toEpochDay() - START.toEpochDay());
          return i >= 0 && i < days.size() && days.get(i) == 1;
        },
        START.plusDays(days.size() - 1L));
  }

  @Property
  void a_kinder_rule_never_counts_less(
      @ForAll @Size(min = 1, max = 60) List<@IntRange(max = 4) Integer> days) {
    var strict = new EveryDay().count(record(days), DayOfWeek.MONDAY);
    var kind = new NeverTwice().count(record(days), DayOfWeek.MONDAY);
    assertThat(kind.current().length()).isGreaterThanOrEqualTo(strict.current().length());
    assertThat(kind.longest().length()).isGreaterThanOrEqualTo(strict.longest().length());
  }

  @Property
  void rest_days_taken_out_change_no_run_in_days(
      @ForAll @Size(min = 2, max = 60) List<@IntRange(max = 4) Integer> days) {
    var without = days.stream().filter(d -> d != 1).toList();
    if (without.isEmpty() || days.get(days.size() - 1) == 1) {
      return;
    }
    for (var rule : List.of(new EveryDay(), new NeverTwice())) {
      assertThat(rule.count(record(days), DayOfWeek.MONDAY).current().length())
          .isEqualTo(rule.count(record(without), DayOfWeek.MONDAY).current().length());
    }
  }

  @Property
  void practising_today_never_shortens_a_run(
      @ForAll @Size(min = 2, max = 40) List<@IntRange(max = 4) Integer> days,
      @ForAll @IntRange(min = 1, max = 7) int n) {
    var open = new java.util.ArrayList<>(days);
    open.set(days.size() - 1, 0);
    var drawn = new java.util.ArrayList<>(days);
    drawn.set(days.size() - 1, 2);
    for (var rule : List.of(new EveryDay(), new NeverTwice(), new WeeklyRhythm(n))) {
      assertThat(rule.count(record(drawn), DayOfWeek.MONDAY).current().length())
          .isGreaterThanOrEqualTo(rule.count(record(open), DayOfWeek.MONDAY).current().length());
    }
  }

  @Property
  void missing_a_deciding_day_ends_the_run(
      @ForAll @Size(min = 2, max = 40) List<@IntRange(max = 4) Integer> days) {
    var open = new java.util.ArrayList<>(days);
    open.set(days.size() - 1, 0);
    var dayLater = new java.util.ArrayList<>(open);
    dayLater.add(0);
    for (var rule : List.of(new EveryDay(), new NeverTwice())) {
      var today = rule.count(record(open), DayOfWeek.MONDAY);
      var tomorrow = rule.count(record(dayLater), DayOfWeek.MONDAY);
      boolean ended = today.current().length() > 0 && tomorrow.current().length() == 0;
      assertThat(ended).isEqualTo(today.todayDecides());
    }
  }

  /** Looked at from every day in turn, the runs are those that were alive on some day. */
  @Property
  void all_runs_are_those_that_once_lived(
      @ForAll @Size(min = 1, max = 40) List<@IntRange(max = 4) Integer> days) {
    for (var rule : List.of(new EveryDay(), new NeverTwice(), new WeeklyRhythm(3))) {
      var lived = new TreeMap<LocalDate, Integer>();
      for (int n = 1; n <= days.size(); n++) {
        var run = rule.count(record(days.subList(0, n)), DayOfWeek.MONDAY).current();
        if (run.length() > 0) {
          lived.merge(run.from(), run.length(), Math::max);
        }
      }
      var told = rule.count(record(days), DayOfWeek.MONDAY).runs();
      assertThat(told.stream().map(Run::from)).isSorted();
      var byStart = new TreeMap<LocalDate, Integer>();
      told.forEach(r -> byStart.put(r.from(), r.length()));
      assertThat(byStart).isEqualTo(lived);
    }
  }
}
