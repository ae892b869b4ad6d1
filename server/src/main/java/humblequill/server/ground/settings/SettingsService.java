package humblequill.server.ground.settings;

import humblequill.core.course.plan.DayOrder;
import humblequill.core.course.plan.DayWork;
import humblequill.core.day.streak.Counting;
import humblequill.core.ground.calendar.Availability;
import humblequill.core.ground.calendar.Pause;
import humblequill.core.ground.calendar.PracticeClock;
import humblequill.core.ground.calendar.PracticeTime;
import humblequill.core.ground.calendar.WeekPattern;
import humblequill.core.ground.message.Message;
import humblequill.core.topic.coverage.FreshnessRule;
import humblequill.server.ground.data.Memory;
import humblequill.server.ground.data.Remembered;
import humblequill.server.ground.edge.Refusal;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.IllformedLocaleException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads and changes the settings. */
@Service
public class SettingsService {
  private static final int FIRST_MINUTES = 30;

  private final SettingsRepository repository;
  private final LearnedSetUp setUp;
  private final Clock clock;

  /** Every page needs them. */
  private final Remembered<Known> known;

  SettingsService(SettingsRepository repository, LearnedSetUp setUp, Memory memory, Clock clock) {
    this.known = memory.remember("settings", SettingsEntity.class);
    this.repository = repository;
    this.setUp = setUp;
    this.clock = clock;
  }

  /** The settings as the learner wrote them, and as the rules know them. */
  private record Known(Settings settings, Learner learner) {}

  private Known known() {
    return known.get(
        () -> {
          var stored = repository.findById(SettingsEntity.ONLY);
          var entity = stored.orElseGet(SettingsService::defaults);
          return new Known(
              toSettings(entity, stored.isPresent()), toLearner(entity, clock.instant()));
        });
  }

  /** The settings as they are; defaults before the first start. */
  @Transactional(readOnly = true)
  public Settings read() {
    return known().settings();
  }

  /** The learner as the rules know them, now. */
  @Transactional(readOnly = true)
  public Learner learner() {
    var known = known();
    var work = known.settings().work();
    var learner = known.learner().at(clock.instant());
    return work.overheadByHand()
        ? learner
        : learner.settingUp(setUp.minutes(work.overheadMinutes()));
  }

  /**
   * Stores settings as a whole; a changed week holds from today on, so that earlier weeks stay as
   * they were.
   */
  @Transactional
  public Settings write(Settings wanted) {
    check(wanted);
    var stored = repository.findById(SettingsEntity.ONLY);
    if (stored.isPresent() && stored.get().version != wanted.version()) {
      throw Refusal.stale("settings", toSettings(stored.get(), true));
    }
    var entity = stored.orElseGet(SettingsService::defaults);
    writeTime(entity, wanted.time(), stored.isPresent());
    var counting = wanted.counting();
    entity.streakRule = counting.school();
    entity.streakDaysPerWeek = counting.daysPerWeek();
    entity.streakFloorMinutes = counting.floorMinutes();
    entity.ownFigure = counting.ownFigure().strip();
    var work = wanted.work();
    entity.overheadMinutes = work.overheadMinutes();
    entity.overheadByHand = work.overheadByHand();
    entity.freePercent = work.freePercent();
    entity.dayOrder = work.dayOrder();
    var topics = wanted.topics();
    entity.halfLifeDays = topics.halfLifeDays();
    entity.fadingPercent = topics.fadingPercent();
    entity.rustyPercent = topics.rustyPercent();
    entity.rustSaid = topics.rustSaid();
    entity.whatFor = wanted.whatFor().strip();
    entity.locale = wanted.look().locale();
    entity.theme = wanted.look().theme();
    checkRhythm(entity);
    return toSettings(repository.saveAndFlush(entity), true);
  }

  private void writeTime(SettingsEntity entity, Settings.TimeSettings wanted, boolean started) {
    entity.zone = wanted.zone();
    entity.rolloverHour = wanted.rolloverHour();
    var today =
        new PracticeClock(ZoneId.of(wanted.zone()), wanted.rolloverHour())
            .practiceDay(clock.instant());
    checkRestDays(wanted, entity, today);
    entity.weekStart = wanted.weekStart();
    changeWeek(entity, wanted.week(), started ? today : LocalDate.EPOCH);
    replace(
        entity.dayMinutes,
        wanted.dayMinutes().stream()
            .collect(Collectors.toMap(Settings.DayMinutes::day, Settings.DayMinutes::minutes)));
    entity.restDays.retainAll(wanted.restDays());
    entity.restDays.addAll(wanted.restDays());
    var pauses =
        wanted.pauses().stream()
            .map(p -> new SettingsEntity.PauseSpan(p.from(), p.to(), p.reason().strip()))
            .collect(Collectors.toSet());
    entity.pauses.retainAll(pauses);
    entity.pauses.addAll(pauses);
  }

