package humblequill.server.ground.data;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;

/**
 * Lets one thread work out what many want at the same moment; the others wait for it. They wait a
 * moment only: whoever works it out may need what a waiting one holds, such as a connection.
 */
final class OneAtATime {
  private static final long WAIT_MILLIS = 500;

  private final ReentrantLock lock = new ReentrantLock();

  /** Works out, alone unless that takes long. */
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
