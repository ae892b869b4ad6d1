package humblequill.core.topic.coverage;

import java.util.Optional;

/**
 * Where a warm-up finds its minutes. Lengths are common practice, no published source.
 *
 * @param minutes {@value #SHORTEST} to {@value #LONGEST}
 */
public record WarmUpRoom(From from, int minutes) {
  static final int SHORTEST = 5;
  static final int LONGEST = 10;

  /** Whose minutes it takes. */
  public enum From {
    /** Those for setting up. */
    SETTING_UP,
    /** Those for drawing what one likes. */
    FREE_SHARE
  }

  /** Whatever a day holds: for what the learner wants all the same. */
  public static WarmUpRoom anyway() {
    return new WarmUpRoom(From.FREE_SHARE, LONGEST);
  }

  /** The room of a day; setting up comes first, empty where neither holds a warm-up. */
  public static Optional<WarmUpRoom> on(int settingUpMinutes, int freeMinutes) {
    if (settingUpMinutes >= SHORTEST) {
      return Optional.of(new WarmUpRoom(From.SETTING_UP, Math.min(LONGEST, settingUpMinutes)));
    }
    return freeMinutes >= SHORTEST
        ? Optional.of(new WarmUpRoom(From.FREE_SHARE, Math.min(LONGEST, freeMinutes)))
        : Optional.empty();
  }
}
