package humblequill.server.ground.data;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;

/**
 * A reserve file that is deleted when the disk is full at a start: after a kill, the database must
 * write before it can be read. See docs/decisions/full-disks.md.
 */
public final class SpareRoom {
  private static final int BYTES = 4 * 1024 * 1024;

  private SpareRoom() {}

  private static Path file(DataFolder folder) {
    return folder.path().resolve("spare-room");
  }

  /** Gives the room up where the disk is full. */
  public static void giveUpIfFull(DataFolder folder) throws IOException {
    if (new Disk(folder).free() < BYTES) {
      Files.deleteIfExists(file(folder));
    }
  }

  /** Takes the room where there is plenty. */
  public static void take(DataFolder folder) throws IOException {
    if (!Files.exists(file(folder)) && new Disk(folder).free() > 4 * Disk.ROOM) {
      // Zeros would take no room on a disk that compresses.
      var bytes = new byte[BYTES];
      new Random(BYTES).nextBytes(bytes);
      SafeFiles.replace(file(folder), bytes);
    }
  }
}
