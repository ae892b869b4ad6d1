package humblequill.server.settings;

import humblequill.core.calendar.Availability;
import humblequill.core.calendar.Pause;
import humblequill.core.calendar.PracticeClock;
import humblequill.core.calendar.WeekPattern;
import humblequill.core.coverage.FreshnessRule;
import humblequill.core.plan.DayOrder;
import humblequill.server.data.Memory;
import humblequill.server.data.Remembered;
import humblequill.server.edge.Refusal;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
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
    this.known = memory.remember("settings");
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
    return known().learner().at(clock.instant());
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
      throw Refusal.stale("settings page", toSettings(stored.get(), true));
    }
    var entity = stored.orElseGet(SettingsService::defaults);
    entity.zone = wanted.zone();
    entity.rolloverHour = wanted.rolloverHour();
    var today =
        new PracticeClock(ZoneId.of(wanted.zone()), wanted.rolloverHour())
            .practiceDay(clock.instant());
    checkRestDays(wanted, entity, today);
    entity.locale = wanted.locale();
    entity.weekStart = wanted.weekStart();
    entity.streakRule = wanted.streakRule();
    entity.streakDaysPerWeek = wanted.streakDaysPerWeek();
    entity.streakFloorMinutes = wanted.streakFloorMinutes();
    entity.overheadMinutes = wanted.overheadMinutes();
    entity.overheadByHand = wanted.overheadByHand();
    entity.whatFor = wanted.whatFor().strip();
    entity.freePercent = wanted.freePercent();
    entity.halfLifeDays = wanted.halfLifeDays();
    entity.fadingPercent = wanted.fadingPercent();
    entity.rustyPercent = wanted.rustyPercent();
    entity.rustSaid = wanted.rustSaid();
    entity.ownFigure = wanted.ownFigure().strip();
    entity.dayOrder = wanted.dayOrder();
    entity.theme = wanted.theme();
    changeWeek(entity, wanted.week(), stored.isPresent() ? today : LocalDate.EPOCH);
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
    known.changed();
    return toSettings(repository.saveAndFlush(entity), true);
  }

  /** Tells that the running transaction changes what setting up costs. */
  public void setUpChanged() {
    known.changed();
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

  /** Plans other minutes on a weekday from today on; 0 makes it a rest day. */
  @Transactional
  public void planWeekday(DayOfWeek day, int minutes) {
    var today = learner().today();
    change(
        entity ->
            changeWeek(
                entity,
                current(entity).stream()
                    .map(
                        p ->
                            p.weekday() == day
                                ? new Settings.Weekday(day, minutes, minutes == 0 || p.rest())
                                : new Settings.Weekday(p.weekday(), p.minutes(), p.rest()))
                    .toList(),
                today));
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
    known.changed();
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
    try {
      ZoneId.of(wanted.zone());
    } catch (DateTimeException e) {
      throw Refusal.badValue(
          "zone", wanted.zone(), "There is no time zone \"" + wanted.zone() + "\".");
    }
    if (!isLanguageTag(wanted.locale())) {
      throw Refusal.badValue(
          "locale",
          wanted.locale(),
          "\"" + wanted.locale() + "\" is not a language tag such as en-GB.");
    }
    if (wanted.rustyPercent() >= wanted.fadingPercent()) {
      throw Refusal.badValue(
          "rustyPercent",
          wanted.rustyPercent(),
          "Rusty below %d %% must be less than fading below %d %%."
              .formatted(wanted.rustyPercent(), wanted.fadingPercent()));
    }
    var days = EnumSet.noneOf(DayOfWeek.class);
    wanted.week().forEach(w -> days.add(w.day()));
    if (days.size() != 7) {
      throw Refusal.badValue(
          "week",
          wanted.week().stream().map(Settings.Weekday::day).toList(),
          "week needs each weekday once.");
    }
    long drawing = wanted.week().stream().filter(w -> !w.rest()).count();
    if (wanted.streakRule() == Settings.StreakChoice.WEEKLY_RHYTHM
        && wanted.streakDaysPerWeek() > drawing) {
      throw Refusal.badValue(
          "streakDaysPerWeek",
          wanted.streakDaysPerWeek(),
          "A rhythm of "
              + wanted.streakDaysPerWeek()
              + " days a week cannot be kept with "
              + drawing
              + " days that are not rest.");
    }
    var single = new HashSet<LocalDate>();
    for (var day : wanted.dayMinutes()) {
      if (!single.add(day.day())) {
        throw Refusal.badValue(
            "dayMinutes", day.day(), "dayMinutes names " + day.day() + " twice.");
      }
    }
    for (var pause : wanted.pauses()) {
      if (pause.to().isBefore(pause.from())) {
        throw Refusal.badValue(
            "pauses",
            pause.to(),
            "The pause from " + pause.from() + " ends before it begins, on " + pause.to() + ".");
      }
    }
  }

  private static void checkRestDays(Settings wanted, SettingsEntity entity, LocalDate today) {
    for (var day : wanted.restDays()) {
      if (day.isBefore(today) && !entity.restDays.contains(day)) {
        throw Refusal.badValue(
            "restDays",
            day,
            "A rest day is planned ahead; "
                + day
                + " has passed. For days that illness or travel took, enter a pause.");
      }
    }
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
    var week =
        current(entity).stream()
            .sorted(Comparator.comparing(SettingsEntity.PatternDay::weekday))
            .map(p -> new Settings.Weekday(p.weekday(), p.minutes(), p.rest()))
            .toList();
    return new Settings(
        entity.version,
        started,
        entity.zone,
        entity.locale,
        entity.weekStart,
        entity.rolloverHour,
        entity.streakRule,
        entity.streakDaysPerWeek,
        entity.streakFloorMinutes,
        entity.overheadMinutes,
        entity.overheadByHand,
        entity.freePercent,
        entity.dayOrder,
        entity.theme,
        week,
        new TreeMap<>(entity.dayMinutes)
            .entrySet().stream()
                .map(e -> new Settings.DayMinutes(e.getKey(), e.getValue()))
                .toList(),
        entity.restDays.stream().sorted().toList(),
        entity.pauses.stream()
            .map(p -> new Settings.PauseSpan(p.fromDay(), p.toDay(), p.reason()))
            .sorted(Comparator.comparing(Settings.PauseSpan::from))
            .toList(),
        entity.whatFor,
        entity.halfLifeDays,
        entity.fadingPercent,
        entity.rustyPercent,
        entity.rustSaid,
        entity.ownFigure);
  }

  private Learner toLearner(SettingsEntity entity, Instant now) {
    var practiceClock = new PracticeClock(ZoneId.of(entity.zone), entity.rolloverHour);
    return new Learner(
        practiceClock.practiceDay(now),
        now,
        practiceClock,
        new Availability(
            patterns(entity),
            entity.dayMinutes,
            entity.restDays,
            entity.pauses.stream()
                .map(p -> new Pause(p.fromDay(), p.toDay(), p.reason()))
                .toList()),
        entity.weekStart,
        entity.streakRule,
        entity.streakDaysPerWeek,
        entity.streakFloorMinutes,
        entity.overheadByHand ? entity.overheadMinutes : setUp.minutes(entity.overheadMinutes),
        entity.freePercent / 100.0,
        entity.dayOrder,
        new FreshnessRule(
            entity.halfLifeDays, entity.fadingPercent / 100.0, entity.rustyPercent / 100.0),
        entity.rustSaid,
        Optional.of(entity.ownFigure).filter(name -> !name.isEmpty()));
  }

  private static List<WeekPattern> patterns(SettingsEntity entity) {
    var byStart =
        entity.pattern.stream().collect(Collectors.groupingBy(SettingsEntity.PatternDay::fromDay));
    var patterns = new ArrayList<WeekPattern>();
    byStart.forEach(
        (from, days) -> {
          var minutes = new EnumMap<DayOfWeek, Integer>(DayOfWeek.class);
          days.forEach(d -> minutes.put(d.weekday(), d.minutes()));
          var rest =
              days.stream()
                  .filter(SettingsEntity.PatternDay::rest)
                  .map(SettingsEntity.PatternDay::weekday)
                  .collect(Collectors.toSet());
          patterns.add(new WeekPattern(from, minutes, rest));
        });
    return patterns;
  }
}
