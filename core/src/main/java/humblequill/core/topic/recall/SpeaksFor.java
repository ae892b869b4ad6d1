package humblequill.core.topic.recall;

import humblequill.core.day.entry.Depth;
import java.util.Optional;

/**
 * What a plate that was drawn from memory says of the depth its topics have reached: a proposal,
 * for the learner to take or leave. The days are a choice of this program, without a source.
 */
public final class SpeaksFor {
  private static final int WEEK = 7;
  private static final int MONTH = 35;
  private static final int SEASON = 80;

  private SpeaksFor() {}

  /** Days over which it was still there; 0 before the first success. */
  public static int held(Asking asking) {
    return asking.step() == 0 ? 0 : Asking.SPANS.get(asking.step() - 1);
  }

  /**
   * The depth.
   *
   * @param days over which all of it was still there
   */
  public static Optional<Depth> depth(int days) {
    return days >= SEASON
        ? Optional.of(Depth.DETAILED)
        : days >= MONTH
            ? Optional.of(Depth.GROUPED)
            : days >= WEEK ? Optional.of(Depth.SIMPLE) : Optional.empty();
  }
}
