package humblequill.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.core.day.entry.UnitKind;
import humblequill.core.day.entry.Units;
import humblequill.core.shelf.UnitsRead.ReadSpan;
import java.util.BitSet;
import java.util.List;
import java.util.OptionalInt;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class UnitsReadTest {
  private static Units pages(int from, int to) {
    return new Units(UnitKind.PAGE, from, to);
  }

  /** By exact counting: 64–78, 70–80, 81–84, 90–95 of 120 are 27 units. */
  @Test
  void overlapping_spans_count_once_and_gaps_are_told() {
    var read =
        UnitsRead.of(
            List.of(pages(64, 78), pages(70, 80), pages(81, 84), pages(90, 95)),
            OptionalInt.of(120));
    assertThat(read.count()).isEqualTo(27);
    assertThat(read.spans()).containsExactly(new ReadSpan(64, 84), new ReadSpan(90, 95));
    assertThat(read.gaps())
        .containsExactly(new ReadSpan(1, 63), new ReadSpan(85, 89), new ReadSpan(96, 120));
    assertThat(read.left()).hasValue(93);
    assertThat(read.next()).isEqualTo(96);
  }

  @Test
  void what_lies_beyond_the_total_is_cut_off() {
    var read = UnitsRead.of(List.of(pages(110, 200), pages(150, 160)), OptionalInt.of(120));
    assertThat(read.count()).isEqualTo(11);
    assertThat(read.gaps()).containsExactly(new ReadSpan(1, 109));
    assertThat(UnitsRead.of(List.of(), OptionalInt.empty()).left()).isEmpty();
  }

  @Property
  void it_is_a_set_of_bits(
      @ForAll @Size(max = 20) List<@IntRange(min = 1, max = 140) Integer> from,
      @ForAll @IntRange(max = 30) int length,
      @ForAll @IntRange(min = 1, max = 120) int total) {
    var bits = new BitSet();
    var units = from.stream().map(f -> pages(f, f + length)).toList();
    units.forEach(u -> bits.set(u.from(), u.to() + 1));
    bits.clear(0);
    bits.clear(total + 1, Math.max(total + 1, bits.length()) + 1);
    var read = UnitsRead.of(units, OptionalInt.of(total));
    assertThat(read.count()).isEqualTo(bits.cardinality());
    var gaps = new BitSet();
    read.gaps().forEach(g -> gaps.set(g.from(), g.to() + 1));
    bits.flip(1, total + 1);
    assertThat(gaps).isEqualTo(bits);
  }
}
