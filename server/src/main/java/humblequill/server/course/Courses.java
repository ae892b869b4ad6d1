package humblequill.server.course;

import humblequill.core.course.CourseMerge;
import humblequill.core.ground.message.Message;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What can be placed.
 *
 * @param courses shipped courses and the learner's own, those first that fit as they are
 * @param broken course files that were refused
 */
public record Courses(List<Offer> courses, List<BrokenFile> broken) {
  /**
   * A course on offer.
   *
   * @param own whether it is the learner's own, which can be changed and removed
   * @param minutes all exercises together
   * @param minutesADay minutes that seven equal days need for the fullest week, with the overhead
   *     and free share of the settings
   * @param roomMinutes the learner's own room in seven days from today, for one course alone
   * @param load work of the fullest week ÷ that room; null without any room
   * @param pace what all units would have to be multiplied by to fit the fullest week; 1 when they
   *     fit as they are; null without any room
   */
  public record Offer(
      String id,
      String title,
      String summary,
      boolean own,
      int weeks,
      int minutes,
      List<WeekLoad> weekLoads,
      int minutesADay,
      int roomMinutes,
      @Nullable Double load,
      @Nullable Double pace) {
    boolean fits() {
      return weekLoads.stream().allMatch(WeekLoad::fits);
    }
  }

  /**
   * One week against the learner's own room.
   *
   * @param minutes its work
   * @param load work ÷ room of seven days from today; null without any room
   * @param fits whether the planner finds a day for everything
   */
  public record WeekLoad(String title, int minutes, @Nullable Double load, boolean fits) {}

  /**
   * A course file that was refused.
   *
   * @param file its name
   * @param path the place in it
   * @param place the same in words
   * @param reason what is wrong there
   */
  public record BrokenFile(String file, String path, String place, Message reason) {
    /** One that is refused as a whole. */
    static BrokenFile whole(String file, Message reason) {
      return new BrokenFile(file, "", "", reason);
    }
  }

  /**
   * A course under edit, checked.
   *
   * @param loads one per week; empty when it is broken
   * @param path the place of what is wrong; null when nothing is
   * @param place the same in words
   * @param reason what is wrong there; null when nothing is
   */
  public record Checked(
      List<WeekLoad> loads,
      @Nullable String path,
      @Nullable String place,
      @Nullable Message reason) {}

  /**
   * Two courses laid into each other, not kept yet.
   *
   * @param document the merged course
   * @param loads one per week
   * @param joins weeks about the same topic, and what became of them
   * @param conflicts orders that could not be had
   */
  public record Merged(
      Object document,
      List<WeekLoad> loads,
      List<CourseMerge.Join> joins,
      List<CourseMerge.Conflict> conflicts) {}
}
