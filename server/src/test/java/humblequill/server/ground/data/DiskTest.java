package humblequill.server.ground.data;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.spy;

import humblequill.core.ground.message.Message;
import humblequill.server.ground.message.Words;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DiskTest {
  @TempDir private Path path;
  private Disk disk;

  @BeforeEach
  void make() throws IOException {
    var folder = new DataFolder(path);
    Files.writeString(folder.databaseFile(), "database");
    disk = spy(new Disk(folder));
  }

  @Test
  void what_is_missing_and_what_is_needed_are_said() throws IOException {
    doReturn(3L * 1024 * 1024).when(disk).free();
    assertThatThrownBy(() -> disk.mustKeep(2 * 1024 * 1024))
        .isInstanceOf(NotKept.class)
        .extracting(e -> Words.say(Message.why(e)))
        .asString()
        .contains("3 MB are free")
        .contains("10 MB are needed")
        .contains(path.toString());
  }

  @Test
  void it_goes_on_as_soon_as_there_is_room() throws IOException {
    doReturn(0L).when(disk).free();
    assertThat(disk.refusal()).isPresent();
    doReturn(Disk.ROOM).when(disk).free();
    assertThatCode(disk::mustKeep).doesNotThrowAnyException();
  }

  @Test
  void other_failures_are_none_of_the_disk() {
    assertThat(disk.failed(new IllegalStateException("no"))).isEmpty();
    assertThat(disk.failed(new IllegalStateException(new IOException("socket closed")))).isEmpty();
  }
}
