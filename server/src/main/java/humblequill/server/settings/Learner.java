package humblequill.server.settings;

import humblequill.core.calendar.Availability;
import humblequill.core.calendar.PracticeClock;
import humblequill.core.calendar.WeekPattern;
import humblequill.core.coverage.FreshnessRule;
import humblequill.core.plan.DayOrder;
import humblequill.core.plan.DayRoom;
import humblequill.core.quota.DrawingDays;
import humblequill.core.streak.EveryDay;
import humblequill.core.streak.NeverTwice;
import humblequill.core.streak.StreakRule;
import humblequill.core.streak.WeeklyRhythm;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
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
    PracticeClock clock,
    Availability availability,
    DayOfWeek weekStart,
    Settings.StreakChoice streakChoice,
    int streakDaysPerWeek,
    int streakFloorMinutes,
    int overheadMinutes,
    double freeShare,
    DayOrder dayOrder,
    FreshnessRule freshness,
    boolean rustSaid,
    Optional<String> ownFigure) {
  /** The same learner at another moment. */
  Learner at(Instant moment) {
    return new Learner(
        clock.practiceDay(moment),
        moment,
        clock,
        availability,
        weekStart,
        streakChoice,
        streakDaysPerWeek,
        streakFloorMinutes,
        overheadMinutes,
        freeShare,
        dayOrder,
        freshness,
        rustSaid,
        ownFigure);
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
    return having(new Availability(List.of(pattern), Map.of(), Set.of(), List.of()), freeShare);
  }

  /** The same learner with other minutes on a weekday from today on; 0 makes it a rest day. */
  public Learner having(DayOfWeek day, int minutes) {
    var now = availability.patternOn(today);
    var then = new EnumMap<DayOfWeek, Integer>(DayOfWeek.class);
    then.putAll(now.minutes());
    then.put(day, minutes);
    var rest = new HashSet<>(now.rest());
    if (minutes == 0) {
      rest.add(day);
    }
    var patterns = new ArrayList<>(availability.patterns());
    patterns.add(new WeekPattern(today, then, rest));
    return having(
        new Availability(
            patterns, availability.overrides(), availability.restDays(), availability.pauses()),
        freeShare);
  }

  /** The same learner who keeps another part of each day for drawing freely. */
  public Learner keepingFree(int percent) {
    return having(availability, percent / 100.0);
  }

  private Learner having(Availability otherDays, double otherFreeShare) {
    return new Learner(
        today,
        now,
        clock,
        otherDays,
        weekStart,
        streakChoice,
        streakDaysPerWeek,
        streakFloorMinutes,
        overheadMinutes,
        otherFreeShare,
        dayOrder,
        freshness,
        rustSaid,
        ownFigure);
  }

  /** The days on which drawing is planned. */
  public DrawingDays drawingDays() {
    return DrawingDays.of(availability);
  }

  /** The rule of the school the learner picked. */
  public StreakRule streakRule() {
    return rule(streakChoice);
  }

  /** The rule of any school, with the learner's numbers. */
  public StreakRule rule(Settings.StreakChoice choice) {
    return switch (choice) {
      case EVERY_DAY -> new EveryDay();
      case NEVER_TWICE -> new NeverTwice();
      case WEEKLY_RHYTHM -> new WeeklyRhythm(streakDaysPerWeek);
    };
  }

  /** The room of one date. */
  public DayRoom room(LocalDate date) {
    return new DayRoom(date, availability.minutesOn(date), overheadMinutes, freeShare);
  }

  /** The rooms of consecutive dates, both ends included. */
  public List<DayRoom> rooms(LocalDate from, LocalDate to) {
    return Stream.iterate(from, d -> !d.isAfter(to), d -> d.plusDays(1)).map(this::room).toList();
  }
}
