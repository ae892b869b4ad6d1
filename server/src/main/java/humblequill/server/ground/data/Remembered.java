package humblequill.server.ground.data;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A cache entry: something read from the database, valid until a write of one of its entities. Only
 * one process at a time opens a data folder, so nobody else can change what is cached. The
 * transaction that writes reads its own changes past the cache; all others see what was committed
 * before, and read again once that transaction is completed, whether or not its commit could be
 * forced to disk. See docs/decisions/held-in-memory.md.
 *
 * @param <T> what is held; it never changes itself
 */
public final class Remembered<T> {
  private static final Object EVERYTHING = new Object();

  private final String what;
  private final Runnable flush;
  private final OneAtATime reading = new OneAtATime();
  private @Nullable T held;
  private final Set<Object> stale = new HashSet<>();
  private long completed;

  /**
   * A cache.
   *
   * @param flush writes what the running transaction changed and has not written yet
   */
  Remembered(String what, Runnable flush) {
    this.what = what;
    this.flush = flush;
  }

  /** What is held, in a few words. */
  String what() {
    return what;
  }

  /** The cached value; it is read where there is none or it was invalidated. */
  public T get(Supplier<T> read) {
    return get(read, (old, keys) -> read.get());
  }

  /**
   * What is held, or what is read now.
   *
   * @param read reads everything
   * @param again reads anew what stands under some keys, and leaves the rest
   */
  public T get(Supplier<T> read, BiFunction<T, Set<Object>, T> again) {
    flush.run();
    var known = fresh();
    if (known == null) {
      known = reading.run(() -> readAgain(read, again));
    }
    var mine = mine();
    if (mine == null) {
      return known;
    }
    if (mine.read == null) {
      mine.read = mine.keys.contains(EVERYTHING) ? read.get() : again.apply(known, mine.keys);
    }
    return mine.read;
  }

  /** What is held, unless something of it was written since. */
  private synchronized @Nullable T fresh() {
    return stale.isEmpty() ? held : null;
  }

  private T readAgain(Supplier<T> read, BiFunction<T, Set<Object>, T> again) {
    T known;
    Set<Object> old;
    long before;
    synchronized (this) {
      known = held;
      old = Set.copyOf(stale);
      before = completed;
    }
    if (known != null && old.isEmpty()) {
      return known;
    }
    known = known == null || old.contains(EVERYTHING) ? read.get() : again.apply(known, old);
    keep(known, before);
    return known;
  }

  /** What the running transaction changed, and what it read since its last change. */
  private static final class Mine<T> {
    private final Set<Object> keys = new HashSet<>();
    private @Nullable T read;
  }

  /** What this transaction wrote is nobody else's until it is committed. */
  private void keep(T read, long before) {
    if (mine() != null) {
      return;
    }
    synchronized (this) {
      if (before == completed) {
        held = read;
        stale.clear();
      }
    }
  }

  @SuppressWarnings("unchecked")
  private @Nullable Mine<T> mine() {
    return (Mine<T>) TransactionSynchronizationManager.getResource(this);
  }

  /** The running transaction wrote something of it, whatever it is. */
  void changed() {
    changed(Set.of(EVERYTHING));
  }

  /** The running transaction wrote what stands under some keys. */
  void changed(Collection<?> keys) {
    var mine = mine();
    if (mine == null) {
      mine = new Mine<>();
      TransactionSynchronizationManager.bindResource(this, mine);
      TransactionSynchronizationManager.registerSynchronization(new Forgetting());
    }
    mine.keys.addAll(keys);
    mine.read = null;
  }

  private final class Forgetting implements TransactionSynchronization {
    @Override
    public void afterCompletion(int status) {
      var mine = (Mine<?>) TransactionSynchronizationManager.unbindResource(Remembered.this);
      synchronized (Remembered.this) {
        // Nothing is cached yet: all of it will be read anyway.
        if (held != null) {
          stale.addAll(mine.keys);
        }
        completed++;
      }
    }
  }
}
