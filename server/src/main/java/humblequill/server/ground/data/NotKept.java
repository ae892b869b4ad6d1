package humblequill.server.ground.data;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Set;
import org.h2.api.ErrorCode;
import org.jspecify.annotations.Nullable;

/** Something that was to be written and may not have been, with the reason for the learner. */
public final class NotKept extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** What the database says once a write to its file failed and it closed itself. */
  private static final Set<Integer> DATABASE_GONE =
      Set.of(
          ErrorCode.DATABASE_IS_CLOSED,
          ErrorCode.DATABASE_CALLED_AT_SHUTDOWN,
          ErrorCode.CONNECTION_BROKEN_1,
          ErrorCode.IO_EXCEPTION_1,
          ErrorCode.IO_EXCEPTION_2,
          ErrorCode.FILE_CORRUPTED_1,
          ErrorCode.OBJECT_CLOSED);

  /** Why. */
  public enum Why {
    /** Too little room. */
    DISK_FULL,
    /** The disk took a write and failed at it. */
    DISK_FAILS,
    /** The data folder is not where it was. */
    FOLDER_GONE
  }

  private final Why why;
  private final String reason;

  private NotKept(Why why, String reason, String advice, @Nullable Throwable cause) {
    super(reason + " " + advice, cause);
    this.why = why;
    this.reason = reason;
  }

  /** Why. */
  public Why why() {
    return why;
  }

  /** Why, in a sentence; the message goes on with what to do about what was sent. */
  public String reason() {
    return reason;
  }

  static NotKept full(Path folder, long free, long needed) {
    return new NotKept(
        Why.DISK_FULL,
        "The disk is full: "
            + megabytes(free)
            + " MB are free where "
            + folder
            + " lies, and "
            + megabytes(needed)
            + " MB are needed.",
        "This was not kept. Make room on the disk and send it again; all that was kept before can be read meanwhile.",
        null);
  }

  static NotKept fails(Path folder, Throwable cause) {
    return new NotKept(
        Why.DISK_FAILS,
        "The disk under " + folder + " failed at writing.",
        "It is not sure that this was kept: look whether it is there, and send it again if not.",
        cause);
  }

  static NotKept gone(Path missing) {
    return new NotKept(
        Why.FOLDER_GONE,
        missing + " is not there any more, or is another one.",
        "This was not kept. Bring back the folder as it was (plug in the drive, stop what moves it), or stop Humble Quill and start it again.",
        null);
  }

  /** Whether a failure comes from the disk or the database that closed itself because of it. */
  static boolean isOfDisk(Throwable failure) {
    int depth = 0;
    for (Throwable t = failure; t != null && depth < 20; t = t.getCause(), depth++) {
      if (t instanceof SQLException sql && DATABASE_GONE.contains(sql.getErrorCode())
          || t instanceof org.h2.mvstore.MVStoreException
          || t instanceof IOException && t.getStackTrace().length > 0 && isOfStore(t)) {
        return true;
      }
    }
    return false;
  }

  private static boolean isOfStore(Throwable t) {
    for (var frame : t.getStackTrace()) {
      if (frame.getClassName().startsWith("org.h2.")) {
        return true;
      }
    }
    return false;
  }

  private static String megabytes(long bytes) {
    return Long.toString(bytes / 1024 / 1024);
  }
}
