package humblequill.server.ground.data;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.RunningQuill;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/**
 * What is held between requests is what docs/decisions/held-in-memory.md says, no less, no more.
 */
class MemoryTest {
  @Test
  void what_is_held_is_what_is_told() throws IOException {
    var told =
        Files.readAllLines(Path.of("../docs/decisions/held-in-memory.md")).stream()
            .filter(line -> line.startsWith("- "))
            .map(line -> line.substring(2))
            .toList();
    assertThat(RunningQuill.part(Memory.class).held()).containsExactlyInAnyOrderElementsOf(told);
  }
}