  /**
   * Keeps another part of each day for drawing what one likes.
   *
   * @param percent 0 to 90
   */
  @Transactional
  public void keepFree(int percent) {
    change(entity -> entity.freePercent = percent);
  }

  /** Takes the lesson or timed poses first from now on. */
  @Transactional
  public void orderDays(DayOrder order) {
    change(entity -> entity.dayOrder = order);
  }

  /**
   * Plans other minutes on a weekday from today on; 0 makes it a rest day, which is refused where
   * the school of counting needs the day.
   */
  @Transactional
  public void planWeekday(DayOfWeek day, int minutes) {
    var today = learner().today();
    change(
        entity -> {
          changeWeek(
              entity, weekdays(pattern(today, current(entity)).with(day, minutes, today)), today);
          checkRhythm(entity);
        });
  }

  /** Adds a pause to the settings as they are. */
  @Transactional
  public void pause(LocalDate from, LocalDate to, String reason) {
    change(entity -> entity.pauses.add(new SettingsEntity.PauseSpan(from, to, reason)));
  }

  /** Takes a pause out of the settings; one that is not there stays so. */
  @Transactional
  public void resume(LocalDate from, LocalDate to, String reason) {
    change(entity -> entity.pauses.remove(new SettingsEntity.PauseSpan(from, to, reason)));
  }

  private void change(Consumer<SettingsEntity> change) {
    var entity = repository.findById(SettingsEntity.ONLY).orElseGet(SettingsService::defaults);
    change.accept(entity);
    repository.saveAndFlush(entity);
  }

  private static void replace(Map<LocalDate, Integer> stored, Map<LocalDate, Integer> wanted) {
    stored.keySet().retainAll(wanted.keySet());
    stored.putAll(wanted);
  }

  /** By the rules that browsers go by, which refuse what is not well formed (RFC 5646, 2.2.9). */
  private static boolean isLanguageTag(String tag) {
    try {
      var locale = new Locale.Builder().setLanguageTag(tag).build();
      var variants =
          Stream.of(tag.toLowerCase(Locale.ROOT).split("-")).filter(p -> p.length() > 4).toList();
      return !locale.getLanguage().isEmpty() && Set.copyOf(variants).size() == variants.size();
    } catch (IllformedLocaleException e) {
      return false;
    }
  }

  private static void check(Settings wanted) {
    var time = wanted.time();
    try {
      ZoneId.of(time.zone());
    } catch (DateTimeException e) {
      throw Refusal.badValue(
          "time.zone", time.zone(), Message.of("ground.noTimeZone", "zone", time.zone()));
    }
    var locale = wanted.look().locale();
    if (!isLanguageTag(locale)) {
      throw Refusal.badValue(
          "look.locale", locale, Message.of("ground.noLanguageTag", "tag", locale));
    }
    var topics = wanted.topics();
    if (topics.rustyPercent() >= topics.fadingPercent()) {
      throw Refusal.badValue(
          "topics.rustyPercent",
          topics.rustyPercent(),
          Message.of(
              "ground.rustyBelowFading",
              "rusty",
              topics.rustyPercent(),
              "fading",
              topics.fadingPercent()));
    }
    var days = EnumSet.noneOf(DayOfWeek.class);
    time.week().forEach(w -> days.add(w.day()));
    if (days.size() != 7) {
      throw Refusal.badValue(
          "time.week",
          time.week().stream().map(Settings.Weekday::day).toList(),
          Message.of("ground.weekdaysOnce"));
    }
    var single = new HashSet<LocalDate>();
    for (var day : time.dayMinutes()) {
      if (!single.add(day.day())) {
        throw Refusal.badValue(
            "time.dayMinutes", day.day(), Message.of("ground.weekdayTwice", "day", day.day()));
      }
    }
    for (var pause : time.pauses()) {
      if (pause.to().isBefore(pause.from())) {
        throw Refusal.badValue(
            "time.pauses",
            pause.to(),
            Message.of("ground.pauseEndsEarly", "from", pause.from(), "to", pause.to()));
      }
    }
  }

  private static void checkRestDays(
      Settings.TimeSettings wanted, SettingsEntity entity, LocalDate today) {
    for (var day : wanted.restDays()) {
      if (day.isBefore(today) && !entity.restDays.contains(day)) {
        throw Refusal.badValue("time.restDays", day, Message.of("ground.restInPast", "day", day));
      }
    }
  }

  private static void checkRhythm(SettingsEntity entity) {
    var week = pattern(LocalDate.EPOCH, current(entity));
    if (!counting(entity).fits(week)) {
      throw Refusal.badValue(
          "counting.daysPerWeek",
          entity.streakDaysPerWeek,
          Message.of(
              "ground.rhythmTooDense",
              "asked",
              entity.streakDaysPerWeek,
              "drawing",
              week.drawingDays()));
    }
  }

  private static Counting counting(SettingsEntity entity) {
    return new Counting(entity.streakRule, entity.streakDaysPerWeek, entity.streakFloorMinutes);
  }

