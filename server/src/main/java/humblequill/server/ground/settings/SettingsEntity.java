package humblequill.server.ground.settings;

import humblequill.core.course.plan.DayOrder;
import humblequill.core.day.streak.School;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** The one row of settings with its lists. */
@Entity
@Table(name = "settings")
class SettingsEntity {
  static final int ONLY = 1;

  @Id int id = ONLY;
  @Version long version;
  String zone = "UTC";
  String locale = "en";

  @Enumerated(EnumType.STRING)
  DayOfWeek weekStart = DayOfWeek.MONDAY;

  int rolloverHour = 3;

  @Enumerated(EnumType.STRING)
  School streakRule = School.NEVER_TWICE;

  int streakDaysPerWeek = 5;
  int streakFloorMinutes;
  int overheadMinutes = 10;
  boolean overheadByHand;
  String whatFor = "";
  int freePercent = 20;
  int halfLifeDays = 45;
  int fadingPercent = 70;
  int rustyPercent = 50;
  boolean rustSaid = true;
  String ownFigure = "";

  @Enumerated(EnumType.STRING)
  DayOrder dayOrder = DayOrder.LESSON_FIRST;

  @Enumerated(EnumType.STRING)
  Settings.Theme theme = Settings.Theme.SYSTEM;

  @ElementCollection
  @CollectionTable(name = "settings_pattern", joinColumns = @JoinColumn(name = "settings_id"))
  Set<PatternDay> pattern = new HashSet<>();

  @ElementCollection
  @CollectionTable(name = "settings_day_minutes", joinColumns = @JoinColumn(name = "settings_id"))
  @MapKeyColumn(name = "practice_day")
  @Column(name = "minutes")
  Map<LocalDate, Integer> dayMinutes = new HashMap<>();

  @ElementCollection
  @CollectionTable(name = "settings_rest_day", joinColumns = @JoinColumn(name = "settings_id"))
  @Column(name = "practice_day")
  Set<LocalDate> restDays = new HashSet<>();

  @ElementCollection
  @CollectionTable(name = "settings_pause", joinColumns = @JoinColumn(name = "settings_id"))
  Set<PauseSpan> pauses = new HashSet<>();

  /** Minutes of one weekday from a date on. */
  @Embeddable
  record PatternDay(
      LocalDate fromDay,
      @Enumerated(EnumType.STRING) DayOfWeek weekday,
      int minutes,
      boolean rest) {}

  /** A paused span. */
  @Embeddable
  record PauseSpan(LocalDate fromDay, LocalDate toDay, String reason) {}
}
