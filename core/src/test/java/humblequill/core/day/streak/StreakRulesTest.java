package humblequill.core.day.streak;

import static java.time.DayOfWeek.MONDAY;
import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Tally;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Weeks are written as days from a Monday on: x practised, . missed, r planned rest, R practised on
 * planned rest, and the last letter is today (o still open). All expectations are common practice,
 * no published source.
 */
class StreakRulesTest {
  private static final LocalDate START = LocalDate.of(2026, 3, 2);

  private static PracticeRecord days(String letters) {
    var minutes = new HashMap<LocalDate, Integer>();
    var rest = new HashSet<LocalDate>();
    for (int i = 0; i < letters.length(); i++) {
      var date = START.plusDays(i);
      char letter = letters.charAt(i);
      if (letter == 'x' || letter == 'R') {
        minutes.put(date, 20);
      }
      if (letter == 'r' || letter == 'R') {
        rest.add(date);
      }
    }
    return PracticeRecord.of(
        Tally.of(minutes), 0, rest::contains, START.plusDays(letters.length() - 1));
  }

  private static Streak count(StreakRule rule, String letters) {
    return rule.count(days(letters), MONDAY);
  }

  @ParameterizedTest
  @CsvSource({
    "xxx.x, 1, 3", // Mon–Wed, missed Thu, practised Fri
    "xxx, 3, 3",
    "xxxo, 3, 3", // today is still open
    "xxx.o, 0, 3",
    "xxxrx, 4, 4",
    "xxxRx, 5, 5",
    "xxxrro, 3, 3",
    "o, 0, 0",
    "x, 1, 1"
  })
  void every_day(String letters, int current, int longest) {
    var streak = count(new EveryDay(), letters);
    assertThat(streak.current().length()).isEqualTo(current);
    assertThat(streak.longest().length()).isEqualTo(longest);
  }

  @ParameterizedTest
  @CsvSource({
    "xxx.x, 4, 4", // Mon–Wed, missed Thu, practised Fri
    "xxx..x, 1, 3", // missed Thu and Fri, practised Sat
    "xxx.o, 3, 3",
    "xxx.r.x, 1, 3", // a rest day between does not part two misses
    "xxx.rrx, 4, 4",
    "xx.x.x.x, 5, 5",
    "xx..xxxxo, 4, 4"
  })
  void never_twice(String letters, int current, int longest) {
    var streak = count(new NeverTwice(), letters);
    assertThat(streak.current().length()).isEqualTo(current);
    assertThat(streak.longest().length()).isEqualTo(longest);
  }

  @ParameterizedTest
  @CsvSource({
    "xxxxx..o, 1, 1",
    "xxxxx..xxxxx..o, 2, 2",
    "xxx....o, 0, 0",
    "xxxxx..xx...o, 1, 1", // today and Sunday... four can still be reached, not five
    "xxxxx.., 1, 1",
    "xxxxx..xxxxx, 2, 2"
  })
  void weekly_rhythm_of_four(String letters, int current, int longest) {
    var streak = count(new WeeklyRhythm(4), letters);
    assertThat(streak.current().length()).isEqualTo(current);
    assertThat(streak.longest().length()).isEqualTo(longest);
    assertThat(streak.unit()).isEqualTo(Streak.Unit.WEEKS);
  }

  @Test
  void the_open_week_fails_only_when_the_rhythm_is_out_of_reach() {
    assertThat(count(new WeeklyRhythm(5), "xxxxx..x..o").current().length()).isEqualTo(1);
    assertThat(count(new WeeklyRhythm(5), "xxxxx..x..o").todayDecides()).isTrue();
    assertThat(count(new WeeklyRhythm(5), "xxxxx..x...o").current().length()).isZero();
  }

  @Test
  void a_week_cut_short_by_a_pause_neither_adds_nor_breaks() {
    var streak = count(new WeeklyRhythm(4), "xxxx...xxrrrrrxxxx");
    assertThat(streak.current().length()).isEqualTo(2);
    assertThat(streak.current().from()).isEqualTo(START);
  }

  @Test
  void a_record_that_begins_on_sunday_is_not_failed_for_it() {
    var begun =
        PracticeRecord.of(
            Tally.of(Map.of(START.plusDays(6), 10)), 0, d -> false, START.plusDays(7));
    var streak = new WeeklyRhythm(3).count(begun, MONDAY);
    assertThat(streak.current().length()).isZero();
    assertThat(streak.stillNeeded()).isEqualTo(3);
    assertThat(streak.missesLeft()).isEqualTo(4);
  }

