package humblequill.server.ground.data;

import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantReadWriteLock;

/**
 * A lock between commits and transactions that begin a snapshot, so that several connections can
 * begin on the same one. A commit waits only while a snapshot is begun, not while it is read.
 */
public class Commits {
  private final ReentrantReadWriteLock lock = new ReentrantReadWriteLock();

  /** What is done. */
  public interface Step<E extends Exception> {
    /**
     * Does it.
     *
     * @throws E if it fails
     */
    void run() throws E;
  }

  /** Commits; several may at once. */
  public <E extends Exception> void commit(Step<E> commit) throws E {
    under(lock.readLock(), commit);
  }

  /** Begins readings while nothing is committed: they see the same moment. */
  public <E extends Exception> void between(Step<E> beginning) throws E {
    under(lock.writeLock(), beginning);
  }

  private static <E extends Exception> void under(Lock lock, Step<E> step) throws E {
    lock.lock();
    try {
      step.run();
    } finally {
      lock.unlock();
    }
  }
}
