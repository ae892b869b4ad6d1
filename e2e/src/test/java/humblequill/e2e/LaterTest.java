package humblequill.e2e;

import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.TestInstance;

/** Tests with an application of their own, seventy minutes a day, and days to come. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class LaterTest {
  final Pages pages = Pages.shared();
  private final Path folder = Quill.folder();
  Quill quill = Quill.start(folder);

  LaterTest() {
    quill.seventyMinutesADay();
  }

  /** Killed and started again at a later moment: what was acknowledged is there. */
  void later(String now) {
    quill.kill();
    quill = Quill.startAt(now, folder);
  }

  @AfterAll
  void stop() {
    quill.close();
  }
}
