package humblequill.core.day.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Timed poses, read as sessions are usually announced. Common practice, no published source. */
class PosesTest {
  @ParameterizedTest
  @CsvSource({
    "10 x 30 s, 10, 30",
    "10x30, 10, 30",
    "4 × 2 min, 4, 120",
    "1 x 1:30 min, 1, 90",
    "2 x 20min, 2, 1200",
    "9999 x 1 s, 9999, 1",
    "1 x 28800, 1, 28800"
  })
  void one_row_is_read(String text, int count, int each) {
    assertThat(Poses.read(text).rows()).containsExactly(new Poses.Row(count, each));
  }

  @Test
  void rows_stand_between_commas_and_add_up() {
    var poses = Poses.read(" 10 x 30 s , 5 x 2 min; 1 x 20 min, ");
    assertThat(poses.count()).isEqualTo(16);
    assertThat(poses.seconds()).isEqualTo(300 + 600 + 1200);
    assertThat(poses.written()).isEqualTo("10 x 30 s, 5 x 2 min, 1 x 20 min");
    assertThat(poses.isEmpty()).isFalse();
    assertThat(Poses.read("")).isEqualTo(Poses.NONE);
    assertThat(Poses.NONE.isEmpty()).isTrue();
    assertThat(Poses.NONE.count()).isZero();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "ten",
        "10",
        "10 x",
        "x 2",
        "0 x 30",
        "10 x 0",
        "10000 x 1",
        "1 x 28801",
        "1 x 481 min",
        "1 x 1:60 min",
        "3 y 4",
        "1 x 2 h",
        "10 x 30 s 5 x 2 min"
      })
  void what_is_no_row_is_refused(String text) {
    assertThatThrownBy(() -> Poses.read(text)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void there_are_sixty_rows_at_most() {
    var row = new Poses.Row(1, 60);
    assertThat(new Poses(Collections.nCopies(Poses.MAX_ROWS, row)).count()).isEqualTo(60);
    assertThatThrownBy(() -> new Poses(Collections.nCopies(Poses.MAX_ROWS + 1, row)))
        .hasMessageContaining("61");
  }

  @Property
  void what_is_written_reads_back_the_same(
      @ForAll @IntRange(min = 1, max = 9999) int count,
      @ForAll @IntRange(min = 1, max = 28_800) int each) {
    var poses = new Poses(List.of(new Poses.Row(count, each), new Poses.Row(1, 45)));
    assertThat(Poses.read(poses.written())).isEqualTo(poses);
  }
}
