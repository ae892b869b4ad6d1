package humblequill.core.lookback;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import humblequill.core.course.Courses;
import humblequill.core.course.placement.PlacedCourse;
import humblequill.core.course.placement.Placement;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** What lies ahead: courses in a year, and what brings an end back; by hand. */
class AheadTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static YearAhead.Wanted wanted(String title, int weeks, int minutes, boolean beside) {
    return new YearAhead.Wanted(title, weeks, minutes, beside);
  }

  /** Ten minutes every day: ten weeks have 700 minutes, a year 3,650. */
  @Test
  void courses_follow_one_another_or_stand_side_by_side() {
    var year =
        YearAhead.of(
            List.of(
                wanted("boats", 10, 350, true),
                wanted("ropes", 4, 280, true),
                wanted("water", 6, 210, false)),
            MONDAY,
            1,
            day -> 10);
    assertThat(year.lines().stream().map(YearAhead.Laid::from))
        .containsExactly(MONDAY, MONDAY, MONDAY.plusDays(70));
    assertThat(year.lines().get(0).share()).isCloseTo(0.5, within(1e-12));
    assertThat(year.lines().get(1).share()).isCloseTo(1, within(1e-12));
    assertThat(year.fullest()).as("half of it and all of it").isCloseTo(1.5, within(1e-12));
    assertThat(year.roomMinutes()).isEqualTo(3650);
    assertThat(year.plannedMinutes()).isEqualTo(840);
    assertThat(year.lines()).allMatch(YearAhead.Laid::inYear);
  }

  @Test
  void own_weeks_make_a_course_longer_and_its_weeks_lighter() {
    var line =
        YearAhead.of(List.of(wanted("boats", 10, 300, false)), MONDAY, 1.5, day -> 10)
            .lines()
            .get(0);
    assertThat(line.weeks()).isEqualTo(15);
    assertThat(line.minutesAWeek()).isEqualTo(20);
    assertThat(line.to()).isEqualTo(MONDAY.plusDays(15 * 7 - 1));
    assertThat(
            YearAhead.of(List.of(wanted("a", 30, 1, false)), MONDAY, 99, day -> 0).lines().get(0))
        .as("never longer than four times, and without room no share")
        .isEqualTo(
            new YearAhead.Laid("a", MONDAY, MONDAY.plusDays(120 * 7 - 1), 120, 1, 0, 0, false));
  }

  /** Twelve weeks of a hundred drawings of a minute. */
  private static final PlacedCourse COURSE =
      new PlacedCourse(
          new UUID(0, 1),
          Placement.of(Courses.drills(12, 100, 60), MONDAY),
          false,
          1,
          MONDAY,
          List.of());

  /** Half an hour on every day but Sunday. */
  private static int room(LocalDate day) {
    return day.getDayOfWeek() == DayOfWeek.SUNDAY ? 0 : 30;
  }

  private static Ledger drawn(int... minutes) {
    var drawn = new ArrayList<Drawn>();
    for (int i = 0; i < minutes.length; i++) {
      drawn.add(Drawns.of(MONDAY.plusDays(7L * i), "hulls", 1, minutes[i]));
    }
    return Ledger.of(drawn);
  }

  /** Half of each week was drawn: half of what lies ahead has to be found or to go. */
  @Test
  void half_done_weeks_need_half_again() {
    var today = MONDAY.plusDays(28);
    var ledger = drawn(50, 50, 50, 50);
    var end = CourseEnd.of(COURSE, ledger, today).orElseThrow();
    var back = BackOnPlan.of(COURSE, end, today, AheadTest::room).orElseThrow();
    assertThat(back.moreAWeek()).isEqualTo(50);
    assertThat(back.minutesADay())
        .as("six days of 30 raised to 39 bring 54, to 38 but 48")
        .isEqualTo(39);
    assertThat(back.dropMinutes()).as("half of seven weeks of a hundred").isEqualTo(350);
    assertThat(back.drop()).containsExactly(Map.entry("d6", 50));
    assertThat(back.days())
        .as("as many days more as the end lies behind")
        .isEqualTo(7 + (int) ChronoUnit.DAYS.between(end.byPlan(), end.middle().orElseThrow()));
  }

  @Test
  void nothing_brings_back_what_is_not_behind() {
    var today = MONDAY.plusDays(28);
    var ledger = drawn(100, 110, 100, 100);
    var end = CourseEnd.of(COURSE, ledger, today).orElseThrow();
    assertThat(BackOnPlan.of(COURSE, end, today, AheadTest::room)).isEmpty();
  }
}
