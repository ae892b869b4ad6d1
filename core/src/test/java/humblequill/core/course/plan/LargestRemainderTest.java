package humblequill.core.course.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class LargestRemainderTest {
  // Balinski & Young, Fair Representation: the 1790 census parted into 120 seats by Hamilton's
  // method.
  @Test
  void parts_the_1790_census_as_published() {
    long[] people = {
      630560, 475327, 432879, 353523, 331589, 278514, 236841, 206236, 179570, 141822, 85533, 70835,
      68705, 68446, 55540
    };
    assertThat(Arrays.stream(people).sum()).isEqualTo(3_615_920);
    assertThat(LargestRemainder.apportion(120, people))
        .containsExactly(21, 16, 14, 12, 11, 9, 8, 7, 6, 5, 3, 2, 2, 2, 2);
  }

  // The toy form of the paradox found in 1880: one seat more, and the smallest part loses one.
  // Balinski & Young, Fair Representation.
  @Test
  void shows_the_known_paradox() {
    assertThat(LargestRemainder.apportion(10, new long[] {6, 6, 2})).containsExactly(4, 4, 2);
    assertThat(LargestRemainder.apportion(11, new long[] {6, 6, 2})).containsExactly(5, 5, 1);
  }

  @Test
  void gives_ties_to_the_earlier_part() {
    assertThat(LargestRemainder.apportion(180, new long[] {7, 7, 7, 7, 7, 7, 7}))
        .containsExactly(26, 26, 26, 26, 26, 25, 25);
  }

  @Test
  void without_any_weight_nothing_is_parted() {
    assertThat(LargestRemainder.apportion(5, new long[] {0, 0})).containsExactly(0, 0);
  }

  @Test
  void refuses_what_is_negative() {
    assertThatThrownBy(() -> LargestRemainder.apportion(-1, new long[] {1}))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> LargestRemainder.apportion(1, new long[] {-1}))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Property
  void keeps_the_total_and_stays_within_one_of_the_quota(
      @ForAll @IntRange(max = 5000) int total,
      @ForAll @Size(min = 1, max = 12) List<@IntRange(max = 50_000) Integer> weights) {
    var asLongs = weights.stream().mapToLong(Integer::longValue).toArray();
    long sum = Arrays.stream(asLongs).sum();
    var parts = LargestRemainder.apportion(total, asLongs);
    assertThat(Arrays.stream(parts).sum()).isEqualTo(sum == 0 ? 0 : total);
    for (int i = 0; i < parts.length && sum > 0; i++) {
      assertThat(Math.abs(parts[i] * sum - total * asLongs[i])).isLessThan(sum);
    }
  }
}
