package humblequill.server.lookback;

import humblequill.core.ground.calendar.Pause;
import humblequill.core.lookback.SaidAgain;
import humblequill.server.bench.Tendencies;
import humblequill.server.topic.recall.Recall;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A month looked back on, put together from its weeks: those that have most of their days in it.
 *
 * @param month its first day in the calendar
 * @param from first day of its first week
 * @param to last day of its last week
 * @param over whether all its weeks are
 * @param version null while nothing is kept of it
 * @param pauses what of pauses lies in it
 * @param weeks that have begun, the oldest first
 * @param exercises how many exercises of how many were met in these weeks
 * @param newTopics topics first touched in it
 * @param read what was read or watched
 * @param recalled plates and orders of steps that were asked for
 * @param remarks what was said again under "went wrong"
 * @param habits of drawing that came to hold in it, or hold no more
 * @param whatFor what all this is for; null where nothing was said
 * @param became what became of the changes that were taken in it, or in the week before it
 * @param expected what was expected of it a month before; empty without
 */
record MonthLetter(
    LocalDate month,
    LocalDate from,
    LocalDate to,
    boolean over,
    @Nullable Long version,
    List<Pause> pauses,
    MonthFacts facts,
    List<WeekOfMonth> weeks,
    ExercisesMet exercises,
    List<String> newTopics,
    List<ReviewView.ReadUnits> read,
    List<Recall.Recalled> recalled,
    List<SaidAgain> remarks,
    List<Tendencies.HabitChange> habits,
    ReviewView.@Nullable Serving whatFor,
    List<ReviewView.BecameView> became,
    String expected,
    String words,
    String expects) {
  /**
   * What was drawn.
   *
   * @param told whether all minutes were told
   * @param weekly mean minutes of its weeks that are over; null without any
   * @param weeklyBefore the same of the month before; null before the first entry
   * @param marked entries with a mark
   * @param meanMark of these; null without any
   * @param markedBefore the same of the month before
   */
  record MonthFacts(
      int minutes,
      boolean told,
      int drawings,
      int days,
      @Nullable Double weekly,
      @Nullable Double weeklyBefore,
      int marked,
      @Nullable Double meanMark,
      int markedBefore,
      @Nullable Double meanMarkBefore,
      ReviewView.@Nullable MarkedPage best,
      ReviewView.@Nullable MarkedPage weakest) {}

  /** A week of it, with what the learner wrote then. */
  record WeekOfMonth(
      LocalDate from,
      LocalDate to,
      int minutes,
      int drawings,
      ReviewView.@Nullable CourseThen course,
      Reviews.State state,
      String words,
      String expects) {}

  /** Exercises of courses that were met, of all that were given. */
  record ExercisesMet(int met, int of) {}
}
