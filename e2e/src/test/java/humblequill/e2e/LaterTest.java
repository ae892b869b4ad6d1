package humblequill.e2e;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.TestInstance;

/** Tests with an application of their own, seventy minutes a day, and days to come. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class LaterTest {
  final Pages pages = Pages.shared();
  final HostedQuill quill = HostedQuill.start(Quill.folder());

  LaterTest() {
    quill.seventyMinutesADay();
  }

  @AfterAll
  void stop() {
    quill.close();
  }
}
