package humblequill.core.ground.calendar;

import humblequill.core.ground.message.InvalidException;
import humblequill.core.ground.message.Message;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * Minutes and rest by weekday, valid from a date on until the next pattern begins. A change of
 * habit therefore never rewrites the weeks already lived.
 *
 * @param from first date it holds for
 * @param minutes minutes available per weekday, 0 to 960; a missing weekday has 0
 * @param rest weekdays planned as rest; they have no room and are neutral in every streak
 */
public record WeekPattern(LocalDate from, Map<DayOfWeek, Integer> minutes, Set<DayOfWeek> rest) {
  /** The most minutes that a single day can be given. */
  public static final int MAX_MINUTES = 960;

  public WeekPattern {
    Objects.requireNonNull(from, "from");
    minutes.forEach((day, value) -> checkMinutes(day.toString(), value));
    minutes = Map.copyOf(minutes);
    rest = Set.copyOf(rest);
  }

  static void checkMinutes(String what, int minutes) {
    if (minutes < 0 || minutes > MAX_MINUTES) {
      throw new InvalidException(
          Message.of("ground.minutesOfDay", "day", what, "most", MAX_MINUTES, "minutes", minutes));
    }
  }

  /** The same minutes on every weekday, none of them rest. */
  public static WeekPattern everyDay(LocalDate from, int minutes) {
    var byDay = new EnumMap<DayOfWeek, Integer>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      byDay.put(day, minutes);
    }
    return new WeekPattern(from, byDay, EnumSet.noneOf(DayOfWeek.class));
  }

  /** How many weekdays are not rest. */
  public int drawingDays() {
    return DayOfWeek.values().length - rest.size();
  }

  /** The same from a date on with other minutes on a weekday; 0 makes it a rest day. */
  public WeekPattern with(DayOfWeek day, int otherMinutes, LocalDate since) {
    var then = new EnumMap<DayOfWeek, Integer>(DayOfWeek.class);
    then.putAll(minutes);
    then.put(day, otherMinutes);
    var otherRest = new HashSet<>(rest);
    if (otherMinutes == 0) {
      otherRest.add(day);
    }
    return new WeekPattern(since, then, otherRest);
  }

  /** Minutes available on a weekday. */
  public int minutesOn(DayOfWeek day) {
    return rest.contains(day) ? 0 : minutes.getOrDefault(day, 0);
  }
}
