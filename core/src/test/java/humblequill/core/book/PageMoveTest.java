package humblequill.core.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.core.day.entry.PageSpan;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PageMoveTest {
  @Test
  void from_a_page_on_everything_is_one_later() {
    var shift = new PageMove.Shift(31, 1);
    assertThat(shift.of(List.of(29, 30, 31, 40), Optional.of(60)))
        .containsExactlyInAnyOrderEntriesOf(java.util.Map.of(31, 32, 40, 41));
    assertThatThrownBy(() -> shift.of(List.of(60), Optional.of(60)))
        .isInstanceOf(PageMove.Impossible.class)
        .hasMessageContaining("page=60, to=61")
        .hasMessageContaining("most=60");
    assertThatThrownBy(() -> new PageMove.Shift(31, -1).of(List.of(30, 31), Optional.empty()))
        .hasMessageContaining("page=30, other=31, to=30");
    assertThatThrownBy(() -> new PageMove.Shift(3, 0)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void a_page_moves_and_those_between_close_up() {
    var move = new PageMove.Move(4, 7);
    assertThat(IntStream.rangeClosed(1, 9).map(move::after))
        .containsExactly(1, 2, 3, 7, 4, 5, 6, 8, 9);
    assertThat(IntStream.rangeClosed(1, 9).map(new PageMove.Move(7, 4)::after))
        .containsExactly(1, 2, 3, 5, 6, 7, 4, 8, 9);
    assertThat(IntStream.rangeClosed(1, 4).map(new PageMove.Swap(2, 4)::after))
        .containsExactly(1, 4, 3, 2);
  }

  @Test
  void an_entry_follows_its_pages_or_is_not_torn() {
    assertThat(new PageMove.Shift(31, 1).after(new PageSpan(31, 33)))
        .isEqualTo(new PageSpan(32, 34));
    assertThat(new PageMove.Swap(2, 3).after(new PageSpan(2, 3))).isEqualTo(new PageSpan(2, 3));
    assertThatThrownBy(() -> new PageMove.Shift(31, 1).after(new PageSpan(30, 32)))
        .hasMessageContaining("book.entryTornApart from=30, to=32");
    assertThatThrownBy(() -> new PageMove.Swap(2, 9).after(new PageSpan(2, 3)))
        .isInstanceOf(PageMove.Impossible.class);
  }

  /** No page is lost, no two share a number, and the way back leads back. */
  @Property(tries = 300)
  void every_move_can_be_taken_back(
      @ForAll @IntRange(max = 2) int kind,
      @ForAll @IntRange(min = 1, max = 40) int a,
      @ForAll @IntRange(min = 1, max = 40) int b) {
    PageMove move =
        switch (kind) {
          case 0 -> new PageMove.Shift(a, b);
          case 1 -> new PageMove.Swap(a, b);
          default -> new PageMove.Move(a, b);
        };
    var seen = new HashSet<Integer>();
    for (int n = 1; n <= 60; n++) {
      assertThat(seen.add(move.after(n))).isTrue();
      assertThat(move.back().after(move.after(n))).isEqualTo(n);
    }
  }
}
