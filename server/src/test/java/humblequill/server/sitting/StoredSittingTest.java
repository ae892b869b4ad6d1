package humblequill.server.sitting;

import static org.assertj.core.api.Assertions.assertThat;

import humblequill.server.ground.data.Golden;
import humblequill.server.ground.data.StoredJson;
import org.junit.jupiter.api.Test;

/** Sittings are read and written as databases out there hold them. */
class StoredSittingTest {
  @Test
  void what_was_begun_is_kept_whole() {
    var stored = Golden.document("sitting");
    var read = StoredJson.read(stored, StoredSitting.class);
    assertThat(Golden.tree(StoredJson.write(read))).isEqualTo(Golden.tree(stored));
  }

  @Test
  void steps_are_kept_whole() {
    var stored = Golden.document("steps");
    assertThat(Golden.tree(StoredLadder.write(StoredLadder.read(stored))))
        .isEqualTo(Golden.tree(stored));
  }

  @Test
  void what_was_pressed_is_kept_whole() {
    var stored = Golden.document("presses");
    assertThat(Golden.tree(StoredPress.write(StoredPress.read(stored))))
        .isEqualTo(Golden.tree(stored));
  }
}
