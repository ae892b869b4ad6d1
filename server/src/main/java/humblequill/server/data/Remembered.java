package humblequill.server.data;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Something read from the database and held until a write changes it. Only one run at a time writes
 * to a data folder, so what this run did not change is still so. While a write is not committed
 * nothing is held, and what was read before its commit is not held after it.
 *
 * @param <T> what is held; it never changes itself
 */
public final class Remembered<T> {
  private @Nullable T held;
  private long changes;
  private int pending;

  /** What is held, or what is read now. */
  public T get(Supplier<T> read) {
    long before;
    synchronized (this) {
      if (held != null) {
        return held;
      }
      before = changes;
    }
    var value = read.get();
    synchronized (this) {
      if (before == changes && pending == 0) {
        held = value;
      }
    }
    return value;
  }

  /** Tells that the running transaction changes it. */
  public void changed() {
    synchronized (this) {
      forget();
      pending++;
    }
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            synchronized (Remembered.this) {
              forget();
              pending--;
            }
          }
        });
  }

  private void forget() {
    held = null;
    changes++;
  }
}
