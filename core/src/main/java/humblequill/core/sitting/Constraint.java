package humblequill.core.sitting;

import java.time.LocalDate;

/**
 * A rule for one drawing that makes a known subject new again. Common practice, no published
 * source.
 */
public enum Constraint {
  /** One line that is never lifted. */
  ONE_LINE,
  /** With the other hand. */
  OTHER_HAND,
  /** Looking at the subject alone, not at the paper. */
  EYES_ON_SUBJECT,
  /** Three values and nothing between them. */
  THREE_VALUES,
  /** The spaces between things, not the things. */
  SPACES_BETWEEN,
  /** Only what lies in shade. */
  SHADE_ALONE,
  /** As small as a stamp. */
  SMALL,
  /** In half the usual time. */
  HALF_THE_TIME,
  /** From memory after a minute of looking. */
  MINUTE_OF_LOOKING,
  /** From as low down as one can sit. */
  FROM_BELOW,
  /** Only straight lines. */
  STRAIGHT_LINES,
  /** The largest tool at hand. */
  LARGEST_TOOL;

  /**
   * One of a day; each turn another, until all were seen.
   *
   * @param turn from 0
   */
  public static Constraint of(LocalDate day, int turn) {
    return values()[(int) Math.floorMod(day.toEpochDay() * 5 + turn, values().length)];
  }
}
