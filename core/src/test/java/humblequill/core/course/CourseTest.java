package humblequill.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.course.placement.Placement;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class CourseTest {
  private static Exercise exercise(String id, String after) {
    return new Exercise(
        id,
        "Crates",
        ExerciseKind.DRILL,
        Exercise.Target.drawings(12, 90, 3),
        new Exercise.Placing(Optional.ofNullable(after), Optional.empty(), Optional.empty()),
        new Exercise.Guidance(Optional.of("life"), "", ""),
        List.of(),
        List.of());
  }

  private static Course course(Exercise... exercises) {
    var week = new CourseWeek("Boxes", "", List.of("boxes"), List.of(exercises), List.of());
    return new Course(
        "boxes",
        "Boxes",
        "",
        List.of(week, new CourseWeek("Rest", "", List.of(), List.of(), List.of())));
  }

  @Test
  void weeks_lie_on_the_calendar_from_the_start() {
    var placement = Placement.of(course(exercise("a", null)), LocalDate.of(2026, 3, 5));
    assertThat(placement.weekOn(LocalDate.of(2026, 3, 4))).isEmpty();
    assertThat(placement.weekOn(LocalDate.of(2026, 3, 11)).orElseThrow().number()).contains(1);
    assertThat(placement.weekOn(LocalDate.of(2026, 3, 12)).orElseThrow().from())
        .isEqualTo("2026-03-12");
    assertThat(placement.end()).isEqualTo("2026-03-18");
    assertThat(placement.weekOn(LocalDate.of(2026, 3, 19))).isEmpty();
  }

  @Test
  void says_where_a_course_contradicts_itself() {
    assertThatThrownBy(() -> course(exercise("a", null), exercise("a", null)))
        .isInstanceOfSatisfying(
            BrokenCourseException.class,
            e -> assertThat(e.path()).isEqualTo("weeks[0].exercises[1].id"));
    assertThatThrownBy(() -> course(exercise("a", "b"))).hasMessageContaining("=b");
    assertThatThrownBy(() -> course(exercise("a", "b"), exercise("b", "a")))
        .hasMessageContaining("InCircle");
  }

  @Test
  void units_come_from_what_the_target_counts() {
    assertThat(exercise("a", null).unitsIn(Optional.of(4), Optional.of(20))).isEqualTo(4);
    assertThat(exercise("a", null).unitsIn(Optional.empty(), Optional.of(20))).isZero();
    assertThat(exercise("a", null).seconds()).isEqualTo(12 * 90);
  }
}
