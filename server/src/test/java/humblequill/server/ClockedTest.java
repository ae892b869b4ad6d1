package humblequill.server;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;

/** Tests through the API at moments they set; each begins on the same fresh morning. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class ClockedTest {
  final ClockedQuill quill = new ClockedQuill();
  Api api;

  /** With so many minutes on every day. */
  ClockedTest(int minutesADay) {
    ClockedQuill.minutesADay(quill.at(RunningQuill.NOW), minutesADay);
  }

  @BeforeEach
  void clear() {
    api = quill.freshMorning();
  }

  @AfterAll
  void stop() {
    quill.close();
  }
}