  private static void changeWeek(
      SettingsEntity entity, List<Settings.Weekday> week, LocalDate from) {
    var wanted =
        week.stream()
            .map(w -> new SettingsEntity.PatternDay(from, w.day(), w.minutes(), w.rest()))
            .collect(Collectors.toSet());
    var inForce =
        current(entity).stream()
            .map(p -> new SettingsEntity.PatternDay(from, p.weekday(), p.minutes(), p.rest()))
            .collect(Collectors.toSet());
    if (from.equals(LocalDate.EPOCH)) {
      entity.pattern.clear();
      entity.pattern.addAll(wanted);
    } else if (!wanted.equals(inForce)) {
      entity.pattern.removeIf(p -> p.fromDay().equals(from));
      entity.pattern.addAll(wanted);
    }
  }

  private static List<SettingsEntity.PatternDay> current(SettingsEntity entity) {
    var last =
        entity.pattern.stream()
            .map(SettingsEntity.PatternDay::fromDay)
            .max(Comparator.naturalOrder())
            .orElseThrow();
    return entity.pattern.stream().filter(p -> p.fromDay().equals(last)).toList();
  }

  private static SettingsEntity defaults() {
    var entity = new SettingsEntity();
    entity.zone = ZoneId.systemDefault().getId();
    for (var day : DayOfWeek.values()) {
      entity.pattern.add(new SettingsEntity.PatternDay(LocalDate.EPOCH, day, FIRST_MINUTES, false));
    }
    return entity;
  }

  private static Settings toSettings(SettingsEntity entity, boolean started) {
    return new Settings(
        entity.version,
        started,
        entity.whatFor,
        timeSettings(entity),
        new Settings.CountingSettings(
            entity.streakRule,
            entity.streakDaysPerWeek,
            entity.streakFloorMinutes,
            entity.ownFigure),
        new Settings.WorkSettings(
            entity.overheadMinutes, entity.overheadByHand, entity.freePercent, entity.dayOrder),
        new Settings.TopicSettings(
            entity.halfLifeDays, entity.fadingPercent, entity.rustyPercent, entity.rustSaid),
        new Settings.LookSettings(entity.locale, entity.theme));
  }

  private static Settings.TimeSettings timeSettings(SettingsEntity entity) {
    return new Settings.TimeSettings(
        entity.zone,
        entity.weekStart,
        entity.rolloverHour,
        weekdays(pattern(LocalDate.EPOCH, current(entity))),
        new TreeMap<>(entity.dayMinutes)
            .entrySet().stream()
                .map(e -> new Settings.DayMinutes(e.getKey(), e.getValue()))
                .toList(),
        entity.restDays.stream().sorted().toList(),
        entity.pauses.stream()
            .map(p -> new Settings.PauseSpan(p.fromDay(), p.toDay(), p.reason()))
            .sorted(Comparator.comparing(Settings.PauseSpan::from))
            .toList());
  }

  private Learner toLearner(SettingsEntity entity, Instant now) {
    var practiceClock = new PracticeClock(ZoneId.of(entity.zone), entity.rolloverHour);
    var availability =
        new Availability(
            patterns(entity),
            entity.dayMinutes,
            entity.restDays,
            entity.pauses.stream()
                .map(p -> new Pause(p.fromDay(), p.toDay(), p.reason()))
                .toList());
    return new Learner(
        practiceClock.practiceDay(now),
        now,
        new PracticeTime(practiceClock, availability, entity.weekStart),
        counting(entity),
        new DayWork(entity.overheadMinutes, entity.freePercent / 100.0, entity.dayOrder),
        new FreshnessRule(
            entity.halfLifeDays, entity.fadingPercent / 100.0, entity.rustyPercent / 100.0),
        entity.rustSaid,
        Optional.of(entity.ownFigure).filter(name -> !name.isEmpty()));
  }

  private static List<WeekPattern> patterns(SettingsEntity entity) {
    var byStart =
        entity.pattern.stream().collect(Collectors.groupingBy(SettingsEntity.PatternDay::fromDay));
    return byStart.entrySet().stream().map(e -> pattern(e.getKey(), e.getValue())).toList();
  }

  private static WeekPattern pattern(LocalDate from, List<SettingsEntity.PatternDay> days) {
    var minutes = new EnumMap<DayOfWeek, Integer>(DayOfWeek.class);
    days.forEach(d -> minutes.put(d.weekday(), d.minutes()));
    var rest =
        days.stream()
            .filter(SettingsEntity.PatternDay::rest)
            .map(SettingsEntity.PatternDay::weekday)
            .collect(Collectors.toSet());
    return new WeekPattern(from, minutes, rest);
  }

  private static List<Settings.Weekday> weekdays(WeekPattern week) {
    return Stream.of(DayOfWeek.values())
        .map(d -> new Settings.Weekday(d, week.minutes().get(d), week.rest().contains(d)))
        .toList();
  }
}
