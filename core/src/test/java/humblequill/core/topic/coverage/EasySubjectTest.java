package humblequill.core.topic.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.course.plan.ShortTime;
import humblequill.core.day.entry.Drawn;
import humblequill.core.day.entry.Drawns;
import humblequill.core.day.entry.Ledger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What to draw on small days. Common practice, no published source. */
class EasySubjectTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);

  @Test
  void a_familiar_subject_is_the_best_marked_of_those_drawn_most() {
    var ledger =
        Ledger.of(
            List.of(
                Drawns.of(TODAY.minusDays(3), "hulls", 1, 200, 0, 2),
                Drawns.of(TODAY.minusDays(4), "ropes", 1, 60, 0, 4),
                Drawns.of(TODAY.minusDays(90), "water", 1, 900, 0, 5)));
    assertThat(EasySubject.familiar(ledger, TODAY)).contains("ropes");
    assertThat(EasySubject.familiar(Ledger.EMPTY, TODAY)).isEmpty();
  }

  @Test
  void without_marks_it_is_the_one_drawn_most() {
    var ledger =
        Ledger.of(
            List.of(
                Drawns.of(TODAY.minusDays(3), "ropes", 1, 20),
                Drawns.of(TODAY.minusDays(4), "hulls", 1, 60)));
    assertThat(EasySubject.familiar(ledger, TODAY)).contains("hulls");
  }

  @Test
  void another_subject_is_one_that_is_known_and_was_left_alone() {
    var drawn = new ArrayList<Drawn>();
    for (int i = 0; i < 3; i++) {
      drawn.add(Drawns.of(TODAY.minusDays(20 + i), "cranes", 1, 10));
      drawn.add(Drawns.of(TODAY.minusDays(40 + i), "gulls", 1, 10));
      drawn.add(Drawns.of(TODAY.minusDays(2 + i), "hulls", 1, 10));
    }
    drawn.add(Drawns.of(TODAY.minusDays(30), "new once", 1, 10));
    assertThat(EasySubject.others(Ledger.of(drawn), TODAY)).containsExactly("cranes", "gulls");
  }

  /** Ten drawings of two minutes: seven fit into a quarter of an hour, none into one minute. */
  @Test
  void whole_drawings_are_fitted_into_minutes() {
    assertThat(ShortTime.of(10, 120, 15)).contains(new ShortTime(7, 14));
    assertThat(ShortTime.of(3, 120, 15)).contains(new ShortTime(3, 6));
    assertThat(ShortTime.of(10, 120, 1)).isEmpty();
    assertThat(ShortTime.of(0, 120, 15)).isEmpty();
    assertThat(ShortTime.of(40, 60, 15)).as("counted in minutes").contains(new ShortTime(15, 15));
  }
}
