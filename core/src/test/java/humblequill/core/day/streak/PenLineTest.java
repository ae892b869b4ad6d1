package humblequill.core.day.streak;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.Tally;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The line of days, as the design describes it. Common practice, no published source. */
class PenLineTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static List<PenLine.Mark> marks(StreakRule rule, String drawn, int today) {
    Map<LocalDate, Integer> minutes = new HashMap<>();
    for (int i = 0; i < drawn.length(); i++) {
      if (drawn.charAt(i) == 'x') {
        minutes.put(MONDAY.plusDays(i), 20);
      }
    }
    var practice =
        PracticeRecord.of(
            Tally.of(minutes),
            0,
            d -> d.getDayOfWeek() == DayOfWeek.SUNDAY,
            MONDAY.plusDays(today));
    var streak = rule.count(practice, DayOfWeek.MONDAY);
    return PenLine.of(practice, streak, Tally.of(minutes), MONDAY, MONDAY.plusDays(7)).stream()
        .map(PenLine.Stroke::mark)
        .toList();
  }

  @Test
  void ink_hairline_gap_rest_and_what_is_still_to_come() {
    assertThat(marks(new NeverTwice(), "xx-x", 5))
        .containsExactly(
            PenLine.Mark.INK,
            PenLine.Mark.INK,
            PenLine.Mark.FORGIVEN,
            PenLine.Mark.INK,
            PenLine.Mark.FORGIVEN,
            PenLine.Mark.OPEN,
            PenLine.Mark.REST,
            PenLine.Mark.AHEAD);
  }

  @Test
  void under_every_day_the_same_miss_is_a_gap() {
    assertThat(marks(new EveryDay(), "xx-x", 3))
        .startsWith(PenLine.Mark.INK, PenLine.Mark.INK, PenLine.Mark.GAP, PenLine.Mark.INK);
  }

  @Test
  void days_before_the_first_drawing_are_nothing() {
    assertThat(marks(new NeverTwice(), "---x", 3))
        .startsWith(PenLine.Mark.GAP, PenLine.Mark.GAP, PenLine.Mark.GAP, PenLine.Mark.INK);
  }

  @Test
  void drawing_on_a_rest_day_is_ink() {
    assertThat(marks(new NeverTwice(), "xxxxxxx", 6).get(6)).isEqualTo(PenLine.Mark.INK);
  }
}
