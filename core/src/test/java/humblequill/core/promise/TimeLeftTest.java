package humblequill.core.promise;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.plan.DayRoom;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The minutes of a day are there once: sums worked out by hand. */
class TimeLeftTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  @Test
  void the_course_keeps_what_promises_leave_and_never_less_than_nothing() {
    var days = List.of(new TimeLeft.Day(70, 45, 30), new TimeLeft.Day(120, 45, 30));
    assertThat(TimeLeft.of(days)).isEqualTo(new TimeLeft(95, 45, 23));
    assertThat(TimeLeft.of(List.of())).isEqualTo(new TimeLeft(0, 0, 0));
  }

  /** 30 minutes less 10 of setting up hold four drawings of 5 and two of 7; 10 hold none. */
  @Test
  void a_day_holds_whole_units_after_setting_up() {
    var half = new DayRoom(MONDAY, 30, 10, 0);
    var full = new DayRoom(MONDAY.plusDays(1), 60, 10, 0);
    var none = new DayRoom(MONDAY.plusDays(2), 0, 10, 0);
    assertThat(Worksheet.unitsADay(List.of(half), 300)).isEqualTo(4);
    assertThat(Worksheet.unitsADay(List.of(half), 420)).isEqualTo(2);
    assertThat(Worksheet.unitsADay(List.of(half, full), 300)).as("4 and 10").isEqualTo(7);
    assertThat(Worksheet.unitsADay(List.of(half, none), 300)).as("4 and none").isEqualTo(2);
    assertThat(Worksheet.unitsADay(List.of(), 300)).isInfinite();
  }
}
