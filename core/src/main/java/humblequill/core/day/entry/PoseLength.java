package humblequill.core.day.entry;

import java.util.Optional;

/** How long one drawing took. Common practice, no published source. */
public enum PoseLength {
  /** Up to two minutes. */
  QUICK(2),
  /** Up to ten. */
  SHORT(10),
  /** Longer. */
  LONG(Double.POSITIVE_INFINITY);

  private final double most;

  PoseLength(double most) {
    this.most = most;
  }

  /** The length of an entry's drawings; empty where its minutes or drawings are not told. */
  public static Optional<PoseLength> of(Drawn drawn) {
    var minutes = drawn.minutesTold();
    if (minutes.isEmpty() || drawn.drawings().isEmpty()) {
      return Optional.empty();
    }
    double each = (double) minutes.get() / drawn.drawings().get();
    for (var length : values()) {
      if (each <= length.most) {
        return Optional.of(length);
      }
    }
    throw new IllegalStateException("no length is " + each);
  }
}
