package humblequill.server.ground.data;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;

/** The folder that holds everything of one learner: database, daily copies, own course files. */
public record DataFolder(Path path) {
  /** A lock that nothing refers to is given up as soon as the garbage collector finds it. */
  private static final Queue<FileLock> HELD = new ConcurrentLinkedQueue<>();

  private static final String ABOUT =
      """
      Humble Quill keeps the drawings of a learner in this folder.

      quill.mv.db   the database; move or copy it only while Humble Quill is stopped
      copies        proven copies of everything; ./quill restore puts one back
      courses       course files of your own
      pictures      pictures of your pages, as they came
      derived       smaller pictures made from them; they may be deleted and come back
      """;

  /** What keeps the folder from being used, in a sentence for the learner. */
  public static final class Unusable extends Exception {
    private static final long serialVersionUID = 1L;

    /** With the sentence. */
    public Unusable(String sentence) {
      super(sentence);
    }
  }

  /** Address under which the database is opened; every commit is written out at once. */
  public String databaseUrl() {
    return "jdbc:h2:file:"
        + path.resolve("quill").toAbsolutePath()
        + ";WRITE_DELAY=0;DB_CLOSE_ON_EXIT=FALSE;TRACE_LEVEL_FILE=0";
  }

  /** The database file. */
  public Path databaseFile() {
    return path.resolve("quill.mv.db");
  }

  /** Where the daily copies are kept. */
  public Path copies() {
    return path.resolve("copies");
  }

  /** Where the learner puts course files of their own. */
  public Path courses() {
    return path.resolve("courses");
  }

  /** Where pictures of pages are kept, as they came. */
  public Path pictures() {
    return path.resolve("pictures");
  }

  /** What is made from pictures and can be made again. */
  public Path derived() {
    return path.resolve("derived");
  }

  /** A sentence about the folder for whoever finds it; it is there once data was kept. */
  public Path about() {
    return path.resolve("about-this-folder.txt");
  }

  /** The learner's own files, which copies and exports hold beside the database. */
  public List<Path> ownFiles() throws IOException {
    if (!Files.isDirectory(courses())) {
      return List.of();
    }
    try (var inside = Files.list(courses())) {
      return inside
          .filter(f -> Files.isRegularFile(f, LinkOption.NOFOLLOW_LINKS) && Files.isReadable(f))
          .sorted()
          .toList();
    }
  }

  /** The name of a file in the folder, with slashes on all systems. */
  public String nameOf(Path file) {
    return path.relativize(file).toString().replace('\\', '/');
  }

  /** Says in the folder what it is, from the first time on that its database was opened. */
  public void describe() throws IOException {
    if (!Files.exists(about())) {
      SafeFiles.replace(about(), ABOUT.getBytes(StandardCharsets.UTF_8));
    }
  }

  /**
   * Takes the folder for this run, creating it if needed. The lock goes with the process, also when
   * it is killed.
   *
   * @throws Unusable if it cannot be written or another run has it
   */
  public void take() throws Unusable {
    if (path.toString().contains(";")) {
      throw new Unusable(
          "The data folder's path must not hold a semicolon: "
              + path
              + ". Choose another with --data.");
    }
    try {
      Files.createDirectories(path);
      Files.createDirectories(courses());
      var channel =
          FileChannel.open(
              path.resolve("in-use.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      var lock = channel.tryLock();
      if (lock == null) {
        channel.close();
        throw inUse();
      }
      HELD.add(lock);
    } catch (OverlappingFileLockException e) {
      throw inUse();
    } catch (IOException e) {
      throw new Unusable(
          "The data folder "
              + path
              + " cannot be written ("
              + e.getClass().getSimpleName()
              + "). Make it writable or choose another with --data.");
    }
  }

  private Unusable inUse() {
    return new Unusable(
        "The data folder "
            + path
            + " is in use by another run of Humble Quill. Stop that one, or choose another folder with --data.");
  }
}
