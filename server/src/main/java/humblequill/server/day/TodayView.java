package humblequill.server.day;

import humblequill.core.course.Exercise;
import humblequill.core.course.ExerciseKind;
import humblequill.core.day.care.Caution;
import humblequill.core.day.streak.PenLine;
import humblequill.core.ground.message.Message;
import humblequill.server.book.piece.PieceService;
import humblequill.server.book.rule.OpenRule;
import humblequill.server.course.plan.RemediesView;
import humblequill.server.course.plan.ShortfallView;
import humblequill.server.day.entry.EntryView;
import humblequill.server.day.entry.LookFor;
import humblequill.server.day.streak.StreakView;
import humblequill.server.ground.backup.CopyKeeper;
import humblequill.server.promise.QuotasToday;
import humblequill.server.topic.coverage.TopicsToday;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Today's page.
 *
 * @param day the open practice day
 * @param isoWeek ISO 8601 week number
 * @param rest planned rest today
 * @param pause reason of the pause today lies in; null outside pauses
 * @param availableMinutes minutes the learner has today
 * @param overheadMinutes of these, for setting up and choosing references
 * @param freeMinutes of these, kept for drawing what one likes
 * @param plannedMinutes of these, today's shares
 * @param overMinutes by how much the shares are more than there is; 0 where they fit
 * @param course where the course stands; null without a course
 * @param shares what to draw, in the order of work
 * @param appointments fixed appointments of today
 * @param shortfalls what does not fit into the week any more
 * @param remedies what would make it fit
 * @param waiting whether a course waits today: paused, or the day was slid
 * @param drawnMinutes minutes of today's entries, estimated where not told
 * @param drawnDrawings drawings of today's entries
 * @param entries today's entries
 * @param streak by the learner's own rule
 * @param penLine twelve weeks up to the end of this one
 * @param cautions usual cautions that apply today
 * @param quotas what running quotas ask of today
 * @param asked rules of promises and books that today's entries leave open
 * @param lookFor what today's entries are to be looked through for
 * @param pieces staged pieces under way
 * @param topics what topics ask of today
 * @param copies what is wrong with the copies; null if nothing is
 * @param disk why nothing can be written just now; null if it can
 */
public record TodayView(
    LocalDate day,
    int isoWeek,
    boolean rest,
    @Nullable String pause,
    int availableMinutes,
    int overheadMinutes,
    int freeMinutes,
    int plannedMinutes,
    int overMinutes,
    @Nullable CourseState course,
    List<ShareView> shares,
    List<AppointmentToday> appointments,
    List<ShortfallView> shortfalls,
    @Nullable RemediesView remedies,
    boolean waiting,
    int drawnMinutes,
    int drawnDrawings,
    List<EntryView> entries,
    StreakView streak,
    List<PenLine.Stroke> penLine,
    List<Caution> cautions,
    List<QuotasToday.QuotaToday> quotas,
    List<OpenRule> asked,
    List<LookFor.OpenLook> lookFor,
    List<PieceService.PieceToday> pieces,
    TopicsToday.AskedByTopics topics,
    CopyKeeper.@Nullable Behind copies,
    @Nullable Message disk) {
  /**
   * Where the course stands.
   *
   * @param placement names it
   * @param weekKey key of the week; null before the start and after the end
   * @param mayWait whether letting it wait today would make room for what is promised
   * @param week number of the week; null before the start and after the end
   * @param weekDone whether all of this week's work is done
   */
  public record CourseState(
      UUID placement,
      @Nullable String weekKey,
      boolean mayWait,
      String title,
      @Nullable Integer week,
      int weeks,
      String weekTitle,
      String aim,
      LocalDate start,
      LocalDate end,
      boolean weekDone) {}

  /** A fixed appointment of today. */
  public record AppointmentToday(String title, LocalTime start, int minutes) {}

  /**
   * One share of today.
   *
   * @param course title of its course where more than one is followed; empty otherwise
   * @param topics topics it touches
   * @param appointed how many of its units an appointment satisfies
   * @param count units for today
   * @param done units done today
   * @param left units still open today
   * @param bonus units done beyond the share
   * @param minutes time of the share
   * @param minutesLeft time of what is left
   * @param drawnBefore whether anything of it was drawn yet
   * @param was units the first plan of the week gave today, where that changed
   * @param missed units of earlier days that were not done; negative when more was done
   */
  public record ShareView(
      String exerciseId,
      String title,
      String course,
      List<String> topics,
      int appointed,
      ExerciseKind kind,
      Exercise.Unit unit,
      int secondsEach,
      int count,
      int done,
      int left,
      int bonus,
      int minutes,
      int minutesLeft,
      @Nullable String source,
      @Nullable String resource,
      String text,
      String lookFor,
      boolean drawnBefore,
      @Nullable Integer was,
      @Nullable Integer missed) {}
}
