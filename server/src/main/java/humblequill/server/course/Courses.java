package humblequill.server.course;

import java.util.List;

/**
 * What can be placed.
 *
 * @param courses shipped courses and the learner's own
 * @param broken course files that were refused
 */
public record Courses(List<Offer> courses, List<BrokenFile> broken) {
  /**
   * A course on offer.
   *
   * @param minutes all exercises together
   * @param weekMinutes minutes of each week
   * @param minutesADay minutes that seven equal days need for the fullest week, with the overhead
   *     and free share of the settings
   */
  public record Offer(
      String id,
      String title,
      String summary,
      int weeks,
      int minutes,
      List<Integer> weekMinutes,
      int minutesADay) {}

  /**
   * A course file that was refused.
   *
   * @param file its name
   * @param path the place in it
   * @param reason what is wrong there
   */
  public record BrokenFile(String file, String path, String reason) {}
}
