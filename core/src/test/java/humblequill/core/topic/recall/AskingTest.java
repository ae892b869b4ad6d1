package humblequill.core.topic.recall;

import static humblequill.core.topic.recall.Asking.Result.MOSTLY;
import static humblequill.core.topic.recall.Asking.Result.RIGHT;
import static humblequill.core.topic.recall.Asking.Result.WRONG;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** When something is asked for again; the spans are common practice, no published source. */
class AskingTest {
  private static final LocalDate MARCH = LocalDate.of(2026, 3, 1);

  /** Always right from 1 March 2026 on; dates counted by hand. */
  @Test
  void what_is_always_right_is_asked_ever_more_seldom() {
    var dates = new ArrayList<LocalDate>();
    var asking = Asking.takenUp(MARCH);
    for (int i = 0; i < 7; i++) {
      dates.add(asking.due());
      asking = asking.after(RIGHT, asking.due());
    }
    assertThat(dates)
        .containsExactly(
            LocalDate.of(2026, 3, 2),
            LocalDate.of(2026, 3, 5),
            LocalDate.of(2026, 3, 12),
            LocalDate.of(2026, 3, 28),
            LocalDate.of(2026, 5, 2),
            LocalDate.of(2026, 7, 21),
            LocalDate.of(2027, 1, 17));
    assertThat(asking.due()).as("it stays half a year").isEqualTo(LocalDate.of(2027, 7, 16));
  }

  @Test
  void a_late_success_goes_to_the_first_span_longer_than_the_real_gap() {
    var asking = Asking.takenUp(MARCH).after(RIGHT, MARCH.plusDays(20));
    assertThat(asking.due()).isEqualTo(MARCH.plusDays(20 + 35));
    assertThat(Asking.takenUp(MARCH).after(RIGHT, MARCH.plusDays(400)).due())
        .isEqualTo(MARCH.plusDays(400 + 180));
  }

  @Test
  void a_failure_begins_anew_and_four_fifths_keep_the_step() {
    var third = new Asking(2, MARCH, MARCH.plusDays(7));
    var day = MARCH.plusDays(7);
    assertThat(third.after(WRONG, day).due()).isEqualTo(day.plusDays(1));
    assertThat(third.after(MOSTLY, day).due()).isEqualTo(day.plusDays(7));
    assertThat(Asking.Result.of(4, 5)).isEqualTo(MOSTLY);
    assertThat(Asking.Result.of(3, 5)).isEqualTo(WRONG);
    assertThat(Asking.Result.of(5, 5)).isEqualTo(RIGHT);
  }

  @Test
  void an_early_success_and_a_clock_set_back_prove_nothing_more() {
    var third = new Asking(2, MARCH, MARCH.plusDays(7));
    assertThat(third.after(RIGHT, MARCH.plusDays(2)).step()).isEqualTo(2);
    assertThat(third.after(RIGHT, MARCH.minusDays(30)).step()).isEqualTo(2);
  }

  @Property
  void a_success_never_comes_back_sooner_than_a_failure(
      @ForAll @IntRange(max = 6) int step, @ForAll @IntRange(max = 500) int gap) {
    var asking = new Asking(step, MARCH, MARCH.plusDays(Asking.SPANS.get(step)));
    var day = MARCH.plusDays(gap);
    var right = asking.after(RIGHT, day).due();
    assertThat(right).isAfterOrEqualTo(asking.after(MOSTLY, day).due());
    assertThat(asking.after(MOSTLY, day).due()).isAfterOrEqualTo(asking.after(WRONG, day).due());
    assertThat(right).isAfter(day);
  }

  private static DueToday.Item item(String id, int due, int seconds) {
    return new DueToday.Item(id, new Asking(0, MARCH, MARCH.plusDays(due)), seconds);
  }

  @Test
  void at_most_five_minutes_are_asked_what_waits_longest_first() {
    var items = List.of(item("a", 5, 180), item("b", 1, 180), item("c", 4, 60), item("d", 9, 6));
    assertThat(DueToday.of(items, MARCH.plusDays(5), 0))
        .extracting(DueToday.Item::id)
        .as("the second drawing would be too much")
        .containsExactly("b", "c");
    assertThat(DueToday.of(items, MARCH.plusDays(5), 290)).isEmpty();
    assertThat(DueToday.of(items, MARCH, 0)).isEmpty();
  }

  @Test
  void an_order_is_right_as_far_as_its_steps_follow_one_another() {
    var order = new StepOrder("f", "Figure", List.of(), List.of("a", "b", "c", "d", "e"));
    assertThat(order.right(List.of("a", "b", "c", "d", "e"))).isEqualTo(5);
    assertThat(order.right(List.of("b", "a", "c", "d", "e"))).as("one was moved").isEqualTo(4);
    assertThat(order.right(List.of("e", "d", "c", "b", "a"))).isEqualTo(1);
    assertThat(order.right(List.of("a", "zz", "c"))).isEqualTo(2);
    assertThat(order.right(List.of())).isZero();
  }
}
