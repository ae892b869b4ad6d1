package humblequill.core.day.care;

/**
 * A usual caution that applies on a day. Never a diagnosis.
 *
 * @param kind what it is about
 * @param minutes the minutes behind it: planned today, or drawn in seven days
 * @param usualMinutes what is usual: minutes between breaks, or the four-week mean of a week
 */
public record Caution(Kind kind, int minutes, int usualMinutes) {
  /** What a caution is about. */
  public enum Kind {
    /** A long day: rest hand, neck and eyes every 45 to 50 minutes. */
    BREAK,
    /** Far more minutes in a week than the four weeks before. */
    SUDDEN_INCREASE,
    /** Dust and fumes: ventilate, follow the maker's sheet. */
    DUST_AND_FUMES,
    /** A blade that sharpens, after weeks without: away from the hand that holds. */
    BLADE
  }
}
