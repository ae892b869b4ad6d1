package humblequill.server.ground.data;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;

/**
 * Writing and moving files so that after a power cut there is the old one or the new one, whole.
 */
public final class SafeFiles {
  private SafeFiles() {}

  /** Puts a file in the place of another, or where there was none. */
  public static void replace(Path target, byte[] content) throws IOException {
    var unfinished = target.resolveSibling(target.getFileName() + ".unfinished");
    try (var out =
        FileChannel.open(
            unfinished,
            StandardOpenOption.CREATE,
            StandardOpenOption.TRUNCATE_EXISTING,
            StandardOpenOption.WRITE)) {
      var rest = ByteBuffer.wrap(content);
      while (rest.hasRemaining()) {
        out.write(rest);
      }
      out.force(true);
    } catch (IOException e) {
      Files.deleteIfExists(unfinished);
      throw e;
    }
    move(unfinished, target);
  }

  /** Moves a file or folder within a disk, over what was there. */
  public static void move(Path from, Path to) throws IOException {
    Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    forceFolder(to.toAbsolutePath().getParent());
  }

  /** Forces a written file to disk. */
  public static void force(Path file) throws IOException {
    try (var channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      channel.force(true);
    }
  }

  /** Forces the names in a folder to disk, on systems where a folder can be opened. */
  private static void forceFolder(Path folder) throws IOException {
    if (!System.getProperty("os.name").startsWith("Windows")) {
      try (var channel = FileChannel.open(folder, StandardOpenOption.READ)) {
        channel.force(true);
      }
    }
  }

  /** Removes a folder with all that is in it, or a file; links are removed and not followed. */
  public static void remove(Path path) throws IOException {
    if (Files.isDirectory(path, java.nio.file.LinkOption.NOFOLLOW_LINKS)) {
      try (var inside = Files.list(path)) {
        for (var each : inside.toList()) {
          remove(each);
        }
      }
    }
    Files.deleteIfExists(path);
  }
}
