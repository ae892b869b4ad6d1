package humblequill.server.ground.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The disk under the data folder: whether there is room for a write. A transaction without room is
 * refused before it begins; one that fails half-way closes the database, which is then opened again
 * from its file. See docs/decisions/full-disks.md.
 */
public class Disk {
  /** Room in bytes that any write needs: its pages, and the database's own tidying. */
  public static final long ROOM = 8L * 1024 * 1024;

  private final DataFolder folder;
  private @Nullable Object identity;

  /**
   * The disk of a folder.
   *
   * @param folder whose database is open or about to be opened
   */
  public Disk(DataFolder folder) {
    this.folder = folder;
  }

  /**
   * Makes sure that a write of the usual size can be kept.
   *
   * @throws NotKept if it cannot
   */
  public void mustKeep() {
    mustKeep(0);
  }

  /**
   * Makes sure that a write can be kept.
   *
   * @param bytes what it takes beyond a usual write
   * @throws NotKept if it cannot
   */
  public void mustKeep(long bytes) {
    refusal(bytes)
        .ifPresent(
            refusal -> {
              throw refusal;
            });
  }

  /** What keeps a usual write from being kept just now. */
  public Optional<NotKept> refusal() {
    return refusal(0);
  }

  private Optional<NotKept> refusal(long bytes) {
    var database = folder.databaseFile();
    try {
      if (!sameDatabase()) {
        return Optional.of(NotKept.gone(database));
      }
      long free = free();
      return free < ROOM + bytes
          ? Optional.of(NotKept.full(folder.path(), free, ROOM + bytes))
          : Optional.empty();
    } catch (IOException e) {
      return Optional.of(NotKept.gone(Files.exists(folder.path()) ? database : folder.path()));
    }
  }

  /**
   * What to tell of a write that failed.
   *
   * @return empty if the failure has nothing to do with the disk
   */
  public Optional<NotKept> failed(Throwable failure) {
    if (failure instanceof NotKept known) {
      return Optional.of(known);
    }
    if (!NotKept.isOfDisk(failure)) {
      return Optional.empty();
    }
    return refusal().or(() -> Optional.of(NotKept.fails(folder.path(), failure)));
  }

  /** Bytes that this program may still write there. */
  long free() throws IOException {
    return Files.getFileStore(folder.path()).getUsableSpace();
  }

  /** The file that was opened is known by what the system knows it by; some systems know none. */
  private synchronized boolean sameDatabase() throws IOException {
    var now = keyOf(folder.databaseFile());
    if (identity == null) {
      identity = now;
    }
    return Objects.equals(identity, now);
  }

  private static @Nullable Object keyOf(Path file) throws IOException {
    return Files.readAttributes(file, BasicFileAttributes.class).fileKey();
  }
}
