package humblequill.server.data;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.RunningQuill;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * What is held between requests is what docs/decisions/held-in-memory.md says, no less, no more.
 */
class MemoryTest {
  @TempDir private Path folder;

  @Test
  void what_is_held_is_what_is_told() throws IOException {
    try (var quill = RunningQuill.start(folder)) {
      var told =
          Files.readAllLines(Path.of("../docs/decisions/held-in-memory.md")).stream()
              .filter(line -> line.startsWith("- "))
              .map(line -> line.substring(2))
              .toList();
      assertThat(quill.getBean(Memory.class).held()).containsExactlyInAnyOrderElementsOf(told);
    }
  }
}