  @Test
  void tells_when_today_decides() {
    assertThat(count(new EveryDay(), "xxxo").todayDecides()).isTrue();
    assertThat(count(new EveryDay(), "xxxx").todayDecides()).isFalse();
    assertThat(count(new EveryDay(), "xxxr").todayDecides()).isFalse();
    assertThat(count(new NeverTwice(), "xxxo").todayDecides()).isFalse();
    assertThat(count(new NeverTwice(), "xxx.o").todayDecides()).isTrue();
    assertThat(count(new NeverTwice(), "xxx.x").todayDecides()).isFalse();
  }

  @Test
  void tells_how_many_days_can_still_be_missed_this_week() {
    assertThat(count(new EveryDay(), "xxxo").missesLeft()).isZero();
    // Thursday open: miss Thursday and Saturday, draw Friday and Sunday.
    assertThat(count(new NeverTwice(), "xxxo").missesLeft()).isEqualTo(2);
    // Wednesday missed: Thursday must be drawn, Friday and Sunday can be missed around Saturday.
    assertThat(count(new NeverTwice(), "xx.o").missesLeft()).isEqualTo(2);
    assertThat(count(new WeeklyRhythm(5), "xxxo").missesLeft()).isEqualTo(2);
    assertThat(count(new WeeklyRhythm(5), "xxxo").stillNeeded()).isEqualTo(2);
  }

  @Test
  void tells_which_days_of_this_week_are_still_to_come() {
    // Thursday, with Sunday at the end of the week.
    assertThat(count(new NeverTwice(), "xxxo").openDays()).isEqualTo(4);
    assertThat(count(new NeverTwice(), "xxxx").openDays()).isEqualTo(3);
    assertThat(count(new EveryDay(), "xxxxxxx").openDays()).isZero();
    assertThat(count(new EveryDay(), "xxxxxxr").openDays()).isZero();
    assertThat(count(new WeeklyRhythm(5), "xxxo").openDays()).isEqualTo(4);
  }

  @Test
  void a_week_that_cannot_reach_its_rhythm_lacks_more_days_than_are_open() {
    // Six days a week, two missed by Wednesday: five can be reached.
    var streak = count(new WeeklyRhythm(6), "x..o");
    assertThat(streak.stillNeeded()).isEqualTo(5);
    assertThat(streak.openDays()).isEqualTo(4);
    assertThat(streak.missesLeft()).isZero();
  }

  @Test
  void forgives_by_the_rule() {
    assertThat(count(new NeverTwice(), "xx.x..x").forgiven()).containsExactly(START.plusDays(2));
    assertThat(count(new NeverTwice(), "xx.o").forgiven()).containsExactly(START.plusDays(2));
    assertThat(count(new EveryDay(), "xx.x").forgiven()).isEmpty();
    assertThat(count(new WeeklyRhythm(5), "xxxx.x.x").forgiven())
        .contains(START.plusDays(4), START.plusDays(6));
  }

  @Test
  void runs_carry_their_dates() {
    var streak = count(new EveryDay(), "xxxx.xxo");
    assertThat(streak.longest()).isEqualTo(new Run(4, START, START.plusDays(3)));
    assertThat(streak.current()).isEqualTo(new Run(2, START.plusDays(5), START.plusDays(6)));
  }

  @Test
  void a_floor_of_minutes_decides_what_counts() {
    var minutes = Map.of(START, 20, START.plusDays(1), 9, START.plusDays(2), 10);
    var practice = PracticeRecord.of(Tally.of(minutes), 10, d -> false, START.plusDays(2));
    assertThat(new EveryDay().count(practice, MONDAY).current().length()).isEqualTo(1);
    assertThat(new NeverTwice().count(practice, MONDAY).current().length()).isEqualTo(2);
  }

  @Test
  void the_pen_line_tells_ink_rest_forgiven_and_gap() {
    var practice = days("x.xr..xo");
    var streak = new NeverTwice().count(practice, MONDAY);
    var minutes = Map.of(START, 20, START.plusDays(2), 20, START.plusDays(6), 20);
    assertThat(
            PenLine.of(practice, streak, Tally.of(minutes), START.minusDays(1), START.plusDays(8)))
        .extracting(stroke -> stroke.mark().name().charAt(0))
        .containsExactly('G', 'I', 'F', 'I', 'R', 'G', 'G', 'I', 'O', 'A');
  }
}
