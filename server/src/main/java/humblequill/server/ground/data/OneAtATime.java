package humblequill.server.ground.data;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;

/**
 * Runs the same work of several threads one after another, so that what the first one caches serves
 * the others. They wait with a timeout and then run it anyway, since the first one may need
 * something that a waiting one holds, such as a connection.
 */
final class OneAtATime {
  private static final long WAIT_MILLIS = 500;

  private final ReentrantLock lock = new ReentrantLock();

  /** Runs work, alone unless the wait for that takes too long. */
  <T> T run(Supplier<T> work) {
    boolean mine = false;
    try {
      mine = lock.tryLock(WAIT_MILLIS, TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    try {
      return work.get();
    } finally {
      if (mine) {
        lock.unlock();
      }
    }
  }
}
