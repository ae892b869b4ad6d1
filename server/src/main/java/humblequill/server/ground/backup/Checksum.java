package humblequill.server.ground.backup;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;
import org.jspecify.annotations.Nullable;

/**
 * The CRC-32 of texts, each between marks that tell a missing one from an empty one, and how long
 * they are together in UTF-8. Copies hold such sums: they must stay as they are.
 */
final class Checksum {
  private static final byte MISSING = 0;
  private static final byte THERE = 1;
  private static final byte END = 2;

  private byte[] bytes = new byte[1024];
  private int used;
  private int marks;

  /** Adds a text. */
  void add(@Nullable String text) {
    var added = text == null ? new byte[0] : text.getBytes(StandardCharsets.UTF_8);
    int needed = used + added.length + 2;
    if (needed > bytes.length) {
      bytes = Arrays.copyOf(bytes, 2 * needed);
    }
    bytes[used] = text == null ? MISSING : THERE;
    System.arraycopy(added, 0, bytes, used + 1, added.length);
    bytes[needed - 1] = END;
    used = needed;
    marks += 2;
  }

  /** The sum of what was added, and begins anew. */
  long taken() {
    var crc = new CRC32();
    crc.update(bytes, 0, used);
    long sum = crc.getValue() << 32 | used - marks;
    used = 0;
    marks = 0;
    return sum;
  }
}
