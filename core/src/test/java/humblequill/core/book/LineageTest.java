package humblequill.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class LineageTest {
  private static UUID page(int n) {
    return new UUID(0, n);
  }

  private static Lineage.Step step(int from, int into) {
    return new Lineage.Step(page(from), page(into));
  }

  @Test
  void tells_the_way_from_one_drawing_to_another() {
    var lineage = new Lineage(List.of(step(1, 2), step(2, 3), step(1, 4), step(4, 3), step(9, 8)));
    assertThat(lineage.path(page(1), page(3))).hasSize(3).startsWith(page(1)).endsWith(page(3));
    assertThat(lineage.path(page(3), page(1))).isEmpty();
    assertThat(lineage.path(page(5), page(5))).containsExactly(page(5));
    assertThat(lineage.family(page(2))).containsExactly(page(1), page(2), page(3));
    assertThat(lineage.family(page(3))).hasSize(4).startsWith(page(1)).endsWith(page(3));
    assertThat(lineage.family(page(7))).containsExactly(page(7));
  }

  /** Whatever grows forward, nothing stands before what it came out of. */
  @Property(tries = 200)
  void families_stand_in_order(@ForAll @Size(max = 30) List<@IntRange(max = 99) Integer> pairs) {
    var steps =
        pairs.stream()
            .filter(p -> p / 10 != p % 10)
            .map(p -> step(Math.min(p / 10, p % 10), Math.max(p / 10, p % 10)))
            .toList();
    var lineage = new Lineage(steps);
    for (int n = 0; n < 10; n++) {
      var family = lineage.family(page(n));
      assertThat(family).doesNotHaveDuplicates().contains(page(n));
      for (var s : steps) {
        if (family.contains(s.from()) && family.contains(s.into())) {
          assertThat(family.indexOf(s.from())).isLessThan(family.indexOf(s.into()));
        }
      }
    }
  }
}
