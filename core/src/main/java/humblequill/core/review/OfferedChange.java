package humblequill.core.review;

import java.util.EnumSet;
import java.util.Set;

/**
 * A change that follows from what a week shows. Nothing changes before the learner says so.
 *
 * @param kind what would change
 * @param subject topic, remark, resource, weekday or title of a week that it is about
 * @param about why: the exercise that was not met, or the topic that stands on it; may be empty
 * @param week key of the week it changes; empty where it changes none
 * @param amount drawings, minutes, percent or days, by kind
 * @param secondsEach seconds of one drawing; 0 where none are asked for
 * @param seen the figure it follows from
 * @param against what that figure is held against
 */
public record OfferedChange(
    Kind kind,
    String subject,
    String about,
    String week,
    int amount,
    int secondsEach,
    double seen,
    double against) {
  private static final Set<Kind> WAYS_OUT = EnumSet.of(Kind.STRETCH, Kind.LESS);

  /** What would change. */
  public enum Kind {
    /** So many more drawings of a topic; {@code seen} of {@code against} were drawn. */
    MORE_OF,
    /** A warm-up of so many minutes; {@code seen} is its freshness, below {@code against}. */
    WARM_UP,
    /** The aim of the next sittings; said {@code seen} times, {@code against} times before. */
    AIM,
    /** Percent kept for drawing freely; {@code seen} was drawn so, of {@code against} kept. */
    FREE_SHARE,
    /**
     * So many days for the coming week; {@code seen} of the planned minutes were drawn, {@code
     * against} the week before.
     */
    STRETCH,
    /** So many minutes of work less in the coming week; figures as for a stretch. */
    LESS,
    /**
     * The week once more; {@code seen} of the {@code against} answers say that what was to be
     * looked for was found, one that says partly counting for half.
     */
    REPEAT,
    /** A week for a topic that was never drawn, before one that stands on it. */
    DETOUR,
    /**
     * So many minutes on a weekday, named in English as the calendar does; {@code seen} were drawn
     * on it, {@code against} are planned. 0 makes it a rest day.
     */
    MINUTES,
    /**
     * The lesson or timed poses first, by the name of the order; lessons and studies were marked
     * {@code seen} in it and {@code against} in the other.
     */
    ORDER,
    /**
     * A resource next, since it teaches a topic of the coming week and nothing that is read does.
     */
    RESOURCE
  }

  /**
   * Whether another one has no place beside it: it is the same, or the other way out of too much
   * work in the same week.
   */
  public boolean settles(OfferedChange other) {
    return key().equals(other.key())
        || WAYS_OUT.contains(kind) && WAYS_OUT.contains(other.kind) && week.equals(other.week);
  }

  /** Names an offer within its week. */
  public String key() {
    return kind + " " + subject;
  }
}
