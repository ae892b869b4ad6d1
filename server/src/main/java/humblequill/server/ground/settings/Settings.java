package humblequill.server.ground.settings;

import humblequill.core.course.plan.DayOrder;
import humblequill.core.day.entry.OwnFigure;
import humblequill.core.day.streak.School;
import humblequill.core.ground.calendar.WeekPattern;
import humblequill.core.topic.coverage.FreshnessRule;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;

/**
 * The learner's settings as read and written.
 *
 * @param version counts changes; a write with an older one is refused
 * @param started false until the first start has been answered
 * @param whatFor what all this is for, in the learner's words; shown again when energy is low
 */
public record Settings(
    long version,
    boolean started,
    @NotNull @Size(max = 400) String whatFor,
    @NotNull @Valid TimeSettings time,
    @NotNull @Valid CountingSettings counting,
    @NotNull @Valid WorkSettings work,
    @NotNull @Valid TopicSettings topics,
    @NotNull @Valid LookSettings look) {

  /**
   * When there is time to draw.
   *
   * @param zone the zone the learner lives in, as in {@code Europe/Lisbon}
   * @param weekStart first day of the week
   * @param rolloverHour hour at which the next practice day begins, 0 to 12
   * @param week minutes and rest by weekday, seven of them; a change holds from today on
   * @param dayMinutes minutes for single dates
   * @param restDays single planned rest days; new ones must not lie in the past
   * @param pauses paused spans with their reason; they may be entered afterwards
   */
  public record TimeSettings(
      @NotNull @Size(max = 60) String zone,
      @NotNull DayOfWeek weekStart,
      @Min(0) @Max(12) int rolloverHour,
      @NotNull @Size(min = 7, max = 7) List<@Valid @NotNull Weekday> week,
      @NotNull @Size(max = 2000) List<@Valid @NotNull DayMinutes> dayMinutes,
      @NotNull @Size(max = 4000) List<@NotNull LocalDate> restDays,
      @NotNull @Size(max = 500) List<@Valid @NotNull PauseSpan> pauses) {}

  /**
   * What is counted.
   *
   * @param school of counting days
   * @param daysPerWeek n of the weekly rhythm, 1 to 7
   * @param floorMinutes minutes from which a day counts; 0 means any entry
   * @param ownFigure what the learner counts beside the drawings; empty without
   */
  public record CountingSettings(
      @NotNull School school,
      @Min(1) @Max(7) int daysPerWeek,
      @Min(0) @Max(240) int floorMinutes,
      @NotNull
          @Size(max = OwnFigure.LONGEST_NAME)
          @Pattern(regexp = "[^\\r\\n]*", message = "ground.noLineEnd")
          String ownFigure) {}

  /**
   * How a day is divided.
   *
   * @param overheadMinutes setting up, warming up and choosing references, per drawing day
   * @param overheadByHand whether that figure holds in any case; otherwise it holds until sittings
   *     tell better
   * @param freePercent part of each day kept for drawing what one likes, 0 to 90
   * @param dayOrder order of work in a day
   */
  public record WorkSettings(
      @Min(0) @Max(120) int overheadMinutes,
      boolean overheadByHand,
      @Min(0) @Max(90) int freePercent,
      @NotNull DayOrder dayOrder) {}

  /**
   * How topics fade.
   *
   * @param halfLifeDays days after which a topic practised once is half as fresh
   * @param fadingPercent freshness below which a topic is fading; above rusty
   * @param rustyPercent freshness below which a topic is rusty
   * @param rustSaid whether Today says what is rusty and will be needed
   */
  public record TopicSettings(
      @Min(FreshnessRule.SHORTEST) @Max(FreshnessRule.LONGEST) int halfLifeDays,
      @Min(2) @Max(99) int fadingPercent,
      @Min(1) @Max(98) int rustyPercent,
      boolean rustSaid) {}

  /**
   * How pages look.
   *
   * @param locale language tag that dates and numbers follow
   * @param theme light, night, or as the machine says
   */
  public record LookSettings(@NotNull @Size(max = 35) String locale, @NotNull Theme theme) {}

  /** The colours of pages. */
  public enum Theme {
    /** As the machine says. */
    SYSTEM,
    /** Ink on paper. */
    LIGHT,
    /** Chalk on slate. */
    NIGHT
  }

  /** Minutes and rest of one weekday. */
  public record Weekday(
      @NotNull DayOfWeek day, @Min(0) @Max(WeekPattern.MAX_MINUTES) int minutes, boolean rest) {}

  /** Minutes of one date. */
  public record DayMinutes(
      @NotNull LocalDate day, @Min(0) @Max(WeekPattern.MAX_MINUTES) int minutes) {}

  /** A paused span; both days belong to it. */
  public record PauseSpan(
      @NotNull LocalDate from, @NotNull LocalDate to, @NotNull @Size(max = 200) String reason) {}
}
