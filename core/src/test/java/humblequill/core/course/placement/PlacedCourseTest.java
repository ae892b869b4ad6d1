package humblequill.core.course.placement;

import static humblequill.core.course.Courses.drills;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Which course concerns the learner. Common practice, no published source. */
class PlacedCourseTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private static PlacedCourse course(LocalDate start, int weeks, boolean side) {
    return PlacedCourse.of(
        UUID.randomUUID(), drills(weeks, 12, 60), start, side, 1, start, List.of());
  }

  private static PlacedCourse inFront(PlacedCourse main, PlacedCourse side, LocalDate day) {
    return PlacedCourse.inFrontFirst(List.of(main, side), day).get(0);
  }

  @Test
  void a_course_that_runs_comes_before_one_to_come_and_that_before_one_that_is_over() {
    var main = course(MONDAY, 2, false);
    var side = course(MONDAY.plusDays(7), 4, true);
    assertThat(inFront(main, side, MONDAY.minusDays(1))).as("both to come").isEqualTo(main);
    assertThat(inFront(main, side, MONDAY)).isEqualTo(main);
    assertThat(inFront(main, side, MONDAY.plusDays(13))).as("both run").isEqualTo(main);
    assertThat(inFront(main, side, MONDAY.plusDays(14))).as("one is over").isEqualTo(side);
    assertThat(inFront(main, side, MONDAY.plusDays(35))).as("both are over").isEqualTo(main);

    var later = course(MONDAY.plusDays(21), 1, true);
    assertThat(inFront(main, later, MONDAY.plusDays(14))).as("over, to come").isEqualTo(later);
    assertThat(inFront(later, main, MONDAY)).as("to come, runs").isEqualTo(main);
  }
}
