package humblequill.server.ground.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import humblequill.server.ground.data.DataFolder;
import humblequill.server.ground.data.SafeFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The swap of a restore, broken off at each of its steps by a failing disk and by a kill. */
class SwapTest {
  @TempDir private Path path;

  /** Fails at one step: before it is done, or, like a kill, with nothing after it. */
  private static final class Failing extends Swap.Steps {
    private final int at;
    private final boolean afterwards;
    private int step;

    Failing(int at, boolean afterwards) {
      this.at = at;
      this.afterwards = afterwards;
    }

    private interface Doing {
      void run() throws IOException;
    }

    private void at(Doing doing) throws IOException {
      boolean now = step++ == at;
      if (now && !afterwards) {
        throw new IOException("Input/output error");
      }
      doing.run();
      if (now) {
        throw new IOException("killed");
      }
    }

    @Override
    void write(Path file, byte[] content) throws IOException {
      at(() -> super.write(file, content));
    }

    @Override
    void move(Path from, Path to) throws IOException {
      at(() -> super.move(from, to));
    }

    @Override
    void makeFolder(Path folder) throws IOException {
      at(() -> super.makeFolder(folder));
    }

    @Override
    void remove(Path folder) throws IOException {
      at(() -> super.remove(folder));
    }
  }

  private DataFolder folder(String name) throws IOException {
    var at = Files.createDirectories(path.resolve(name));
    var folder = new DataFolder(at);
    Files.writeString(folder.databaseFile(), "old");
    Files.createDirectories(folder.courses());
    Files.writeString(folder.courses().resolve("a.yaml"), "old");
    Files.writeString(at.resolve("only-old.txt"), "old");
    Files.createDirectories(folder.copies());
    Files.createDirectories(at.resolve("restoring/courses"));
    Files.writeString(at.resolve("restoring/quill.mv.db"), "new");
    Files.writeString(at.resolve("restoring/courses/a.yaml"), "new");
    return folder;
  }

  private static String state(DataFolder folder) throws IOException {
    return Files.readString(folder.databaseFile())
        + " "
        + Files.readString(folder.courses().resolve("a.yaml"))
        + " "
        + Files.exists(folder.path().resolve("only-old.txt"));
  }

  @Test
  void broken_off_anywhere_it_ends_old_or_new_and_never_in_between() throws IOException {
    int steps = 0;
    for (boolean afterwards : new boolean[] {false, true}) {
      boolean failed = true;
      for (int at = 0; failed; at++) {
        var folder = folder(afterwards + "-" + at);
        try {
          new Swap(folder, new Failing(at, afterwards)).swap("x");
          failed = false;
        } catch (IOException e) {
          steps++;
        }
        boolean decided = new Swap(folder).isPending() || state(folder).startsWith("new");
        new Swap(folder).finish();
        assertThat(state(folder)).isEqualTo(decided ? "new new false" : "old old true");
        assertThat(folder.path().resolve("restoring")).doesNotExist();
        assertThat(new Swap(folder).isPending()).isFalse();
        if (decided) {
          var aside = folder.path().resolve("before-restore-x");
          assertThat(aside.resolve("quill.mv.db")).hasContent("old");
          assertThat(aside.resolve("courses/a.yaml")).hasContent("old");
          assertThat(aside.resolve("only-old.txt")).hasContent("old");
        }
      }
    }
    assertThat(steps).as("steps that were broken off").isGreaterThanOrEqualTo(2 * 8);
  }

  /** Every step of the finishing fails once before it succeeds. */
  @Test
  void finishing_may_be_broken_off_again_and_again() throws IOException {
    var folder = folder("again");
    assertThatThrownBy(() -> new Swap(folder, new Failing(1, false)).swap("x"))
        .isInstanceOf(IOException.class);
    for (int at = 0; new Swap(folder).isPending(); at++) {
      try {
        new Swap(folder, new Failing(at % 7, at % 2 == 0)).finish();
      } catch (IOException e) {
        assertThat(at).isLessThan(50);
      }
    }
    new Swap(folder).finish();
    assertThat(state(folder)).isEqualTo("new new false");
  }

  @Test
  void what_was_made_ready_and_never_decided_is_cleared_away() throws IOException {
    var folder = folder("undecided");
    new Swap(folder).finish();
    assertThat(state(folder)).isEqualTo("old old true");
    assertThat(folder.path().resolve("restoring")).doesNotExist();
  }

  @Test
  void what_is_removed_does_not_follow_links() throws IOException {
    var outside = Files.createDirectories(path.resolve("outside"));
    Files.writeString(outside.resolve("kept.txt"), "kept");
    var inside = Files.createDirectories(path.resolve("inside"));
    Files.createSymbolicLink(inside.resolve("link"), outside);
    SafeFiles.remove(inside);
    assertThat(inside).doesNotExist();
    assertThat(outside.resolve("kept.txt")).exists();
  }
}
