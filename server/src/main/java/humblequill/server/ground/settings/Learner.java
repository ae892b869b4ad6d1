package humblequill.server.ground.settings;

import humblequill.core.course.plan.DayRoom;
import humblequill.core.course.plan.DayWork;
import humblequill.core.day.streak.Counting;
import humblequill.core.ground.calendar.Availability;
import humblequill.core.ground.calendar.PracticeClock;
import humblequill.core.ground.calendar.PracticeTime;
import humblequill.core.ground.calendar.WeekPattern;
import humblequill.core.promise.DrawingDays;
import humblequill.core.topic.coverage.FreshnessRule;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The learner as the rules know them, at one moment.
 *
 * @param today the open practice day
 * @param now the moment itself
 * @param freshness how fast topics fade
 * @param rustSaid whether Today says what is rusty and will be needed
 * @param ownFigure what the learner counts beside the drawings
 */
public record Learner(
    LocalDate today,
    Instant now,
    PracticeTime time,
    Counting counting,
    DayWork work,
    FreshnessRule freshness,
    boolean rustSaid,
    Optional<String> ownFigure) {
  /** The same learner at another moment. */
  Learner at(Instant moment) {
    return new Learner(
        clock().practiceDay(moment), moment, time, counting, work, freshness, rustSaid, ownFigure);
  }

  /**
   * The same learner with these minutes and nothing else on the calendar.
   *
   * @param week minutes from Monday on, seven of them
   */
  public Learner having(List<Integer> week) {
    var minutes = new EnumMap<DayOfWeek, Integer>(DayOfWeek.class);
    for (var day : DayOfWeek.values()) {
      minutes.put(day, week.get(day.ordinal()));
    }
    var pattern = new WeekPattern(LocalDate.EPOCH, minutes, Set.of());
    return having(new Availability(List.of(pattern), Map.of(), Set.of(), List.of()));
  }

  /** The same learner with other minutes on a weekday from today on; 0 makes it a rest day. */
  public Learner having(DayOfWeek day, int minutes) {
    return having(availability().with(week().with(day, minutes, today)));
  }

  /** The same learner who keeps another part of each day for drawing freely. */
  public Learner keepingFree(int percent) {
    return with(time, work.withFreeShare(percent / 100.0));
  }

  /** The same learner whom setting up costs other minutes a drawing day. */
  Learner settingUp(int minutes) {
    return with(time, work.withOverhead(minutes));
  }

  private Learner having(Availability other) {
    return with(time.with(other), work);
  }

  private Learner with(PracticeTime otherTime, DayWork otherWork) {
    return new Learner(today, now, otherTime, counting, otherWork, freshness, rustSaid, ownFigure);
  }

  /** Where a practice day begins and ends. */
  public PracticeClock clock() {
    return time.clock();
  }

  /** Minutes, rest and pauses. */
  public Availability availability() {
    return time.availability();
  }

  /** First day of the learner's week. */
  public DayOfWeek weekStart() {
    return time.weekStart();
  }

  /** The usual week as it is planned today. */
  public WeekPattern week() {
    return availability().patternOn(today);
  }

  /** Whether one more rest day a week leaves the days that the school of counting asks for. */
  public boolean hasDayToSpare() {
    return counting.rule().daysAskedForInAWeek() < week().drawingDays();
  }

  /** The days on which drawing is planned. */
  public DrawingDays drawingDays() {
    return DrawingDays.of(availability());
  }

  /** The room of one date. */
  public DayRoom room(LocalDate date) {
    return work.room(availability(), date);
  }

  /** The rooms of consecutive dates, both ends included. */
  public List<DayRoom> rooms(LocalDate from, LocalDate to) {
    return Stream.iterate(from, d -> !d.isAfter(to), d -> d.plusDays(1)).map(this::room).toList();
  }
}
