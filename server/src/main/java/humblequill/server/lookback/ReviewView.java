package humblequill.server.lookback;

import humblequill.core.day.streak.Streak;
import humblequill.core.ground.calendar.Pause;
import humblequill.core.lookback.PlannedExercise;
import humblequill.core.lookback.SaidAgain;
import humblequill.core.shelf.UnitsRead;
import humblequill.server.bench.Tendencies;
import humblequill.server.course.plan.PreviewView;
import humblequill.server.topic.coverage.ToldTopics;
import humblequill.server.topic.recall.Recall;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A week looked back on: facts, and what the learner makes of them.
 *
 * @param over whether the week is over
 * @param version null while nothing is kept of it
 * @param pauses what of pauses lies in it
 * @param course where the main course stood; null without one
 * @param planned what courses gave the week, by exercise
 * @param newTopics topics first touched in it
 * @param rusty what the weeks to come need; only of this week and the last
 * @param weak topics that felt weak before it and still do
 * @param read what was read or watched
 * @param recalled plates and orders of steps that were asked for
 * @param remarks what was said again under "went wrong"
 * @param aims habits that are an aim now
 * @param habits of drawing that came to hold in it, or hold no more
 * @param suitingLength minutes of the sittings whose marks stand apart, such as "20-40"; only of
 *     this week and the last, null where none do
 * @param whatFor what all this is for; null where nothing was said
 * @param expected what was expected of it a week before; empty without
 * @param offers changes that follow from it, each with its effect; none of older weeks
 * @param aside those that were put aside in this week, to be offered again four weeks later
 * @param taken those that were taken
 * @param became what became of the changes taken the week before
 */
record ReviewView(
    LocalDate from,
    LocalDate to,
    int isoWeek,
    boolean over,
    Reviews.State state,
    @Nullable Long version,
    List<Pause> pauses,
    @Nullable CourseThen course,
    WeekFacts facts,
    List<PlannedThen> planned,
    RunThen run,
    List<String> newTopics,
    List<RustyAhead> rusty,
    List<ToldTopics.WeakTopic> weak,
    List<ReadUnits> read,
    List<Recall.Recalled> recalled,
    List<SaidAgain> remarks,
    List<Tendencies.AimView> aims,
    List<Tendencies.HabitChange> habits,
    @Nullable String suitingLength,
    @Nullable Serving whatFor,
    String expected,
    String words,
    String expects,
    List<OfferView> offers,
    List<AsideView> aside,
    List<ToldOffer> taken,
    List<BecameView> became) {
  /** Where the main course stood. */
  record CourseThen(String title, @Nullable Integer week, String weekTitle) {}

  /**
   * What was drawn.
   *
   * @param told whether all minutes were told
   * @param before mean minutes of the weeks before; null in the first week
   * @param weeksBefore how many these are, four at most; 0 in the first week
   * @param freeShare part drawn freely in four weeks; null without minutes
   */
  record WeekFacts(
      int minutes,
      boolean told,
      int drawings,
      int days,
      @Nullable Double before,
      int weeksBefore,
      @Nullable Double meanMark,
      @Nullable Double freeShare,
      @Nullable MarkedPage best,
      @Nullable MarkedPage weakest) {}

  /**
   * What all this is for, and what of four weeks served it.
   *
   * @param topics that its words name
   */
  record Serving(String aim, List<String> topics, int minutes, int of) {}

  /** A marked entry with its place. */
  record MarkedPage(
      UUID entry,
      LocalDate day,
      String called,
      int mark,
      @Nullable String book,
      @Nullable Integer page,
      @Nullable UUID picture) {}

  /**
   * An exercise against what was drawn of it.
   *
   * @param minutesCounted whether units are minutes, not drawings
   * @param left units that were planned and not drawn
   */
  record PlannedThen(String title, boolean minutesCounted, int planned, int done, int left) {
    static PlannedThen of(PlannedExercise p) {
      return new PlannedThen(p.title(), p.minutesCounted(), p.planned(), p.done(), p.left());
    }
  }

  /** The run at the week's end, by the learner's own rule. */
  record RunThen(int length, Streak.Unit unit) {}

  /** A rusty topic that a week to come needs. */
  record RustyAhead(String topic, String neededFor, @Nullable Integer week, String weekTitle) {}

  /**
   * What of a resource was worked through.
   *
   * @param spans units from one to another, joined where they touch; what lies between was left out
   */
  record ReadUnits(String resource, String unit, List<UnitsRead.ReadSpan> spans, int minutes) {}

  /**
   * An offered change.
   *
   * @param effect what it would do to the plan; null where it changes none
   */
  record OfferView(String key, ToldOffer offer, @Nullable PreviewView effect) {}

  /** An offered change that was put aside. */
  record AsideView(String key, ToldOffer offer) {}

  /**
   * What became of a change.
   *
   * @param stands whether the plan still holds it; false once it was taken back
   * @param since drawings of its topic, or times its remark was said, since it was taken
   */
  record BecameView(ToldOffer offer, boolean stands, int since) {}
}
