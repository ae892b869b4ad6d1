package humblequill.server.ground.data;

import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A value computed from cached values and cached with them. It compares its inputs by identity and
 * is computed again as soon as one of them is another object, so it is never invalidated itself.
 *
 * @param <T> what follows; it never changes itself
 */
public final class Derived<T> {
  private final OneAtATime computing = new OneAtATime();
  private volatile @Nullable Known<T> known;

  private record Known<T>(List<?> from, T value) {
    private boolean holdsFor(List<?> others) {
      if (others.size() != from.size()) {
        return false;
      }
      for (int i = 0; i < others.size(); i++) {
        if (!same(others.get(i), from.get(i))) {
          return false;
        }
      }
      return true;
    }

    private static boolean same(Object a, Object b) {
      return a == b || a instanceof Comparable && a.equals(b);
    }
  }

  /**
   * The value for these inputs.
   *
   * @param from dates, texts and numbers are compared as such; all else by identity, so that what
   *     is equal but made anew counts as another value
   */
  public T get(List<?> from, Supplier<T> compute) {
    var last = known;
    if (last != null && last.holdsFor(from)) {
      return last.value();
    }
    return computing.run(
        () -> {
          var now = known;
          if (now == null || !now.holdsFor(from)) {
            now = new Known<>(List.copyOf(from), compute.get());
            known = now;
          }
          return now.value();
        });
  }
}
