package humblequill.server.ground.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import org.junit.jupiter.api.Test;

class ChecksumTest {
  private static long of(String... texts) {
    var sum = new Checksum();
    for (var text : texts) {
      sum.add(text);
    }
    return sum.taken();
  }

  /** As copies since the first that hold sums: marks 0 or 1 before, 2 behind, and the length. */
  @Test
  void is_the_crc_of_texts_between_marks_and_their_length() {
    var crc = new CRC32();
    crc.update("\1hull\2\0\2\1\2\1\u00e9\u20ac\2".getBytes(StandardCharsets.UTF_8));
    assertThat(of("hull", null, "", "\u00e9\u20ac")).isEqualTo(crc.getValue() << 32 | 4 + 2 + 3);
  }

  @Test
  void a_missing_text_an_empty_one_and_another_border_differ() {
    assertThat(of((String) null)).isNotEqualTo(of(""));
    assertThat(of("ab", "c")).isNotEqualTo(of("a", "bc"));
  }

  @Test
  void begins_anew_after_it_was_taken_also_after_a_long_text() {
    var sum = new Checksum();
    sum.add("boat".repeat(5000));
    sum.taken();
    sum.add("hull");
    assertThat(sum.taken()).isEqualTo(of("hull"));
  }
}
