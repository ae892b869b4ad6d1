package humblequill.core.sitting;

import java.time.LocalTime;

/**
 * Names of groups that sittings belong to by a number; in order they are also in alphabetical one.
 */
public final class SittingClasses {
  private static final int[] LENGTHS = {20, 40, 60, 90};
  private static final int[] HOURS = {9, 12, 15, 18, 21};
  private static final int MOST_PLACES = 3;

  private SittingClasses() {}

  /**
   * By minutes: up to 20, to 40, to 60, to 90, longer.
   *
   * @return "0-20", "20-40", "40-60", "60-90" or "90-"
   */
  public static String length(int minutes) {
    int from = 0;
    for (int to : LENGTHS) {
      if (minutes <= to) {
        return from + "-" + to;
      }
      from = to;
    }
    return from + "-";
  }

  /**
   * By the hour it began.
   *
   * @return two hours such as "09-12"; "00-09" before nine, "21-24" after 21
   */
  public static String hours(LocalTime time) {
    int from = 0;
    for (int to : HOURS) {
      if (time.getHour() < to) {
        return "%02d-%02d".formatted(from, to);
      }
      from = to;
    }
    return "%02d-24".formatted(from);
  }

  /** By its place among the sittings in a row: "1", "2" or "3", which holds all later ones too. */
  public static String place(int place) {
    return String.valueOf(Math.min(MOST_PLACES, place));
  }
}
