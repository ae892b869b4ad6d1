package humblequill.server.ground.data;

import humblequill.core.ground.message.Explained;
import humblequill.core.ground.message.Message;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.Set;
import org.h2.api.ErrorCode;
import org.jspecify.annotations.Nullable;

/** Something that was to be written and may not have been, with the reason for the learner. */
public final class NotKept extends RuntimeException implements Explained {
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

  /** What failed. */
  public enum Kind {
    /** Too little room. */
    DISK_FULL,
    /** The disk took a write and failed at it. */
    DISK_FAILS,
    /** The data folder is not where it was. */
    FOLDER_GONE
  }

  private final Kind kind;
  private final transient Message reason;

  private NotKept(Kind kind, Message reason, @Nullable Throwable cause) {
    super(reason.toString(), cause);
    this.kind = kind;
    this.reason = reason;
  }

  /** What kind of failure it is. */
  public Kind kind() {
    return kind;
  }

  /** Why, without what to do about it. */
  public Message reason() {
    return reason;
  }

  /** Why, and what to do about what was sent. */
  @Override
  public Message why() {
    var code =
        switch (kind) {
          case DISK_FULL -> "ground.notKeptFull";
          case DISK_FAILS -> "ground.notSureKept";
          case FOLDER_GONE -> "ground.notKeptGone";
        };
    return Message.of(code, "reason", reason);
  }

  static NotKept full(Path folder, long free, long needed) {
    return new NotKept(
        Kind.DISK_FULL,
        Message.of(
            "ground.diskFull",
            "free",
            megabytes(free),
            "folder",
            folder,
            "needed",
            megabytes(needed)),
        null);
  }

  static NotKept fails(Path folder, Throwable cause) {
    return new NotKept(Kind.DISK_FAILS, Message.of("ground.diskFails", "folder", folder), cause);
  }

  static NotKept gone(Path missing) {
    return new NotKept(Kind.FOLDER_GONE, Message.of("ground.folderGone", "folder", missing), null);
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
