package humblequill.server;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.util.concurrent.atomic.AtomicInteger;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/** A disk under the database, {@code failing:/path}, whose next so-many-th call of a kind fails. */
public final class FailingPath extends FilePathWrapper {
  /** What fails. */
  public enum Call {
    WRITE,
    FORCE
  }

  private static final AtomicInteger LEFT = new AtomicInteger(-1);
  private static volatile Call failing = Call.WRITE;
  private static volatile boolean forGood;

  /** Makes the scheme known to the database. */
  public static void register() {
    FilePath.register(new FailingPath());
  }

  /** Lets one call fail, counted from now. */
  public static void failOnce(Call call, int after) {
    failing = call;
    forGood = false;
    LEFT.set(after);
  }

  /** Lets every write fail from now on. */
  public static void failAlways() {
    failing = Call.WRITE;
    forGood = true;
    LEFT.set(0);
  }

  /** Lets nothing fail any more. */
  public static void heal() {
    LEFT.set(-1);
  }

  /** Whether the call that was to fail has failed. */
  public static boolean hasFailed() {
    return LEFT.get() < 0;
  }

  private static void count(Call call) throws IOException {
    if (call != failing || LEFT.get() < 0) {
      return;
    }
    if (LEFT.get() == 0 && forGood || LEFT.getAndDecrement() == 0) {
      throw new IOException("No space left on device");
    }
  }

  @Override
  public String getScheme() {
    return "failing";
  }

  @Override
  public FileChannel open(String mode) throws IOException {
    var base = super.open(mode);
    return new FileBaseDefault() {
      @Override
      public long size() throws IOException {
        return base.size();
      }

      @Override
      public int read(ByteBuffer into, long position) throws IOException {
        return base.read(into, position);
      }

      @Override
      public int write(ByteBuffer from, long position) throws IOException {
        count(Call.WRITE);
        return base.write(from, position);
      }

      @Override
      protected void implTruncate(long size) throws IOException {
        base.truncate(size);
      }

      @Override
      public void force(boolean metaData) throws IOException {
        count(Call.FORCE);
        base.force(metaData);
      }

      @Override
      public java.nio.channels.FileLock tryLock(long position, long size, boolean shared)
          throws IOException {
        return base.tryLock(position, size, shared);
      }

      @Override
      protected void implCloseChannel() throws IOException {
        base.close();
      }
    };
  }
}
