package humblequill.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RehearsalTest {
  @Test
  void what_a_learner_does_first_has_been_done_once(@TempDir Path folder) {
    try (var rehearsed = RunningQuill.start(folder, "--quill.rehearsal=true")) {
      var api = RunningQuill.api(rehearsed);
      assertThat(api.get("/api/copies").json().path("newest").path("entries").asInt())
          .as("entries in a copy")
          .isEqualTo(1);
      assertThat(folder.resolve("pictures/coming")).as("the enormous picture").isEmptyDirectory();
    }
  }
}
